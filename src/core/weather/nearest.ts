import { CLIMATES, type ClimateRow } from '../model/climates.data';

/** A place's weather as anybody knows it: how cold and how warm its months are, and whether it is wet. */
export interface KnownWeather {
  readonly coldestC: number;
  readonly warmestC: number;
  readonly wet: boolean;
}

/** A year with more rain than this is a wet one, mm. Source: wide-rafter (assumption). */
const WET_MM = 700;

/** Rain counts for as much as so many degrees of either month, K. Source: wide-rafter (assumption). */
const WET_K = 5;

/**
 * The shipped climate that is nearest to what is known of a place.
 * @example nearestClimate({ coldestC: -14, warmestC: 20, wet: false }).id // 'cold-continental'
 */
export function nearestClimate(known: KnownWeather): ClimateRow {
  const away = (row: ClimateRow): number => {
    const own = weatherOf(row);
    return (
      (own.coldestC - known.coldestC) ** 2 +
      (own.warmestC - known.warmestC) ** 2 +
      (own.wet === known.wet ? 0 : WET_K ** 2)
    );
  };
  return CLIMATES.reduce((best, row) => (away(row) < away(best) ? row : best));
}

/** What anybody knows of a shipped climate. */
export function weatherOf({ months }: Pick<ClimateRow, 'months'>): KnownWeather {
  const means = months.map((m) => m.meanC);
  const rain = months.reduce((sum, m) => sum + m.rainMm, 0);
  return { coldestC: Math.min(...means), warmestC: Math.max(...means), wet: rain >= WET_MM };
}
