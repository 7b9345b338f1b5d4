import { roofHeightM } from '../../geometry/shell';
import { barrelAcrossM, barrelHighM } from '../../model/barrelForm';
import type { Drinker, Plan, Rain } from '../../model/schema';
import { flushPipeM } from '../../stores/rain/gutter';
import { drainedM2, gutteredEaves } from '../../stores/rain/roof';
import { flushMmOf } from '../../stores/rain/runoff';
import { type Face, type Point, polygon, polyline, rect, type Shape } from '../shape';

/** Parts of the rain's way, from the ridge to the cup. */
export const RAIN_PARTS = [
  'roof',
  'gutter',
  'flush',
  'barrel',
  'stand',
  'overflow',
  'line',
] as const;
export type RainPart = (typeof RAIN_PARTS)[number];

/** One part as it is drawn, and where its name stands. */
export interface DrawnPart {
  readonly what: RainPart;
  readonly shapes: readonly Shape[];
  readonly at: Point;
}

/** The rain's way from the ridge to the cup, seen along the gutter: 0 up is the ground. */
export interface RainElevation {
  /** What it stands against. */
  readonly coop: readonly Shape[];
  readonly parts: readonly DrawnPart[];
  readonly face: Face;
}

/** As things are drawn, m. */
const DRAWN = { wall: 0.06, gutter: 0.11, pipe: 0.07, apart: 0.18, air: 0.12 } as const;

/**
 * The coop's end with its roof, the gutter on its eaves, the standpipe that keeps the first rain, the barrel on its
 * stand with as much water as it has, its overflow, and the line to the drinkers.
 */
export function rainElevation(plan: Plan, rain: Rain, drinkers: readonly Drinker[]): RainElevation {
  const { shell } = plan;
  const [eave] = gutteredEaves(plan, rain);
  const alongX = eave ? eave.side === 'left' || eave.side === 'right' : false;
  const deepM = alongX ? shell.lengthM : shell.widthM;
  const ground = shell.floorAboveGroundM;
  // the eaves with the gutter are drawn at the right
  const isLow = eave?.side === 'front' || eave?.side === 'left';
  const roofAt = (fromEave: number): number => {
    const across = isLow ? fromEave : deepM - fromEave;
    const z = alongX
      ? roofHeightM(shell, across, shell.widthM / 2)
      : roofHeightM(shell, shell.lengthM / 2, across);
    return ground + z;
  };
  const at = (fromEave: number): number => -fromEave;
  const outline: Point[] = Array.from({ length: 13 }, (_, i) => {
    const from = (deepM * i) / 12;
    return [at(from), roofAt(from)];
  });
  const eavesZ = roofAt(0);
  const over = rain.overhangM;
  const gutterX = over;
  const gutterZ = eavesZ - 0.02;
  const { barrel } = rain;
  const half = barrelAcrossM(barrel) / 2;
  const barrelX = over + DRAWN.gutter + DRAWN.apart + half;
  const highM = barrelHighM(barrel);
  const foot = barrel.standM;
  const flushLong = Math.min(
    rain.flushLongM ?? flushPipeM(drainedM2(plan, rain), flushMmOf(plan, rain), rain.flushBoreM),
    Math.max(0.1, gutterZ - 0.1),
  );
  const flushX = over + DRAWN.gutter / 2;
  const coop: Shape[] = [
    polygon('room', [[at(0), ground], ...outline, [at(deepM), ground]]),
    polyline('wallEdge', [at(0), eavesZ], [at(0), 0]),
    polyline('wallEdge', [at(deepM), roofAt(deepM)], [at(deepM), 0]),
    polyline('ground', [at(deepM) - 0.2, 0], [barrelX + half + 0.7, 0]),
    ...(ground > 0.01
      ? [rect('timber', { a0: at(deepM), a1: at(0), b0: ground - 0.04, b1: ground })]
      : []),
  ];
  const parts: DrawnPart[] = [
    {
      what: 'roof',
      at: [at(deepM / 2), roofAt(deepM / 2) + 0.05],
      shapes: [
        polyline(
          'cutEdge',
          [at(-over), eavesZ - (roofAt(0.1) - eavesZ) * (over / 0.1)],
          ...outline,
        ),
      ],
    },
    {
      what: 'gutter',
      at: [gutterX + DRAWN.gutter, gutterZ + 0.08],
      // and its way into the barrel
      shapes: [
        polygon('thing', [
          [gutterX, gutterZ],
          [gutterX + DRAWN.gutter, gutterZ],
          [gutterX + DRAWN.gutter * 0.8, gutterZ - 0.08],
          [gutterX + DRAWN.gutter * 0.2, gutterZ - 0.08],
        ]),
        polyline(
          'pipe',
          [flushX, gutterZ - 0.12],
          [barrelX, gutterZ - 0.12],
          [barrelX, foot + highM + 0.03],
        ),
      ],
    },
    {
      what: 'flush',
      at: [flushX, gutterZ - 0.08 - flushLong - 0.1],
      shapes: [
        rect('thing', {
          a0: flushX - DRAWN.pipe / 2,
          a1: flushX + DRAWN.pipe / 2,
          b0: gutterZ - 0.08 - flushLong,
          b1: gutterZ - 0.08,
        }),
        rect('waterLow', {
          a0: flushX - DRAWN.pipe / 2 + 0.01,
          a1: flushX + DRAWN.pipe / 2 - 0.01,
          b0: gutterZ - 0.08 - flushLong,
          b1: gutterZ - 0.16,
        }),
      ],
    },
    {
      what: 'stand',
      at: [barrelX, Math.max(0.04, foot / 2)],
      shapes: standOf(barrel, barrelX, half, foot),
    },
    {
      what: 'barrel',
      at: [barrelX, foot + highM / 2],
      shapes: [
        rect('thing', { a0: barrelX - half, a1: barrelX + half, b0: foot, b1: foot + highM }),
        rect('water', {
          a0: barrelX - half + 0.012,
          a1: barrelX + half - 0.012,
          b0: foot + 0.01,
          b1: foot + 0.01 + (highM - 0.06) * barrel.today,
        }),
        ...(barrel.lid
          ? [
              rect('thing', {
                a0: barrelX - half - 0.02,
                a1: barrelX + half + 0.02,
                b0: foot + highM,
                b1: foot + highM + 0.03,
              }),
            ]
          : []),
      ],
    },
    {
      what: 'overflow',
      at: [barrelX + half + 0.3, foot + highM - 0.02],
      shapes: overflow(rain, barrelX + half, foot + highM - 0.08),
    },
    {
      what: 'line',
      at: [at(deepM * 0.35), foot + 0.06],
      shapes: lineTo(rain, drinkers, { barrelX, half, foot, ground, deepM }),
    },
  ];
  const top = Math.max(...outline.map(([, z]) => z), foot + highM) + DRAWN.air;
  return {
    coop,
    // what is not built is neither drawn nor named
    parts: parts.filter((p) => p.shapes.length > 0),
    face: { a0: at(deepM) - 0.25, a1: barrelX + half + 0.75, b0: -0.1, b1: top },
  };
}

function standOf(barrel: Rain['barrel'], x: number, half: number, foot: number): Shape[] {
  if (foot < 0.02) return [];
  if (barrel.stand === 'shelf') {
    return [
      rect('timber', { a0: x - half, a1: x + half, b0: foot - 0.03, b1: foot }),
      polyline('thingLine', [x - half, foot - 0.03], [x, Math.max(0, foot - 0.35)]),
    ];
  }
  const courses = Math.max(1, Math.round(foot / 0.2));
  return Array.from({ length: courses }, (_, i) =>
    rect('thing', {
      a0: x - half * 0.95,
      a1: x + half * 0.95,
      b0: (foot * i) / courses,
      b1: (foot * (i + 1)) / courses,
    }),
  );
}

const overflow = ({ barrel }: Rain, x: number, z: number): Shape[] =>
  barrel.overflow === 'none'
    ? []
    : [
        polyline(
          'pipe',
          [x, z],
          [x + 0.08, z],
          [x + 0.08, 0.05],
          [x + (barrel.overflow === 'away' ? 0.6 : 0.12), 0.02],
        ),
      ];

/** The line from the barrel's foot through the wall, with an outlet under it for each drinker on it. */
function lineTo(
  { line }: Rain,
  drinkers: readonly Drinker[],
  {
    barrelX,
    half,
    foot,
    ground,
    deepM,
  }: { barrelX: number; half: number; foot: number; ground: number; deepM: number },
): Shape[] {
  if (drinkers.length === 0) return [];
  const z = foot + 0.05;
  const end = -Math.min(deepM * 0.85, Math.max(0.4, line.lengthM));
  const outlets = drinkers.flatMap((v) =>
    Array.from({ length: Math.min(4, v.outlets) }, () => ground + v.rimZ),
  );
  const shapes: Shape[] = [polyline('pipe', [barrelX - half, z], [end, z])];
  outlets.slice(0, 8).forEach((rim, i) => {
    const a = end * (0.25 + (0.7 * i) / Math.max(1, outlets.length));
    shapes.push(polyline('thingLine', [a, z], [a, rim]));
    shapes.push(rect('thing', { a0: a - 0.025, a1: a + 0.025, b0: rim - 0.03, b1: rim }));
  });
  if (line.foamM > 0) {
    shapes.push(
      rect('aisle', {
        a0: end,
        a1: barrelX - half,
        b0: z - line.foamM - 0.02,
        b1: z + line.foamM + 0.02,
      }),
    );
  }
  return shapes;
}
