import type { Plan } from './schema';

/** Litter as it is started, m: hops and drops are measured from it. */
export const litterStartM = (plan: Pick<Plan, 'litter'>): number => plan.litter.depthM;

/** Litter as it is cleaned out, m: clearances are measured from it. */
export const litterEndM = (plan: Pick<Plan, 'litter'>): number =>
  plan.litter.finalM ?? plan.litter.depthM;
