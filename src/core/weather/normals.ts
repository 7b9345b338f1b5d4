import type { MonthNormals } from '../model/climates.data';
import type { WeatherNormals } from './days';

/** Spread of days by the range of the year, K: what a mild place has, how much more a wider year has, and the most. */
const SPREAD = { leastK: 2.2, fromK: 10, perK: 0.1, mostK: 4.5 } as const;

/**
 * Spread of a day's mean about its normal, K: the wider the year, the more its days depart from it.
 * @source domain notes, "Settled", Weather
 */
export function anomalyOf(months: readonly MonthNormals[]): number {
  const means = months.map((m) => m.meanC);
  const rangeK = Math.max(...means) - Math.min(...means);
  const spreadK = SPREAD.leastK + SPREAD.perK * (rangeK - SPREAD.fromK);
  return Math.min(SPREAD.mostK, Math.max(SPREAD.leastK, spreadK));
}

/** What all weather of a place is generated from. */
export const weatherNormals = (place: {
  readonly months: readonly MonthNormals[];
  readonly latitudeDeg: number;
  readonly altitudeM: number;
}): WeatherNormals => {
  const { months, latitudeDeg, altitudeM } = place;
  return {
    meanC: months.map((m) => m.meanC),
    minC: months.map((m) => m.minC),
    maxC: months.map((m) => m.maxC),
    anomalyK: anomalyOf(months),
    rh: months.map((m) => m.rh),
    windMS: months.map((m) => m.windMS),
    rainMm: months.map((m) => m.rainMm),
    rainDays: months.map((m) => m.rainDays),
    sunHours: months.map((m) => m.sunHours),
    latitudeDeg,
    altitudeM,
  };
};
