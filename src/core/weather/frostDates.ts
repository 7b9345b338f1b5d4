import { quantileSorted } from 'd3-array';
import { YEAR_DAYS } from './yearCurve';

/** When frost comes and goes, as days of the year, 0…364: in one of ten years so early or late, in a middle year. */
export interface FrostDates {
  readonly first: { readonly early: number; readonly middle: number };
  readonly last: { readonly late: number; readonly middle: number };
  /** Share of the years that have frost at all, 0…1. */
  readonly share: number;
}

/**
 * First frost of the cold half-year and the last, over many years of night minima, reckoned from the hottest day on;
 * null where fewer than one year in ten has any.
 * @param nightsC  minima of so many whole years, one after another, °C
 * @param hottest  day of the year that is hottest, 0…364
 * @example        frostDates(new Float64Array(730).fill(5), 200) // null
 */
export function frostDates(nightsC: Float64Array, hottest: number): FrostDates | null {
  const [firsts, lasts]: [number[], number[]] = [[], []];
  // a cold half-year runs from one hottest day to the next
  const winters = Math.floor(nightsC.length / YEAR_DAYS) - 1;
  for (let w = 0; w < winters; w++) {
    const own = nightsC.subarray(w * YEAR_DAYS + hottest, (w + 1) * YEAR_DAYS + hottest);
    const first = own.findIndex((c) => c <= 0);
    if (first < 0) continue;
    firsts.push(first);
    lasts.push(own.findLastIndex((c) => c <= 0));
  }
  const share = winters === 0 ? 0 : firsts.length / winters;
  if (share < 0.1) return null;
  const at = (days: number[], q: number): number =>
    (Math.round(
      quantileSorted(
        days.toSorted((a, b) => a - b),
        q,
      ) ?? 0,
    ) +
      hottest) %
    YEAR_DAYS;
  return {
    first: { early: at(firsts, 0.1), middle: at(firsts, 0.5) },
    last: { late: at(lasts, 0.9), middle: at(lasts, 0.5) },
    share,
  };
}

/**
 * The day of the year that is hottest by its normals.
 * @param maxC  mean daily maxima, by the day of the year, °C
 * @example     hottestDay(Float64Array.of(1, 3, 2)) // 1
 */
export const hottestDay = (maxC: Float64Array): number => maxC.indexOf(Math.max(...maxC));
