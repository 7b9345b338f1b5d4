import type { Fixture, OfKind, Plan } from '../model/schema';
import type { Told } from '../proposals/remedy';

// What nobody would build, whatever it mends: it is not offered.

/** Less than this is no move, m. */
const MOVED_M = 0.005;

const banksOf = (plan: Plan): OfKind<'nestBank'>[] =>
  plan.fixtures.filter((f): f is OfKind<'nestBank'> => f.kind === 'nestBank');

/**
 * Whether a change leaves something that makes no sense: a bank whose lip lies under the litter, which was not so
 * before.
 */
export function isSilly(before: Plan, after: Plan): boolean {
  const was = new Map(banksOf(before).map((b) => [b.id, b.lipZ - before.litter.depthM]));
  return banksOf(after).some((b) => {
    const lip = b.lipZ - after.litter.depthM;
    return lip < -MOVED_M && lip < (was.get(b.id) ?? 0) - MOVED_M;
  });
}

/** Either mends it: both are one feeder too many. */
const EITHER: readonly (readonly [string, string])[] = [['feed.addOpen', 'feed.tube']];

/** Whether changes that are pressed as one have two of which either would do. */
export const isTwice = (steps: readonly Told[]): boolean =>
  EITHER.some((pair) => pair.every((code) => steps.some((s) => s.code === code)));

/** Height of a thing that is hung; null for what stands. */
const heightOf = (f: Fixture): number | null =>
  f.kind === 'bar' ? f.z : f.kind === 'nestBank' ? f.lipZ : null;

/** Laid or hung anew as a whole: each piece finds its own height. */
const isAnew = ({ code }: Told): boolean => /[aA]new|roosts\.lay/.test(code);

/** Whether changes that are pressed as one raise one bar and lower another, or so with nests. */
export function goesBothWays(before: Plan, after: Plan, steps: readonly Told[]): boolean {
  if (steps.some(isAnew)) return false;
  const now = new Map(after.fixtures.map((f) => [f.id, f]));
  const ways = new Map<string, Set<number>>();
  for (const f of before.fixtures) {
    const [from, other] = [heightOf(f), now.get(f.id)];
    const to = other === undefined ? null : heightOf(other);
    if (from === null || to === null || Math.abs(to - from) < MOVED_M) continue;
    const own = ways.get(f.kind) ?? new Set();
    ways.set(f.kind, own.add(Math.sign(to - from)));
  }
  return [...ways.values()].some((own) => own.size > 1);
}
