import { footprintInsideM2, inRun, solidOf } from '../geometry/solids';
import type { Solid } from '../kernel/finding';
import type { Fixture, Plan, Side } from '../model/schema';
import { freeNumber } from './freeNumber';

export type ZoneId = 'near' | 'beyond';
export const ZONES: readonly ZoneId[] = ['near', 'beyond'];

/** The part of the floor that a zone has, m. */
function zoneSolid({ partition, shell }: Plan, zone: ZoneId): Solid {
  const whole = { x0: 0, x1: shell.lengthM, y0: 0, y1: shell.widthM, z0: 0, z1: shell.roof.highM };
  if (partition === null) return whole;
  const { axis, atM } = partition;
  if (axis === 'x') return zone === 'near' ? { ...whole, x1: atM } : { ...whole, x0: atM };
  return zone === 'near' ? { ...whole, y1: atM } : { ...whole, y0: atM };
}

/** Whose zone a fixture stands in: by its middle. */
export function zoneOf(plan: Plan, fixture: Fixture): ZoneId {
  const { partition } = plan;
  if (partition === null) return 'near';
  const s = solidOf(fixture, plan);
  const middle = partition.axis === 'x' ? (s.x0 + s.x1) / 2 : (s.y0 + s.y1) / 2;
  return middle < partition.atM ? 'near' : 'beyond';
}

/**
 * One zone of a partitioned coop as a plan of its own: its birds, its fixtures, its part of the floor and
 * half of the run. Walls and roof stay as they are; what lies beyond the mesh is as floor that is not there.
 */
export function zonePlan(plan: Plan, zone: ZoneId): Plan {
  const { partition, shell, run } = plan;
  if (partition === null) return plan;
  const beyond = new Set(partition.beyond);
  const own = zoneSolid(plan, zone);
  const ownM2 = footprintInsideM2(own, shell);
  const [wall, across]: [Side, number] =
    partition.axis === 'x'
      ? [zone === 'near' ? 'right' : 'left', shell.widthM]
      : [zone === 'near' ? 'rear' : 'front', shell.lengthM];
  const lostM2 = shell.lengthM * shell.widthM - ownM2 + storageInM2(plan, own);
  return {
    ...plan,
    partition: null,
    shell: { ...shell, storage: { wall, depthM: Math.max(0.005, lostM2 / across) } },
    run: run === null ? null : { ...run, widthM: run.widthM / 2 },
    flock: plan.flock.filter((g) => beyond.has(g.id) === (zone === 'beyond')),
    fixtures: plan.fixtures.filter((f) => inRun(f) || zoneOf(plan, f) === zone),
  };
}

/** Of the keeper's own strip, what lies in a zone, m². */
function storageInM2({ shell }: Plan, zone: Solid): number {
  const { storage, lengthM, widthM } = shell;
  if (storage === null) return 0;
  const strip: Solid = {
    ...zone,
    x0: storage.wall === 'right' ? lengthM - storage.depthM : 0,
    x1: storage.wall === 'left' ? storage.depthM : lengthM,
    y0: storage.wall === 'rear' ? widthM - storage.depthM : 0,
    y1: storage.wall === 'front' ? storage.depthM : widthM,
  };
  const x = Math.min(strip.x1, zone.x1) - Math.max(strip.x0, zone.x0);
  const y = Math.min(strip.y1, zone.y1) - Math.max(strip.y0, zone.y0);
  return Math.max(0, x) * Math.max(0, y);
}

/**
 * A plan as it is when one of its zones has been changed.
 * @param before  the zone as it was taken from the plan
 * @param after   the same zone, changed; new fixtures get ids that are free in the whole plan
 */
export function withZone(plan: Plan, before: Plan, after: Plan): Plan {
  const next: Plan = { ...plan };
  for (const key of Object.keys(after) as (keyof Plan)[]) {
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
    const taken = [...others, ...kept, ...added];
    const stem = f.id.replace(/-\d+$/, '');
    const free = taken.some((t) => t.id === f.id) ? `${stem}-${freeNumber(stem, taken)}` : f.id;
    added.push({ ...f, id: free });
  }
  next.fixtures = [...kept, ...added];
  const groups = new Map(after.flock.map((g) => [g.id, g]));
  const lived = new Set(before.flock.map((g) => g.id));
  next.flock = plan.flock.flatMap((g) =>
    lived.has(g.id) ? (groups.has(g.id) ? [groups.get(g.id) ?? g] : []) : [g],
  );
  if (after.shell !== before.shell) {
    next.shell = { ...after.shell, storage: plan.shell.storage };
  }
  if (after.run !== before.run) {
    next.run = after.run === null ? null : { ...after.run, widthM: after.run.widthM * 2 };
  }
  return next;
}

/** What a zone has its own way. */
const APART: ReadonlySet<keyof Plan> = new Set([
  'fixtures',
  'flock',
  'shell',
  'run',
  'partition',
] as const);
