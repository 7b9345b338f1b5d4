import { DAY_MS } from '../kernel/units/day';
import { CLIMATES, type ClimateRow, type MonthNormals } from '../model/climates.data';
import type { Plan } from '../model/schema';
import { daylightHours } from './daylight';
import { type DesignHours, designHours } from './designHours';
import { type DesignTemperatures, designDays, designTemperatures } from './generator';
import { weatherNormals } from './normals';
import { monthStart, yearCurve } from './yearCurve';

/** A plan's climate with what is worked from it once. Columns hold a value a day of the year. */
export interface Climate {
  readonly months: readonly MonthNormals[];
  readonly latitudeDeg: number;
  readonly altitudeM: number;
  readonly meanC: Float64Array;
  readonly maxC: Float64Array;
  readonly daylightH: Float64Array;
  readonly design: DesignTemperatures;
  readonly hours: DesignHours;
  /** Night minima of thirty years, one after another, °C. */
  readonly nightsC: Float64Array;
}

export const climateById = (id: string): ClimateRow | undefined =>
  CLIMATES.find((c) => c.id === id);

/** The normals a plan goes by; null where it has no climate. */
export function monthsOf(climate: Plan['climate']): readonly MonthNormals[] | null {
  if (climate === null) return null;
  const { source } = climate;
  return source.kind === 'shipped' ? (climateById(source.id)?.months ?? null) : source.months;
}

/**
 * A plan's climate, worked; null where it has none, and rules for hot and cold places then do not apply.
 */
export function workClimate(climate: Plan['climate']): Climate | null {
  const months = monthsOf(climate);
  if (climate === null || months === null) return null;
  const normals = weatherNormals({ ...climate, months });
  const days = designDays(normals);
  const design = designTemperatures(normals, days);
  return {
    months,
    latitudeDeg: climate.latitudeDeg,
    altitudeM: climate.altitudeM,
    meanC: yearCurve(normals.meanC),
    maxC: yearCurve(normals.maxC),
    daylightH: daylightHours(climate.latitudeDeg),
    design,
    hours: designHours(normals, design),
    nightsC: days.minC,
  };
}

/** Day of the year, 0…364, of an ISO day; 29 February counts as the 28th. */
export function dayOfYear(iso: string): number {
  return ofMonthAndDay(Number(iso.slice(5, 7)) - 1, Number(iso.slice(8, 10)));
}

/**
 * The same of a day counted from 1 January 1970.
 * @example dayOfYearAt(31) // 31
 */
export function dayOfYearAt(day: number): number {
  const date = new Date(day * DAY_MS);
  return ofMonthAndDay(date.getUTCMonth(), date.getUTCDate());
}

const ofMonthAndDay = (month: number, day: number): number =>
  monthStart(month) + (month === 1 && day === 29 ? 28 : day) - 1;
