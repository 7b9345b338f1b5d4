import type { Plan, Vessel } from '@/core/model/schema';
import type { Shown } from './rows';

/** A height in the file is above the bare floor; a keeper measures from the litter. */
export const ABOVE_LITTER: Shown<unknown> = {
  show: (z, _, plan) => (z === null ? null : (z as number) - plan.litter.depthM),
  store: (m, _before, _of, plan) => (m === null ? null : (m as number) + plan.litter.depthM),
};

/** The same of a feeder or a drinker, which in the run stands on bare ground. */
export const RIM_ABOVE_LITTER: Shown<Vessel> = {
  show: (z, v, plan) => (z as number) - litterUnder(v, plan),
  store: (m, _before, v, plan) => (m as number) + litterUnder(v, plan),
};
const litterUnder = (v: Vessel, plan: Plan): number => (v.place === 'run' ? 0 : plan.litter.depthM);

/** The same of a step that may not be there, which the file says as 0. */
export const STEP_ABOVE_LITTER: Shown<unknown> = {
  open: true,
  show: (z, _, plan) => (z === 0 ? null : (z as number) - plan.litter.depthM),
  store: (m, _before, _of, plan) => (m === null ? 0 : (m as number) + plan.litter.depthM),
};

/** A share, in hundredths. */
export const PERCENT: Shown<unknown> = {
  unit: '%',
  show: (share) => Math.round((share as number) * 1000) / 10,
  store: (n) => (n as number) / 100,
};

/** A fall, as the length along which it goes down by one. */
export const ONE_IN: Shown<unknown> = {
  show: (fall) => Math.round(1 / (fall as number)),
  store: (n) => 1 / (n as number),
};

/** Whether one of a list is in it. */
export const among = (member: string): Shown<unknown> => ({
  type: 'yesNo',
  show: (list) => (list as readonly string[]).includes(member),
  store: (yes, list) => {
    const others = (list as readonly string[]).filter((m) => m !== member);
    return yes ? [...others, member] : others;
  },
});
