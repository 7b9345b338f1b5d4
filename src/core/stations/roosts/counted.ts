import { barsOf, type NotCounted, notCounted } from '../../geometry/bars';
import { outsideCode } from '../../geometry/outside';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import type { Bar } from '../../model/schema';
import type { StationContext } from '../context';
import { reachedByLots } from './climbing';

/** Why each bar does not count; null for those that do. */
export const whyNotCounted = (ctx: StationContext): ReadonlyMap<string, NotCounted> =>
  ctx.once('notCounted', () => {
    const heaviest = ctx.flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG;
    const reached = reachedByLots(ctx);
    const sleepers = ctx.flock.lots.flatMap((lot, i) => (lot.kind === 'duck' ? [] : [i]));
    // without birds on bars nobody is kept from them
    const slept = (bar: Bar): boolean =>
      outsideCode(bar, ctx.plan) === null &&
      (sleepers.length === 0 || sleepers.some((i) => reached[i]?.has(bar.id)));
    return new Map(
      barsOf(ctx.plan).map((bar) => [bar.id, notCounted(bar, ctx.plan, heaviest, slept)]),
    );
  });
