import { droppingsShadow } from '../../../geometry/bars';
import { meetInPlan } from '../../../geometry/forms';
import { solidOf } from '../../../geometry/solids';
import type { Bar, Plan } from '../../../model/schema';
import { down, up } from '../../../model/tape';
import { ruled } from '../../../rules/rules.data';

const END_CLEAR_M = ruled('roosts.end.near');

/** Bars run whole from one side to the other, clear of the walls by what costs nothing. */
export function longest(plan: Plan, axis: 'x' | 'y'): { from: number; lengthM: number } {
  const room = axis === 'x' ? plan.shell.lengthM : plan.shell.widthM;
  const end = up(plan, END_CLEAR_M);
  return { from: end, lengthM: Math.max(0, down(plan, room - 2 * end)) };
}

/**
 * How far a bar may run between the walls without its droppings reaching a nest bank.
 * @example clearOfNests({ ...plan, fixtures: [bar] }, bar, 2.2) // { from: 0.15, lengthM: 3.7 }
 */
export function clearOfNests(
  plan: Plan,
  bar: Bar,
  heaviestKg: number,
): { from: number; lengthM: number } {
  const { from, lengthM } = longest(plan, bar.axis);
  let [near, far] = [from, from + lengthM];
  for (const f of plan.fixtures) {
    if (f.kind !== 'nestBank') continue;
    const s = solidOf(f, plan);
    const shadow = droppingsShadow({ ...bar, ...placed(bar, from, lengthM) }, heaviestKg, plan);
    if (!meetInPlan(shadow, s)) continue;
    const [lo, hi] = bar.axis === 'x' ? [s.x0, s.x1] : [s.y0, s.y1];
    if ((lo + hi) / 2 < (near + far) / 2) near = Math.max(near, up(plan, hi + NEST_CLEAR_M));
    else far = Math.min(far, down(plan, lo - NEST_CLEAR_M));
  }
  return { from: near, lengthM: down(plan, Math.max(0, far - near)) };
}

/** A bar that ends beside a bank ends so far from it. */
const NEST_CLEAR_M = 0.02;

/**
 * A bar as it is told where it is laid: from so far along its wall, m, and so long, m.
 * @param from  its near end, m from the wall that it starts at
 * @example placed(bar, 0.5, 2) // { x: 0.5, lengthM: 2 }
 */
export const placed = (bar: Bar, from: number, lengthM: number) =>
  bar.axis === 'x' ? { x: from, lengthM } : { y: from, lengthM };
