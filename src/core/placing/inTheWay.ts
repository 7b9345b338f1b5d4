import type { Clash } from '../geometry/clashes';
import { clashesOf } from '../geometry/clashes';
import { type OutsideCode, outsideCode } from '../geometry/outside';
import type { Fixture, Plan } from '../model/schema';

/** Why a fixture cannot stay where it was put. */
export type InTheWay =
  | { readonly kind: 'clash'; readonly how: Clash['kind']; readonly other: Fixture }
  | { readonly kind: 'outside'; readonly code: OutsideCode };

/**
 * What stands in the way of a fixture where it is now and did not before: a change is not refused for what was
 * wrong already.
 * @param before  the plan as it was
 * @param after   the plan with the fixture where it was put
 */
export function inTheWay(before: Plan, after: Plan, id: string): InTheWay[] {
  const own = after.fixtures.find((f) => f.id === id);
  const was = before.fixtures.find((f) => f.id === id);
  if (!own) return [];
  const outside = outsideCode(own, after);
  const found: InTheWay[] =
    outside !== null && (!was || outsideCode(was, before) !== outside)
      ? [{ kind: 'outside', code: outside }]
      : [];
  const earlier = new Set(othersIn(before, id).map(({ other, how }) => `${how} ${other.id}`));
  for (const { how, other } of othersIn(after, id)) {
    if (!earlier.has(`${how} ${other.id}`)) found.push({ kind: 'clash', how, other });
  }
  return found;
}

/** What clashes with one fixture. */
const othersIn = (plan: Plan, id: string): { how: Clash['kind']; other: Fixture }[] =>
  clashesOf(plan).flatMap(({ kind, first, second }) =>
    first.id === id
      ? [{ how: kind, other: second }]
      : second.id === id
        ? [{ how: kind, other: first }]
        : [],
  );
