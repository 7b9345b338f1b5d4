import type { BirdLook, Pose } from './look';
import { dot, type Part, smooth, stroke } from './outline';
import { type BuildShape, COMBS, type OutlinePoint } from './silhouettes.data';

/** A hen or a cock from her side. */
export function profile(b: BuildShape, look: BirdLook, pose: Pose): Part[] {
  const isUp = pose === 'standing';
  const belly = isUp ? b.belly : 100;
  // let down, a bird draws in her head and spreads over her feet
  const drop = isUp ? 0 : 8;
  const head = { x: isUp ? 84 : 80, y: 12 + drop };
  const [tip, end, low] = b.tail.map(
    ([x, y, c]): OutlinePoint => [x, isUp ? y : y * 0.72 + 30, c],
  ) as [OutlinePoint, OutlinePoint, OutlinePoint];
  const back = isUp ? b.back : b.back + 6;
  const fluff = isUp ? b.fluff : 96;
  const sickle: readonly OutlinePoint[] = look.cock
    ? [
        [27, back - 8],
        [22, back - 26],
        [12, back - 36],
        [2, back - 30],
        [-5, back - 12],
        [-6, back + 8, 'corner'],
        [0, back - 6],
        [4, back - 12],
        [7, back + 2],
        [10, back + 14],
      ]
    : [[22, (tip[1] + back) / 2 + 3], tip, end, low];
  const body: OutlinePoint[] = [
    [head.x + 15, head.y + 5, 'corner'],
    [head.x + 8, head.y + 8],
    [head.x + 5, head.y + 14],
    [b.breast - 2, head.y + 26],
    [b.breast, (head.y + 26 + belly) / 2 + 2],
    [b.breast - 8, belly - 9],
    [66, belly],
    [50, belly + 1],
    [34, fluff],
    [21, fluff - 13],
    ...[...sickle].reverse(),
    [36, back],
    [50, back + 1],
    [head.x - 20, back - 5],
    [head.x - 2 - b.neck, head.y + 13],
    [head.x - 8, head.y + 2],
    [head.x - 4, head.y - 5],
    [head.x + 3, head.y - 6],
    [head.x + 8, head.y - 1],
    [head.x + 9, head.y + 1.5, 'corner'],
  ];
  const size = look.cock ? 1.35 : 1;
  const comb = COMBS[look.comb].map(
    ([x, y, c]): OutlinePoint => [head.x + 1 + x * size, head.y - 5 + y * size, c],
  );
  const wattle: OutlinePoint[] = [
    [head.x + 6, head.y + 7],
    [head.x + 10, head.y + 9],
    [head.x + 9.5, head.y + 12 + 5 * size],
    [head.x + 6, head.y + 12 + 4 * size],
  ];
  // a wing hangs no lower than the body is deep
  const hang = Math.min(29, (Math.min(belly, fluff + 6) - back) * 0.72);
  const wing: OutlinePoint[] = [
    [b.breast - 14, back + 9],
    [b.breast - 16, back + hang * 0.7],
    [b.breast - 33, back + hang],
    [33, back + hang * 0.85],
    [19, back + hang * 0.42, 'corner'],
  ];
  const legs: Part[] = isUp
    ? [
        ...[58, 49].flatMap((x): Part[] => [
          {
            pen: 'birdLeg',
            commands: stroke([x, belly], [x - 1.5, (belly + 100) / 2], [x + 1, 99.4]),
          },
          { pen: 'birdLeg', commands: stroke([x - 5, 99.4], [x + 8, 99.4]) },
        ]),
      ]
    : [];
  const feathers: Part[] = look.cock
    ? [
        {
          pen: 'birdLine',
          commands: smooth(
            [
              [16, back + 10],
              [8, back - 8],
              [-1, back - 18],
            ],
            false,
          ),
        },
        {
          pen: 'birdLine',
          commands: smooth(
            [
              [head.x - 4, head.y + 12],
              [head.x - 10, back - 2],
            ],
            false,
          ),
        },
        {
          pen: 'birdLine',
          commands: smooth(
            [
              [head.x + 2, head.y + 13],
              [head.x - 2, back + 3],
            ],
            false,
          ),
        },
      ]
    : [
        {
          pen: 'birdLine',
          commands: smooth(
            [
              [20, back + 6],
              [(tip[0] + 20) / 2, (tip[1] + back) / 2 + 5],
              [tip[0] + 4, tip[1] + 8],
            ],
            false,
          ),
        },
      ];
  return [
    ...legs,
    { pen: 'comb', commands: smooth(comb) },
    { pen: 'comb', commands: smooth(wattle) },
    { pen: 'bird', commands: smooth(body) },
    { pen: 'birdLine', commands: smooth(wing, false) },
    {
      pen: 'birdLine',
      commands: smooth(
        [
          [b.breast - 25, back + hang * 0.78],
          [44, back + hang * 0.68],
          [32, back + hang * 0.45],
        ],
        false,
      ),
    },
    ...feathers,
    { pen: 'birdEye', commands: dot(head.x + 3.5, head.y + 1, 1.5) },
  ];
}

/** A duck from her side: long and low, with a broad bill and a curl in her tail. */
export function duckProfile(look: BirdLook, pose: Pose): Part[] {
  const isUp = pose === 'standing';
  const belly = isUp ? 86 : 100;
  const head = { x: 82, y: isUp ? 13 : 24 };
  const body: OutlinePoint[] = [
    [100, head.y + 6],
    [99, head.y + 9, 'corner'],
    [head.x + 7, head.y + 9],
    [head.x + 2, head.y + 14],
    [head.x, 44],
    [86, 56],
    [84, 72],
    [70, belly - 3],
    [48, belly],
    [27, belly - 4],
    [10, belly - 20],
    [0, 50, 'corner'],
    ...(look.cock
      ? ([
          [6, 44],
          [3, 38],
          [8, 37],
          [11, 45],
        ] as OutlinePoint[])
      : ([[10, 48]] as OutlinePoint[])),
    [26, 50],
    [46, 47],
    [62, 45],
    [68, 36],
    [70, head.y + 12],
    [71, head.y],
    [77, head.y - 9],
    [86, head.y - 8],
    [91, head.y],
    [95, head.y + 3],
  ];
  const legs: Part[] = isUp
    ? [
        {
          pen: 'birdLeg',
          commands: stroke([52, belly - 1], [54, 98], [48, 99.4], [64, 99.4], [54, 98]),
        },
        {
          pen: 'birdLeg',
          commands: stroke([42, belly - 1], [43, 98], [37, 99.4], [53, 99.4], [43, 98]),
        },
      ]
    : [];
  return [
    ...legs,
    { pen: 'bird', commands: smooth(body) },
    {
      pen: 'birdLine',
      commands: smooth(
        [
          [72, 58],
          [66, 72],
          [44, 77],
          [22, 66],
          [8, 53, 'corner'],
        ],
        false,
      ),
    },
    {
      pen: 'birdLine',
      commands: smooth(
        [
          [52, 68],
          [36, 68],
          [22, 60],
        ],
        false,
      ),
    },
    {
      pen: 'birdLine',
      commands: smooth(
        [
          [91, head.y + 1],
          [90, head.y + 9],
        ],
        false,
      ),
    },
    { pen: 'birdEye', commands: dot(head.x + 2.5, head.y - 1, 1.5) },
  ];
}
