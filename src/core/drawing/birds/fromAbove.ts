import type { BirdLook } from './look';
import { bothSides, type Part, smooth, stroke } from './outline';
import type { OutlinePoint } from './silhouettes.data';

/** From above, beak up the page: wings folded over her back, a fan of tail. */
export function fromAbove(look: BirdLook): Part[] {
  const isDuck = look.build === 'duck';
  const fan = isDuck ? 14 : look.cock ? 24 : 19;
  const body = bothSides([
    [50, 0, isDuck ? undefined : 'corner'],
    ...(isDuck
      ? ([
          [60, 1],
          [60, 6],
        ] as OutlinePoint[])
      : ([[57, 4.5, 'corner']] as OutlinePoint[])),
    [67, 8],
    [69, 14],
    [68, 20],
    [77, 27],
    [93, 36],
    [100, 48],
    [98, 60],
    [88, 71],
    [78, 80],
    [50 + fan + 8, 88],
    [50 + fan + 4, 95],
    [50 + fan, 98, 'corner'],
    [50, 100],
  ]);
  const wing = (side: 1 | -1): Part => ({
    pen: 'birdLine',
    commands: smooth(
      [
        [50 + side * 30, 31],
        [50 + side * 24, 44],
        [50 + side * 13, 60],
        [50 + side * 7, 74],
        [50 + side * 15, 84],
        [50 + side * 28, 79],
      ],
      false,
    ),
  });
  return [
    { pen: 'bird', commands: smooth(body) },
    wing(-1),
    wing(1),
    ...[-0.6, 0, 0.6].map(
      (k): Part => ({
        pen: 'birdLine',
        commands: stroke([50 + k * 12, 87], [50 + k * fan * 1.1, 97.5]),
      }),
    ),
    ...(isDuck
      ? []
      : [
          {
            pen: 'comb' as const,
            commands: smooth([
              [46, 5.5],
              [54, 5.5],
              [55, 11],
              [50, 16],
              [45, 11],
            ]),
          },
        ]),
  ];
}
