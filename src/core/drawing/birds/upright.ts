import { lines } from '../shape';
import type { BirdLook, Pose } from './look';
import { bothSides, eye, type Part, smooth, stroke } from './outline';
import { BUILDS, type Build } from './silhouettes.data';

/** From the front or from behind: hackles fall from the head like a cape, so that no neck is seen. */
export function upright(look: BirdLook, pose: Pose, isBack: boolean): Part[] {
  const isUp = pose === 'standing';
  const isDuck = look.build === 'duck';
  const build = isDuck ? null : BUILDS[look.build as Exclude<Build, 'duck'>];
  const belly = isUp ? (build?.belly ?? 88) : 100;
  const y0 = isUp ? 7 : 13;
  const deep = belly - y0;
  const at = (share: number): number => y0 + deep * share;
  const body = bothSides([
    [50, y0],
    [62, y0 + 2],
    [70, y0 + 8],
    [isDuck ? 71 : 75, y0 + 14],
    [isDuck ? 68 : 83, at(isDuck ? 0.3 : 0.26)],
    [isDuck ? 76 : 93, at(0.4)],
    [isDuck ? 96 : 99, at(0.54)],
    [100, at(0.7)],
    [95, at(0.86)],
    [80, at(0.97)],
    [62, belly],
  ]);
  const legs: Part[] = isUp
    ? [33, 67].flatMap((x): Part[] => [
        { pen: 'birdLeg', commands: stroke([x, belly - 2], [x, 99]) },
        { pen: 'birdLeg', commands: stroke([x - 13, 99.4], [x, 96.5], [x + 13, 99.4]) },
      ])
    : [];
  const wing = (side: 1 | -1): Part => ({
    pen: 'birdLine',
    commands: smooth(
      [
        [50 + side * 38, at(0.48)],
        [50 + side * 43, at(0.66)],
        [50 + side * 36, at(0.82)],
        [50 + side * 22, at(0.9)],
      ],
      false,
    ),
  });
  const wings = [wing(-1), wing(1)];
  const tall = look.cock ? 10 : look.comb === 'single' ? 6.5 : 3;
  const comb: Part[] = isDuck
    ? []
    : [
        {
          pen: 'comb',
          commands: smooth([
            [44, y0 + 3],
            [45, y0 - tall * 0.6],
            [50, y0 - tall],
            [55, y0 - tall * 0.6],
            [56, y0 + 3],
          ]),
        },
      ];
  if (isBack) {
    // the tail stands up edge on before the back
    const top = Math.max(y0 + 15, at(0.3));
    return [
      ...legs,
      ...comb,
      { pen: 'bird', commands: smooth(body) },
      ...wings,
      {
        pen: 'bird',
        commands: smooth(
          bothSides([
            [50, top],
            [60, top + 2],
            [68, at(0.55)],
            [72, at(0.8)],
            [62, at(0.93)],
            [50, at(0.95)],
          ]),
        ),
      },
      ...[42, 50, 58].map(
        (x): Part => ({
          pen: 'birdLine',
          commands: stroke(
            [50 + (x - 50) * 0.5, top + deep * 0.1],
            [50 + (x - 50) * 1.4, at(0.86)],
          ),
        }),
      ),
    ];
  }
  const beak: Part = isDuck
    ? {
        pen: 'birdLine',
        commands: smooth([
          [40, y0 + 11],
          [50, y0 + 8],
          [60, y0 + 11],
          [57, y0 + 17],
          [43, y0 + 17],
        ]),
      }
    : {
        pen: 'birdLine',
        commands: lines(
          [
            [44, y0 + 9],
            [56, y0 + 9],
            [50, y0 + 15],
          ],
          true,
        ),
      };
  const wattle = (side: 1 | -1): Part => ({
    pen: 'comb',
    commands: smooth([
      [50 + side * 3, y0 + 14],
      [50 + side * 11, y0 + 17],
      [50 + side * 9, y0 + (look.cock ? 26 : 22)],
      [50 + side * 3, y0 + 20],
    ]),
  });
  return [
    ...legs,
    ...comb,
    { pen: 'bird', commands: smooth(body) },
    ...wings,
    {
      pen: 'birdLine',
      commands: smooth(
        [
          [22, at(0.4)],
          [36, at(0.5)],
          [50, at(0.55)],
          [64, at(0.5)],
          [78, at(0.4)],
        ],
        false,
      ),
    },
    ...(isDuck ? [] : [wattle(-1), wattle(1)]),
    beak,
    { pen: 'birdEye', commands: eye(36, y0 + 8) },
    { pen: 'birdEye', commands: eye(64, y0 + 8) },
  ];
}
