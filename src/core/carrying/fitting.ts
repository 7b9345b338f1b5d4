import type { Measure } from '../birds/flock';
import type { AskedDay, PerBird } from './asked';

/** What a station asks: the demand of one bird of each lot on a day, and whether a flock fits. */
export interface StationDemand {
  /** What the day of the largest demand is found by: the flock's total of this. */
  readonly measure: Measure;
  /** Demand of one bird of each lot, in the station's own unit; 0 where it asks nothing. @param d day of the horizon */
  readonly perBird: PerBird;
  /** Whether so many birds of each lot fit, on that day. */
  fits(taken: readonly number[], day: AskedDay): boolean;
  /**
   * Only where a flock may fit though a smaller one does not: whether the first n birds of a day fit, and all
   * smaller flocks with them, by a bound that needs no trying. Without it a bird less never fits worse.
   */
  sure?(n: number, day: AskedDay): boolean;
}

/**
 * The largest n of at most `limit` such that the flocks of 1…n birds all fit.
 * Most stations never fit a smaller flock worse, so it is found by halving.
 * @param limit  most birds asked about
 * @example fittingUpTo(askedDay, { fits: ([n]) => n <= 4 }, 6) // 4
 */
export function fittingUpTo(
  day: AskedDay,
  demand: Pick<StationDemand, 'fits' | 'sure'>,
  limit: number,
): number {
  if (limit <= 0) return 0;
  const { seq } = day;
  const { sure } = demand;
  if (sure) {
    if (sure(limit, day)) return limit;
    let n = halving(limit, (m) => sure(m, day));
    while (n < limit && demand.fits(seq.of(n + 1), day)) n++;
    return n;
  }
  return halving(limit, (m) => demand.fits(seq.of(m), day));
}

/** Where no end is near, flocks are asked for in steps that double from here. */
const FIRST_STEP = 16;

/** The largest n of at most `limit` that holds, where all below one that holds hold too. */
function halving(limit: number, holds: (n: number) => boolean): number {
  let [low, high] = [0, Math.min(limit, FIRST_STEP)];
  while (holds(high)) {
    if (high === limit) return limit;
    [low, high] = [high, Math.min(limit, 2 * high)];
  }
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}
