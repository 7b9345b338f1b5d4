import { freeId } from '../edit/freeNumber';
import { zonePlan } from '../edit/zones';
import type { Fixture, Plan, Side } from '../model/schema';
import type { ZoneId } from '../model/scope';
import { meshWall } from './meshWall';
import { exact } from './steps';

/**
 * A zone of a coop as a room of its own, from its left end, in whose mesh wall nothing can be cut.
 * @param plan  in two zones, across its length
 */
export function sliceOf(plan: Plan, id: ZoneId): Plan {
  const { partition, shell } = plan;
  if (partition === null) return plan;
  const { atM } = partition;
  const mesh: Side = id === 'near' ? 'right' : 'left';
  const { flock, fixtures } = zonePlan(plan, id);
  const room = {
    ...shell,
    lengthM: id === 'near' ? atM : exact(shell.lengthM - atM),
    storage: shell.storage?.wall === mesh ? null : shell.storage,
  };
  const own = id === 'near' ? fixtures : fixtures.map((f) => shifted(f, -atM));
  return {
    ...plan,
    flock,
    brooder: flock.some((g) => g.raisedHere) ? plan.brooder : null,
    partition: null,
    shell: room,
    fixtures: [...own, meshWall({ ...plan, shell: room }, mesh)],
  };
}

/** A fixture so far along the length of the coop; one in the left or right wall stays in it. */
function shifted(f: Fixture, byM: number): Fixture {
  if ('x' in f) return { ...f, x: exact(f.x + byM) };
  return f.wall === 'front' || f.wall === 'rear' ? { ...f, alongM: exact(f.alongM + byM) } : f;
}

/**
 * A slice's things where they stand in the whole coop, with ids and names that nothing there has.
 * @param there  what stands in the coop already
 * @param byM    where the slice begins, from the left wall
 * @returns      them, and their new ids by their old ones
 * @example backInPlace([{ ...drinker, id: 'drinker-1', x: 0.5 }], [{ ...drinker, id: 'drinker-1' }], 1.2).fixtures[0].x // 1.7
 */
export function backInPlace(
  things: readonly Fixture[],
  there: readonly Fixture[],
  byM: number,
): { fixtures: Fixture[]; ids: Map<string, string> } {
  const ids = new Map<string, string>();
  const fixtures: Fixture[] = [];
  for (const f of things) {
    const taken = [...there, ...fixtures];
    const id = freeId(f.id, taken);
    ids.set(f.id, id);
    fixtures.push(shifted({ ...f, id, name: freeNameOf(f.name, taken) }, byM));
  }
  return { fixtures, ids };
}

/** The name itself, or with the first number that is free. */
function freeNameOf(name: string, taken: readonly Fixture[]): string {
  const names = new Set(taken.map((t) => t.name));
  if (!names.has(name)) return name;
  const stem = name.replace(/ \d+$/, '');
  for (let n = 2; ; n++) if (!names.has(`${stem} ${n}`)) return `${stem} ${n}`;
}
