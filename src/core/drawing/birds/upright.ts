import { type Command, lines } from '../shape';
import type { BirdLook, Pose } from './look';
import { bothSides, eye, type Part, smooth, stroke } from './outline';
import { BUILDS, COMBS, type OutlinePoint } from './silhouettes.data';

/** A comb in the box of a bird seen from the front, which is less than half as broad as it is high. */
const COMB_TIMES = 1.9;
/** Where her crown is, down and across the box. */
const CROWN = [54, 9.5] as const;
/** Her shoulders: what lies above keeps its place, what lies below stands on her legs. */
const SHOULDER = 29;

/** From the front or from behind, full in the breast, her head turned to one side as a hen looks about her. */
export function upright(look: BirdLook, pose: Pose, isBack: boolean): Part[] {
  const isUp = pose === 'standing';
  const isDuck = look.build === 'duck';
  const build = look.build === 'duck' ? null : BUILDS[look.build];
  const belly = isUp ? (build?.belly ?? 88) : 98;
  const low = (y: number): number =>
    SHOULDER + ((y - SHOULDER) / (98 - SHOULDER)) * (belly - SHOULDER);
  const at = (x: number, y: number): OutlinePoint => [x, y > SHOULDER ? low(y) : y];
  const body: Part = {
    pen: 'bird',
    commands: smooth([
      [54, 8.5],
      [64, 10],
      [68, 14],
      [65, 19],
      [64, 24],
      at(70, 31),
      at(86, 41),
      at(97, 54),
      at(100, 67),
      at(96, 82),
      at(82, 94),
      at(62, 98),
      at(38, 98),
      at(18, 94),
      at(4, 82),
      at(0, 67),
      at(3, 54),
      at(13, 41),
      at(29, 31),
      [36, 24],
      [38, 17],
      [42, 11],
    ]),
  };
  const wings: Part = {
    pen: 'birdLine',
    commands: [1, -1].flatMap((side) =>
      smooth(
        [
          at(50 + side * 36, 43),
          at(50 + side * 42, 62),
          at(50 + side * 36, 79),
          at(50 + side * 24, 88),
        ],
        false,
      ),
    ),
  };
  const before = isBack ? tailBehind(look, low) : breast(at);
  return [
    ...legs(isUp, belly),
    ...(isBack || isDuck ? [] : [fan(look, low)]),
    ...head(look),
    body,
    wings,
    ...before,
    ...(isDuck ? [] : [wattle(look)]),
    beak(isDuck),
    { pen: 'birdEye', commands: eye(57, 13) },
  ];
}

/** Legs to stand on; let down on a bar, the toes that hold it. */
const legs = (isUp: boolean, belly: number): Part[] => [
  {
    pen: 'birdLeg',
    commands: [34, 66].flatMap((x): Command[] =>
      isUp
        ? [
            ...stroke([x, belly - 3], [x, 98]),
            ...stroke([x - 12, 100], [x, 96.5], [x + 12, 100]),
            ...stroke([x, 96.5], [x, 100]),
          ]
        : [-7, 0, 7].flatMap((d) => stroke([x + d, 96], [x + d * 1.2, 100])),
    ),
  },
];

/** The tail as a fan behind her shoulders: how high it is carried is her build's. */
function fan(look: BirdLook, low: (y: number) => number): Part {
  const carried = look.build === 'duck' ? 40 : BUILDS[look.build].tail[0][1];
  const top = look.cock ? 8 : 15 + carried * 0.5;
  return {
    pen: 'bird',
    commands: smooth(
      bothSides([
        [50, top + 1.5],
        [59, top - 1],
        [69, top + 1],
        [77, top + 4],
        [82, top + 10],
        [78, low(44)],
        [60, low(50)],
      ]),
    ),
  };
}

/** Feathers of the breast, a few for all. */
const breast = (at: (x: number, y: number) => OutlinePoint): Part[] => [
  {
    pen: 'birdLine',
    commands: [
      [38, 50],
      [62, 50],
      [50, 60],
      [38, 70],
      [62, 70],
    ].flatMap(([x = 0, y = 0]) => smooth([at(x - 6, y), at(x, y + 3.4), at(x + 6, y)], false)),
  },
];

/** From behind: the tail stands up edge on before the back, its feathers from one root. */
function tailBehind(look: BirdLook, low: (y: number) => number): Part[] {
  const carried = look.build === 'duck' ? 44 : BUILDS[look.build].tail[0][1];
  const isSickled = look.cock && look.build !== 'duck';
  const top = Math.min(low(46), isSickled ? 12 : 18 + carried * 0.55);
  const root = low(80);
  return [
    {
      pen: 'bird',
      commands: smooth(
        bothSides([
          [50, top],
          [59, top + 1],
          [68, top + 5],
          [74, top + 12],
          [68, low(66)],
          [57, root],
        ]),
      ),
    },
    {
      pen: 'birdLine',
      commands: [-14, -5, 5, 14].flatMap((d) =>
        stroke([50 + d * 0.4, root - 3], [50 + d, top + 8]),
      ),
    },
  ];
}

/** What stands on her crown. */
function head(look: BirdLook): Part[] {
  if (look.build === 'duck') return [];
  const times = look.cock ? 1.35 : 1;
  const comb = COMBS[look.comb].map(
    ([x, y, corner]): OutlinePoint => [
      CROWN[0] + x * COMB_TIMES * times,
      CROWN[1] + y * times,
      corner,
    ],
  );
  return [{ pen: 'comb', commands: smooth(comb) }];
}

/** Under her beak. */
function wattle({ cock }: BirdLook): Part {
  const long = cock ? 7 : 4.5;
  return {
    pen: 'comb',
    commands: smooth([
      [63, 17.5],
      [69, 18],
      [70, 18 + long * 0.6],
      [66, 18 + long],
      [62.5, 18 + long * 0.5],
    ]),
  };
}

/** To the side that she looks to. */
const beak = (isDuck: boolean): Part => ({
  pen: 'birdLeg',
  commands: isDuck
    ? smooth([
        [66, 12.5],
        [77, 14.5],
        [88, 15.5],
        [88, 18],
        [77, 18],
        [66, 17.5],
      ])
    : lines(
        [
          [67, 12.4],
          [81, 15],
          [67, 16.8],
        ],
        true,
      ),
});
