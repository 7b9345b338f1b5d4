import { dayOf } from '../../birds/flock';
import type { FindingNumber } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, KEEPERS } from '../../kernel/working';
import type { Feeder } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { monthOfDay } from '../../weather/yearCurve';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { contentsKg, reachedOn, wasteOf } from '../vessels/vessels';
import { VESSEL_WORKINGS as W } from '../vessels/vessels.working';

/** Days on which feed keeps alike: how long, and how much the birds eat then, kg a day. */
interface Spell {
  readonly fresh: 'feed.fresh.days' | 'feed.fresh.daysHot';
  readonly meanKg: number;
  readonly peakKg: number;
}

/** Eaten by all on the days that are looked at, where they are fed here; null where they never are. */
function spellOf(
  { flock }: StationContext,
  fresh: Spell['fresh'],
  isIn: (dayOfYear: number) => boolean,
): Spell | null {
  let [fed, kg, peakKg] = [0, 0, 0];
  flock.totals.coopFeedKg.forEach((day, d) => {
    if (day === 0 || !isIn(flock.horizon.dayOfYear[d] ?? 0)) return;
    fed++;
    kg += day;
    peakKg = Math.max(peakKg, day);
  });
  return fed === 0 ? null : { fresh, meanKg: kg / fed, peakKg };
}

/** An ordinary day of the years ahead on which they are fed here, kg; null where they never are. */
export const ordinaryKg = (ctx: StationContext): number | null =>
  spellOf(ctx, 'feed.fresh.days', () => true)?.meanKg ?? null;

/** The months that are hot and damp, in which feed keeps half as long; null where none is. */
function hotSpell(ctx: StationContext): Spell | null {
  const [rh, meanC] = [ruled('feed.fresh.hotRh'), ruled('feed.fresh.hotC')];
  const months = ctx.flock.climate?.months ?? [];
  const isHot = months.map((m) => m.rh >= rh && m.meanC >= meanC);
  return isHot.includes(true)
    ? spellOf(ctx, 'feed.fresh.daysHot', (day) => isHot[monthOfDay(day)] === true)
    : null;
}

/** What of it is not eaten while it is fresh: in any month, or in the hot ones; null where all of it is. */
function staleOf(s: Sheet, days: FindingNumber, inHeat: FindingNumber | null) {
  if (below(ruled('feed.fresh.days'), days.value)) {
    return { days, fresh: s.fact('feed.fresh.days') };
  }
  return inHeat && below(ruled('feed.fresh.daysHot'), inHeat.value)
    ? { days: inHeat, fresh: s.fact('feed.fresh.daysHot') }
    : null;
}

/** How long full feeders last, on the day that they eat most: too short, or longer than feed keeps. */
export function daysHeld(s: Sheet, ctx: StationContext, feeders: readonly Feeder[]): void {
  const peak = ctx.flock.peaks.coopFeedKg;
  if (feeders.length === 0 || peak === null) return;
  // what nobody gets at feeds nobody
  const reached = reachedOn(feeders, ctx, peak.d);
  if (reached.length === 0) return;
  const contents = reached.map(contentsKg);
  const waste = reached.map(wasteOf);
  const eaten = contents.map((c, i) => c / (waste[i] ?? 1));
  const kg = eaten.reduce((a, b) => a + b, 0);
  const lasts = (id: string, intake: number) => {
    const parts = { contents, waste, eaten, intake, days: kg / intake };
    return s.worked(id, W['feed.days'], parts, ASSUMED);
  };
  const days = lasts('feed.days', peak.value);
  const ids = feeders.map((f) => f.id);
  const wanted = s.entered('feed.days.wanted', 'days', ctx.plan.fills.feedDays);
  if (below(days.value, ctx.plan.fills.feedDays)) {
    const when = dayOf(ctx.flock, peak.d);
    s.find('feed.days.short', 'short', ids, { days, wanted }, null, when);
    return;
  }
  const hot = hotSpell(ctx);
  const inHeat = hot && lasts('feed.daysHot', hot.peakKg);
  const stale = staleOf(s, days, inHeat);
  if (stale) s.find('feed.fill.stale', 'awkward', ids, stale);
}

/** Bags as they are sold, kg. Source: keepers. */
const BAGS = [5, 10, 15, 20, 25] as const;

/** The largest bag that is eaten while it is fresh, in the month in which it is open. */
export function bag(s: Sheet, ctx: StationContext, feeders: readonly Feeder[]): void {
  const ordinary = spellOf(ctx, 'feed.fresh.days', () => true);
  if (ordinary === null) return;
  const hot = hotSpell(ctx);
  const waste = feeders.length === 0 ? 1 : Math.max(...feeders.map(wasteOf));
  const mostOf = ({ fresh, meanKg }: Spell): number => ruled(fresh) * meanKg * waste;
  const most = Math.min(mostOf(ordinary), hot ? mostOf(hot) : Number.POSITIVE_INFINITY);
  const fits = BAGS.filter((kg) => kg <= most).at(-1) ?? BAGS[0];
  const fitting = s.found('feed.bag.fits', 'kg', fits, KEEPERS);
  const { bagKg } = ctx.plan.fills;
  const lasts = (id: string, { meanKg }: Spell) => {
    const parts = { bag: bagKg, intake: meanKg, waste, days: bagKg / (meanKg * waste) };
    return s.worked(id, W['feed.bag.days'], parts, ASSUMED);
  };
  const days = lasts('feed.bag.days', ordinary);
  const inHeat = hot && lasts('feed.bag.daysHot', hot);
  if (feeders.length === 0) return;
  const stale = staleOf(s, days, inHeat);
  if (stale === null) return;
  s.find('feed.bag.stale', 'awkward', [], {
    bag: s.entered('feed.bag', 'kg', bagKg),
    ...stale,
    fits: fitting,
  });
}
