import { isHigh } from '../../air/high';
import { netM2 } from '../../air/net';
import { outsideCode } from '../../geometry/outside';
import { letsAir } from '../../model/opens';
import type { AirOpening, Plan } from '../../model/schema';
import type { StationContext } from '../context';

/** Windows and vents that let air through on some day. */
export const airOpenings = (plan: Plan): AirOpening[] =>
  plan.fixtures.filter(
    (f): f is AirOpening => (f.kind === 'window' || f.kind === 'vent') && letsAir(f),
  );

/** Whether it is known of a window or vent whether it opens; where none of them opens, that is entered too: no air comes in. */
export const isEntered = (plan: Plan): boolean =>
  plan.fixtures.some((f) => (f.kind === 'window' || f.kind === 'vent') && f.opens !== 'unknown');

/** Net free area of an opening that lies in a wall of the shell, m²; 0 for one that does not. */
export const netInM2 = (o: AirOpening, plan: Plan): number =>
  outsideCode(o, plan) === null ? netM2(o) : 0;

/** The areas of the openings, worked anew only where one of them or the shell is another. */
export const areasIn = (ctx: StationContext): Areas =>
  ctx.kept('air.areas', [ctx.of('window'), ctx.of('vent'), ctx.plan.shell, ctx.plan.litter], () =>
    areasOf(ctx.plan),
  );

export interface Areas {
  /** High openings that can't be shut, and everything that can be open, m². */
  readonly alwaysM2: number;
  readonly allM2: number;
}

export function areasOf(plan: Plan): Areas {
  let alwaysM2 = 0;
  let allM2 = 0;
  for (const o of airOpenings(plan)) {
    const net = netInM2(o, plan);
    allM2 += net;
    if (o.opens === 'open' && isHigh(o, plan)) alwaysM2 += net;
  }
  return { alwaysM2, allM2 };
}

/** Net area of the openings of a plan: high up and open always, and in all, m². */
export const airThere = (plan: Plan): Areas => areasOf(plan);
