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
  const now = othersIn(after, id);
  if (now.length === 0) return found;
  const earlier = new Set(othersIn(before, id).map(({ other, how }) => `${how} ${other.id}`));
  for (const { how, other } of now) {
    if (!earlier.has(`${how} ${other.id}`)) found.push({ kind: 'clash', how, other });
  }
  return found;
}

/** What clashes with one fixture: each other is held against it alone. */
function othersIn(plan: Plan, id: string): { how: Clash['kind']; other: Fixture }[] {
  const own = plan.fixtures.find((f) => f.id === id);
  if (!own) return [];
  return plan.fixtures.flatMap((other) =>
    other === own
      ? []
      : clashesOf({ ...plan, fixtures: [own, other] }).map(({ kind }) => ({ how: kind, other })),
  );
}
