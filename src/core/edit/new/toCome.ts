import type { FlockSizes } from '../../birds/flockSizes';
import { sleepingBars } from '../../geometry/bars';
import type { Plan } from '../../model/schema';
import { tape } from '../../model/tape';
import { fitM } from '../../rules/book';
import { ruled } from '../../rules/rules.data';

/** Depth along the rear wall that the first bar and its droppings will take, m; 0 where there is one, or nobody sleeps on bars. */
export function barsToComeM(plan: Plan, { heaviestOnBarsKg: kg }: FlockSizes): number {
  if (kg === null || sleepingBars(plan).length > 0) return 0;
  return tape(plan).up(fitM('roosts.wall', kg) + fitM('roosts.shadow', kg));
}

/** Where a hen's lip stands by default, m above the bare floor: birds get in, and the keeper need not stoop. */
export const usualLipZ = (plan: Plan): number =>
  Math.max(plan.litter.depthM + 0.45, ruled('reach.bend'));

/** How high bars stand so that nests still to come fit under them, as far as all birds get up there and may sleep so high. */
export function overNestsToCome(plan: Plan, { layers, highestM, hopM }: FlockSizes): number {
  if (layers === 0) return 0;
  const most = plan.litter.depthM + Math.min(highestM, hopM);
  const over = tape(plan).up(usualLipZ(plan) + ruled('roosts.aboveNests') + SPARE_M);
  return over <= most + 1e-9 ? over : Math.max(0, tape(plan).down(most));
}

/** Room that is left between nests and bars beside the rule's own, m. */
export const SPARE_M = 0.02;
