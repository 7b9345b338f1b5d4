import type { BirdLook } from './look';
import { bothSides, type Part, smooth, stroke } from './outline';
import type { OutlinePoint } from './silhouettes.data';

/** From above, beak up the page: a broad back between folded wings, and a fan of tail. */
export function fromAbove(look: BirdLook): Part[] {
  const isDuck = look.build === 'duck';
  const fan = isDuck ? 15 : look.cock ? 30 : 25;
  const nose: OutlinePoint[] = isDuck
    ? [
        [50, 0],
        [59, 1],
        [58.5, 6],
      ]
    : [
        [50, 0, 'corner'],
        [55, 4.5, 'corner'],
      ];
  const body = bothSides([
    ...nose,
    [61, 7],
    [63, 11.5],
    [61, 16],
    [62, 20],
    [74, 25],
    [91, 35],
    [99, 48],
    [98, 60],
    [88, 72],
    [66, 80],
    [50 + fan * 0.72, 85],
    [50 + fan * 1.1, 95],
    [50 + fan * 0.8, 99],
    [50, 100],
  ]);
  // each wing a leaf over the back: its tip lies at the root of the tail
  const wing = (side: 1 | -1): Part['commands'] =>
    smooth([
      [50 + side * 20, 27],
      [50 + side * 38, 33],
      [50 + side * 47, 46],
      [50 + side * 47, 60],
      [50 + side * 36, 72],
      [50 + side * 12, 80, 'corner'],
      [50 + side * 16, 66],
      [50 + side * 12, 48],
      [50 + side * 12, 34],
    ]);
  const quill = (side: 1 | -1): Part['commands'] => [
    ...smooth(
      [
        [50 + side * 42, 58],
        [50 + side * 34, 68],
        [50 + side * 22, 74],
      ],
      false,
    ),
    ...smooth(
      [
        [50 + side * 36, 50],
        [50 + side * 29, 62],
        [50 + side * 20, 69],
      ],
      false,
    ),
  ];
  return [
    { pen: 'bird', commands: smooth(body) },
    {
      pen: 'birdLine',
      commands: [-0.62, 0, 0.62].flatMap((k) =>
        stroke([50 + k * 10, 85], [50 + k * fan * 1.05, 97.5]),
      ),
    },
    { pen: 'birdLine', commands: [...wing(-1), ...wing(1)] },
    { pen: 'birdLine', commands: [...quill(-1), ...quill(1)] },
    ...(isDuck
      ? []
      : [
          {
            pen: 'comb' as const,
            commands: smooth([
              [46.5, 5.5],
              [50, 4.5],
              [53.5, 5.5],
              [54, 10],
              [50, 14.5],
              [46, 10],
            ]),
          },
        ]),
  ];
}
