import { dayOf, type FlockByDay } from '../../birds/flock';
import { ASSUMED, type Basis, ENTERED, type Figure, figure } from '../../kernel/working';
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

/**
 * What the flock gives and asks month by month: most birds, dozen eggs, feed, bags, water.
 * @param bagKg  feed in a bag as the keeper buys it, kg
 */
export function monthlyFigures(
  flock: FlockByDay,
  bagKg: number,
): { figures: Figure[]; months: MonthRow[] } {
  const figures: Figure[] = [];
  const months = spans(flock).map(({ month, from, to }): MonthRow => {
    const of = (measure: 'head' | 'eggs' | 'feedKg' | 'waterL'): number[] =>
      Array.from(flock.totals[measure].subarray(from, to));
    const id = (name: string): string => `month.${month}.${name}`;
    const birds = of('head');
    const eggs = of('eggs');
    const feed = of('feedKg');
    const water = of('waterL');
    const feedKg = total(feed);
    const own = [
      figure(
        id('birds'),
        'month.birds',
        W['month.birds'],
        { birds, most: Math.max(...birds) },
        ENTERED,
      ),
      figure(
        id('dozens'),
        'month.dozens',
        W['month.dozens'],
        { eggs, dozens: total(eggs) / 12 },
        ASSUMED,
      ),
      figure(id('feed'), 'month.feed', W['month.feed'], { feed, total: feedKg }, NRC),
      figure(
        id('bags'),
        'month.bags',
        W['month.bags'],
        { feed: feedKg, bag: bagKg, bags: feedKg / bagKg },
        USAGE,
      ),
      figure(id('water'), 'month.water', W['month.water'], { water, total: total(water) }, USAGE),
    ];
    figures.push(...own);
    return {
      month,
      birds: id('birds'),
      dozens: id('dozens'),
      feed: id('feed'),
      bags: id('bags'),
      water: id('water'),
    };
  });
  return { figures, months };
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
