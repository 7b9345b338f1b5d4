import { litterEndM } from '../../../model/litter';
import type { Plan } from '../../../model/schema';
import { down } from '../../../model/tape';
import { ruled } from '../../../rules/rules.data';

/**
 * The plan over a bed that is kept so low that one step leads to the nests and two to the bars; null where its own
 * bed is low enough, or where these birds hop too little for any.
 * @example lowBed({ ...plan, litter: { ...plan.litter, finalM: 0.4 } }, 0.15)?.litter.finalM // 0.22
 */
export function lowBed(plan: Plan, hopM: number): Plan | null {
  const { depthM } = plan.litter;
  const rise = Math.min(
    2 * hopM - ruled('nests.lip.final'),
    3 * hopM - ruled('roosts.lowest.final'),
  );
  const finalM = down(plan, depthM + rise);
  if (rise < 0 || finalM >= litterEndM(plan) - 1e-9) return null;
  return { ...plan, litter: { ...plan.litter, finalM } };
}
