import { amongBars, type NotCounted, notCounted } from '../../geometry/bars';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import type { Bar } from '../../model/schema';
import type { StationContext } from '../context';
import { sleepingIn } from '../shadows';
import { reachedByLots } from './climbing';

/** Why each bar does not count; null for those that do. */
export const whyNotCounted = (ctx: StationContext): ReadonlyMap<string, NotCounted> => {
  const reached = reachedByLots(ctx);
  const { of, plan, flock } = ctx;
  const reads = [of('bar'), of('nestBank'), plan.shell, plan.litter, flock, reached];
  return ctx.kept('roosts.notCounted', reads, () => {
    const heaviest = flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG;
    const sleepers = flock.lots.flatMap((lot, i) => (lot.kind === 'duck' ? [] : [i]));
    // without birds on bars nobody is kept from them
    const slept = (bar: Bar): boolean =>
      ctx.outside(bar) === null &&
      (sleepers.length === 0 || sleepers.some((i) => reached[i]?.has(bar.id)));
    const among = amongBars(plan, ctx, sleepingIn(ctx));
    return new Map(of('bar').map((bar) => [bar.id, notCounted(bar, among, heaviest, slept)]));
  });
};
