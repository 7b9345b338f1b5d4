import { highestNestLipZ } from '../geometry/bars';
import { litterEndM } from '../model/litter';
import type { Plan } from '../model/schema';
import { up } from '../model/tape';
import { ruled } from '../rules/rules.data';

/** The lowest a sleeping bar may stand here, m above the bare floor: over the litter, and over the nests. */
export function leastBarZ(plan: Plan): number {
  const overLitter = Math.max(
    plan.litter.depthM + ruled('roosts.lowest'),
    litterEndM(plan) + ruled('roosts.lowest.final'),
  );
  const lip = highestNestLipZ(plan);
  return up(
    plan,
    lip === null ? overLitter : Math.max(overLitter, lip + ruled('roosts.aboveNests')),
  );
}
