import { quantileSorted } from 'd3-array';
import { YEAR_DAYS } from '../../weather/yearCurve';

/** Days of the year by which a line is drained and may be filled again: in one, five and nine years of ten. */
export interface LineDates {
  /** In so many of ten years the first frost has come by then: drain it before. */
  readonly drainBy: readonly [one: number, five: number, nine: number];
  /** In so many of ten years the last frost is over by then. */
  readonly refillBy: readonly [one: number, five: number, nine: number];
}

const PARTS = [0.1, 0.5, 0.9] as const;

/**
 * When a line is drained and filled again, by the first and the last frost of many winters.
 * @param nightsC  minima of whole years, one after another, °C
 * @param hottest  day of the year that is hottest, 0…364
 * @returns null where fewer than one winter in ten has frost
 * @example lineDates(new Float64Array(1095).fill(4), 200) // null
 */
export function lineDates(nightsC: Float64Array, hottest: number): LineDates | null {
  const winters = Math.floor(nightsC.length / YEAR_DAYS) - 1;
  const [firsts, lasts]: [number[], number[]] = [[], []];
  for (let w = 0; w < winters; w++) {
    const own = nightsC.subarray(w * YEAR_DAYS + hottest, (w + 1) * YEAR_DAYS + hottest);
    const first = own.findIndex((c) => c <= 0);
    if (first < 0) continue;
    firsts.push(first);
    lasts.push(own.findLastIndex((c) => c <= 0));
  }
  if (winters === 0 || firsts.length < winters * 0.1) return null;
  const at = (days: number[]) => {
    const sorted = days.toSorted((a, b) => a - b);
    const [one, five, nine] = PARTS.map(
      (q) => (Math.round(quantileSorted(sorted, q) ?? 0) + hottest) % YEAR_DAYS,
    );
    return [one ?? 0, five ?? 0, nine ?? 0] as const;
  };
  return { drainBy: at(firsts), refillBy: at(lasts) };
}
