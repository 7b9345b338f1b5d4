import { dayOf, type FlockByDay } from '../../birds/flock';
import { ASSUMED, type Basis, ENTERED } from '../../kernel/working';
import type { Sheet } from '../sheet';
import { MONTHLY_WORKINGS as W } from './monthly.working';

/** One calendar month of the horizon; the first and the last are cut by it. */
export interface MonthRow {
  /** YYYY-MM */
  readonly month: string;
  /** Figure ids. */
  readonly birds: string;
  readonly dozens: string;
  readonly feed: string;
  readonly bags: string;
  readonly water: string;
}

const NRC: Basis = { evidence: 'published', source: 'nrc-1994' };
const USAGE: Basis = { evidence: 'keepers', source: 'keepers' };

/** The months of the horizon, with the ids of what they give and ask. */
export const monthRows = (flock: FlockByDay): MonthRow[] =>
  spans(flock).map(({ month }) => {
    const id = idsOf(month);
    return {
      month,
      birds: id('birds'),
      dozens: id('dozens'),
      feed: id('feed'),
      bags: id('bags'),
      water: id('water'),
    };
  });

const idsOf =
  (month: string) =>
  (name: string): string =>
    `month.${month}.${name}`;

/**
 * What the flock gives and asks month by month: most birds, dozen eggs, feed, bags, water.
 * @param bagKg  feed in a bag as the keeper buys it, kg
 */
export function monthlyFigures(s: Sheet, flock: FlockByDay, bagKg: number): void {
  for (const { month, from, to } of spans(flock)) {
    const of = (measure: 'head' | 'eggs' | 'feedKg' | 'waterL'): number[] =>
      Array.from(flock.totals[measure].subarray(from, to));
    const id = idsOf(month);
    const birds = of('head');
    const eggs = of('eggs');
    const feed = of('feedKg');
    const water = of('waterL');
    const feedKg = total(feed);
    const most = Math.max(...birds);
    s.worked(id('birds'), W['month.birds'], { birds, most }, ENTERED);
    const dozens = total(eggs) / 12;
    s.worked(id('dozens'), W['month.dozens'], { eggs, dozens }, ASSUMED);
    s.worked(id('feed'), W['month.feed'], { feed, total: feedKg }, NRC);
    const bags = { feed: feedKg, bag: bagKg, bags: feedKg / bagKg };
    s.worked(id('bags'), W['month.bags'], bags, USAGE);
    const litres = { water, total: total(water) };
    s.worked(id('water'), W['month.water'], litres, USAGE);
  }
}

const total = (days: readonly number[]): number => days.reduce((a, b) => a + b, 0);

/** Days of the horizon month by month. */
function spans(flock: FlockByDay): { month: string; from: number; to: number }[] {
  const found: { month: string; from: number; to: number }[] = [];
  for (let d = 0; d < flock.horizon.length; ) {
    const day = dayOf(flock, d);
    const last = new Date(
      Date.UTC(Number(day.slice(0, 4)), Number(day.slice(5, 7)), 0),
    ).getUTCDate();
    const to = Math.min(flock.horizon.length, d + last - Number(day.slice(8, 10)) + 1);
    found.push({ month: day.slice(0, 7), from: d, to });
    d = to;
  }
  return found;
}
