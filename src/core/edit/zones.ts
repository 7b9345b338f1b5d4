import { inRun, solidOf } from '../geometry/solids';
import type { Fixture, Plan } from '../model/schema';
import type { Scoped, Zone, ZoneId } from '../model/scope';
import { freeId } from './freeNumber';

/** The part of a parted coop that a zone has: the floor on its side of the mesh, and half of the run. */
export function zoneIn({ partition, shell }: Pick<Plan, 'partition' | 'shell'>, id: ZoneId): Zone {
  const whole = { x0: 0, x1: shell.lengthM, y0: 0, y1: shell.widthM };
  if (partition === null) return { id, floor: whole, ofRun: 1 };
  const { axis, atM } = partition;
  const edge = `${axis}${id === 'near' ? 1 : 0}`;
  return { id, floor: { ...whole, [edge]: atM }, ofRun: 0.5 };
}

/**
 * Whether a mesh wall across the length makes two rooms of the coop's own shape: its roof is as high at the left as at
 * the right, and no mesh wall runs along it.
 */
export const canBeSliced = ({ shell: { roof }, partition }: Plan): boolean =>
  partition?.axis !== 'y' &&
  (roof.kind === 'flat' ||
    (roof.kind === 'mono'
      ? roof.highSide === 'front' || roof.highSide === 'rear'
      : roof.ridgeAxis === 'x'));

/** Whether birds live in a coop that is one room, or that a mesh wall parts into two of its own shape. */
export const canBeFinished = (plan: Plan): boolean =>
  plan.flock.length > 0 && (plan.partition === null || canBeSliced(plan));

/** Whose zone a fixture stands in: by its middle. */
export function zoneOf(plan: Plan, fixture: Fixture): ZoneId {
  const { partition } = plan;
  if (partition === null) return 'near';
  const s = solidOf(fixture, plan);
  const middle = partition.axis === 'x' ? (s.x0 + s.x1) / 2 : (s.y0 + s.y1) / 2;
  return middle < partition.atM ? 'near' : 'beyond';
}

/**
 * One zone of a parted coop, to be judged by itself: its birds and its fixtures. Shell and run stay the whole
 * coop's; the zone says what of them is its own.
 * @param zone  from `zoneIn`; the same object as long as partition and shell are
 */
export function zonePlan(plan: Plan, id: ZoneId, zone: Zone = zoneIn(plan, id)): Scoped {
  const { partition } = plan;
  if (partition === null) return plan;
  const beyond = new Set(partition.beyond);
  return {
    ...plan,
    zone,
    flock: plan.flock.filter((g) => beyond.has(g.id) === (id === 'beyond')),
    fixtures: plan.fixtures.filter((f) => inRun(f) || zoneOf(plan, f) === id),
  };
}

/**
 * A plan as it is when one of its zones has been changed.
 * @param before  the zone as it was taken from the plan
 * @param after   the same zone, changed; new fixtures get ids that are free in the whole plan
 */
export function withZone(plan: Plan, before: Scoped, after: Scoped): Plan {
  const next: Plan = { ...plan };
  for (const key of Object.keys(after) as (keyof Scoped)[]) {
    if (!APART.has(key) && after[key] !== before[key]) Object.assign(next, { [key]: after[key] });
  }
  const had = new Set(before.fixtures.map((f) => f.id));
  const others = plan.fixtures.filter((f) => !had.has(f.id));
  const changed = new Map(after.fixtures.map((f) => [f.id, f]));
  const kept = plan.fixtures.flatMap((f) =>
    had.has(f.id) ? (changed.has(f.id) ? [changed.get(f.id) ?? f] : []) : [f],
  );
  const added: Fixture[] = [];
  for (const f of after.fixtures) {
    if (had.has(f.id)) continue;
    added.push({ ...f, id: freeId(f.id, [...others, ...kept, ...added]) });
  }
  next.fixtures = [...kept, ...added];
  const groups = new Map(after.flock.map((g) => [g.id, g]));
  const lived = new Set(before.flock.map((g) => g.id));
  next.flock = plan.flock.flatMap((g) =>
    lived.has(g.id) ? (groups.has(g.id) ? [groups.get(g.id) ?? g] : []) : [g],
  );
  return next;
}

/** What a zone has its own way. */
const APART: ReadonlySet<keyof Scoped> = new Set(['zone', 'fixtures', 'flock'] as const);
