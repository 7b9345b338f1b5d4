import type { FlockSizes } from '../birds/flockSizes';
import { rimZFor } from '../birds/vesselReach';
import { highestNestLipZ } from '../geometry/bars';
import { inRun, solidOf } from '../geometry/solids';
import type { Solid } from '../kernel/finding';
import { gridDown, gridUp } from '../kernel/units/grid';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { litterEndM, litterStartM } from '../model/litter';
import type { Bar, Fixture, Plan } from '../model/schema';
import { fitM } from '../rules/book';
import { type RuleId, ruled } from '../rules/rules.data';

export type PlaceAxis = 'x' | 'y' | 'z';

/** Which part of a fixture comes to stand on a line: its lower side, its upper one, or its middle (a height: what is measured). */
export type Anchor = 'low' | 'high' | 'middle';

/** A line that a fixture comes to stand on when it is moved near it. */
export interface SnapLine {
  readonly axis: PlaceAxis;
  readonly atM: number;
  readonly anchor: Anchor;
  readonly why:
    | { readonly kind: 'rule'; readonly rule: RuleId }
    | { readonly kind: 'wall' | 'stud' | 'litter' }
    | { readonly kind: 'fixture'; readonly fixture: string };
}

/** What lines are worked by: a plan with the final depth of its litter, and the sizes of its flock. */
export interface PlacingFor {
  readonly plan: Plan;
  readonly sizes: FlockSizes;
}

/** Every line that a fixture can come to stand on along one axis. */
export function linesFor(fixture: Fixture, axis: PlaceAxis, to: PlacingFor): SnapLine[] {
  if (axis === 'z') return [...heightRules(fixture, to), ...alike(fixture, axis, to.plan)];
  if ('wall' in fixture)
    return [...studLines(fixture, axis, to.plan), ...alongWall(fixture, axis, to.plan)];
  return [
    ...barRules(fixture, axis, to),
    ...walls(fixture, axis, to.plan),
    ...alike(fixture, axis, to.plan),
  ];
}

const lengthOn = (axis: 'x' | 'y', { shell }: Plan): number =>
  axis === 'x' ? shell.lengthM : shell.widthM;

const rule = (axis: PlaceAxis, anchor: Anchor, atM: number, id: RuleId): SnapLine => ({
  axis,
  anchor,
  atM,
  why: { kind: 'rule', rule: id },
});

/** Off the wall behind a bar, and off the bars beside it: what its birds ask for, no less. */
function barRules(fixture: Fixture, axis: 'x' | 'y', { plan, sizes }: PlacingFor): SnapLine[] {
  if (fixture.kind !== 'bar' || fixture.use === 'step') return [];
  const kg = sizes.heaviestOnBarsKg ?? REFERENCE_HEN_KG;
  if (fixture.axis === axis) {
    // nearer than this an end by a wall loses a place
    const off = gridUp(ruled('roosts.end.near'), plan.units);
    return [
      rule(axis, 'low', off, 'roosts.end.near'),
      rule(axis, 'high', lengthOn(axis, plan) - off, 'roosts.end.near'),
    ];
  }
  const far = lengthOn(axis, plan);
  const wall = gridUp(fitM('roosts.wall', kg), plan.units);
  const beside = plan.fixtures.filter(
    (f): f is Bar =>
      f.kind === 'bar' && f.id !== fixture.id && f.axis === fixture.axis && f.use === 'sleeping',
  );
  return [
    rule(axis, 'middle', wall, 'roosts.wall'),
    rule(axis, 'middle', far - wall, 'roosts.wall'),
    ...beside.flatMap((bar) => {
      const at = axis === 'x' ? bar.x : bar.y;
      const level = Math.abs(bar.z - fixture.z) < ruled('roosts.stair.rise') - 1e-6;
      const id = level ? 'roosts.apart.level' : 'roosts.apart.stair';
      const apart = gridUp(fitM(id, kg), plan.units);
      return [rule(axis, 'middle', at - apart, id), rule(axis, 'middle', at + apart, id)];
    }),
  ];
}

/** Its side against a wall. */
const walls = (fixture: Fixture, axis: 'x' | 'y', plan: Plan): SnapLine[] => {
  const isRound = fixture.kind === 'dish';
  if (isRound) return [];
  return [
    { axis, anchor: 'low', atM: 0, why: { kind: 'wall' } },
    { axis, anchor: 'high', atM: lengthOn(axis, plan), why: { kind: 'wall' } },
  ];
};

/** Thickness of a stud along its wall, m (assumption: dressed two-inch timber). */
export const STUD_M = 0.038;

/**
 * Where the studs of a wall stand, their middles from its left or front end, m; none where their spacing is not known.
 * @param lengthM  of the wall
 * @example studsAlong(1.3, 0.6) // [0, 0.6, 1.2, 1.3]
 */
export function studsAlong(lengthM: number, spacingM: number | null): number[] {
  if (spacingM === null) return [];
  const inner = Math.floor((lengthM - 1e-6) / spacingM);
  return [...Array.from({ length: inner + 1 }, (_, i) => i * spacingM), lengthM];
}

/** An opening between studs: its sides against theirs. */
function studLines(fixture: Fixture, axis: 'x' | 'y', plan: Plan): SnapLine[] {
  const half = STUD_M / 2;
  return studsAlong(lengthOn(axis, plan), plan.shell.studsM).flatMap((at): SnapLine[] =>
    fixture.kind === 'vent' && fixture.place === 'ridge'
      ? []
      : [
          { axis, anchor: 'low', atM: at + half, why: { kind: 'stud' } },
          { axis, anchor: 'high', atM: at - half, why: { kind: 'stud' } },
        ],
  );
}

/** In the middle of its wall, and in line with the openings of the wall across. */
function alongWall(fixture: Fixture, axis: 'x' | 'y', plan: Plan): SnapLine[] {
  const middle = lengthOn(axis, plan) / 2;
  return [
    { axis, anchor: 'middle', atM: middle, why: { kind: 'wall' } },
    ...alike(fixture, axis, plan).filter((line) => line.anchor !== 'middle'),
  ];
}

/** The height of a fixture that is written, m above the bare floor; null for what stands on the litter. */
export function heightOf(f: Fixture): number | null {
  if ('wall' in f) return f.sillZ;
  if ('lipZ' in f) return f.lipZ;
  if ('rimZ' in f) return f.hung || f.onWall ? f.rimZ : null;
  return 'z' in f ? f.z : null;
}

/** What a fixture's height is held to: no lower, or no higher, in measures of the tape from where it is measured. */
function heightRules(fixture: Fixture, { plan, sizes }: PlacingFor): SnapLine[] {
  const { units } = plan;
  const [start, end] = [litterStartM(plan), litterEndM(plan)];
  // written above the litter as it starts: there it falls on the tape
  const atLeast = (m: number, id: RuleId): SnapLine =>
    rule('z', 'middle', start + gridUp(m - start, units), id);
  const atMost = (m: number, id: RuleId): SnapLine =>
    rule('z', 'middle', start + gridDown(m - start, units), id);
  const lip = highestNestLipZ(plan);
  switch (fixture.kind) {
    case 'bar':
      return [
        atLeast(
          Math.max(start + ruled('roosts.lowest'), end + ruled('roosts.lowest.final')),
          'roosts.lowest',
        ),
        ...(lip === null ? [] : [atLeast(lip + ruled('roosts.aboveNests'), 'roosts.aboveNests')]),
        ...plan.fixtures.flatMap((f) =>
          f.kind === 'bar' && f.id !== fixture.id && f.axis === fixture.axis
            ? [
                atLeast(f.z + ruled('roosts.stair.rise'), 'roosts.stair.rise'),
                atMost(f.z - ruled('roosts.stair.rise'), 'roosts.stair.rise'),
              ]
            : [],
        ),
      ];
    case 'nestBank': {
      const bars = plan.fixtures.flatMap((f) =>
        f.kind === 'bar' && f.use === 'sleeping' ? [f.z] : [],
      );
      const under = bars.length === 0 ? null : Math.min(...bars) - ruled('roosts.aboveNests');
      return [
        atLeast(end + ruled('nests.lip.final'), 'nests.lip.final'),
        atMost(start + ruled('nests.lip.easy'), 'nests.lip.easy'),
        ...(under === null ? [] : [atMost(under, 'roosts.aboveNests')]),
      ];
    }
    case 'feeder':
    case 'drinker': {
      return [rule('z', 'middle', rimZFor(plan, fixture, sizes), 'feed.height.slack')];
    }
    case 'popDoor':
      return [
        rule('z', 'middle', gridUp(end + ruled('door.sill.above'), units), 'door.sill.above'),
      ];
    case 'hatch':
      return [
        rule(
          'z',
          'middle',
          gridUp(plan.keeper.barrowRimM + ruled('reach.sill.over'), units),
          'reach.sill.over',
        ),
      ];
    case 'vent':
    case 'window': {
      const bars = plan.fixtures.flatMap((f) =>
        f.kind === 'bar' && f.use === 'sleeping' ? [f.z] : [],
      );
      if (bars.length === 0) return [];
      const over = gridUp(Math.max(...bars) + ruled('air.band.above'), units);
      const below = gridDown(Math.min(...bars) - ruled('air.band.below'), units);
      return [
        rule('z', 'middle', over, 'air.band.above'),
        rule('z', 'middle', below - fixture.heightM, 'air.band.below'),
      ];
    }
    default:
      return [];
  }
}

/** In line with what stands there already: side with side, middle with middle, or side by side with no gap. */
function alike(fixture: Fixture, axis: PlaceAxis, plan: Plan): SnapLine[] {
  const others = plan.fixtures.filter((f) => f.id !== fixture.id && !inRun(f));
  return others.flatMap((f): SnapLine[] => {
    const why = { kind: 'fixture', fixture: f.id } as const;
    if (axis === 'z') {
      const z = heightOf(f);
      if (z === null || f.kind !== fixture.kind) return [];
      return [{ axis, anchor: 'middle', atM: z, why }];
    }
    const [low, high] = spanOf(solidOf(f, plan), axis);
    const edges: SnapLine[] = [
      { axis, anchor: 'low', atM: low, why },
      { axis, anchor: 'high', atM: high, why },
      { axis, anchor: 'middle', atM: (low + high) / 2, why },
    ];
    // bars hang over things: they are not pushed against one another
    if ('wall' in f !== 'wall' in fixture || f.kind === 'bar' || fixture.kind === 'bar')
      return edges;
    return [
      ...edges,
      { axis, anchor: 'low', atM: high, why },
      { axis, anchor: 'high', atM: low, why },
    ];
  });
}

/** From where to where a solid reaches on an axis, m. */
export const spanOf = (s: Solid, axis: PlaceAxis): readonly [number, number] =>
  axis === 'x' ? [s.x0, s.x1] : axis === 'y' ? [s.y0, s.y1] : [s.z0, s.z1];
