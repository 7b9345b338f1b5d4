import { inRun, solidOf } from '../geometry/solids';
import type { Solid } from '../kernel/finding';
import type { Plan } from '../model/schema';

const middle = (s: Solid): readonly [number, number] => [(s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2];

/**
 * How far a keeper goes on a day's round, m: from the way in to every feeder, drinker and bank that is not served from
 * outside, as the crow flies.
 * @example stepsM({ ...plan, fixtures: [] }) // 0
 */
export function stepsM(plan: Plan): number {
  const way = plan.fixtures.find((f) => f.kind === 'door' || f.kind === 'hatch');
  if (!way) return 0;
  const [x, y] = middle(solidOf(way, plan));
  return plan.fixtures.reduce((sum, f) => {
    const isServed =
      ((f.kind === 'feeder' || f.kind === 'drinker') && f.fillFrom === 'inside') ||
      (f.kind === 'nestBank' && !f.hungOutside);
    if (!isServed || inRun(f)) return sum;
    const [fx, fy] = middle(solidOf(f, plan));
    return sum + Math.hypot(fx - x, fy - y);
  }, 0);
}

/**
 * Timber and sheet of a fit-out: metres of bar, and square metres of board and boxes.
 * @example materialOf({ ...plan, fixtures: [] }) // 0
 */
export const materialOf = (plan: Plan): number =>
  plan.fixtures.reduce((sum, f) => {
    if (f.kind === 'bar') return sum + f.lengthM;
    if (f.kind === 'board') return sum + f.lengthM * f.depthM;
    return f.kind === 'nestBank' ? sum + f.boxes * f.boxW * (f.boxD + 2 * f.boxH) : sum;
  }, 0);
