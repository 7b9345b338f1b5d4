import { CLIMATES, type ClimateRow, type MonthNormals } from '../model/climates.data';
import type { Plan } from '../model/schema';
import { daylightHours } from './daylight';
import {
  type DesignTemperatures,
  designDays,
  designTemperatures,
  type TemperatureNormals,
} from './generator';
import { yearCurve } from './yearCurve';

/** A plan's climate with what is worked from it once. Columns hold a value a day of the year. */
export interface Climate {
  readonly months: readonly MonthNormals[];
  readonly latitudeDeg: number;
  readonly altitudeM: number;
  readonly meanC: Float64Array;
  readonly maxC: Float64Array;
  readonly daylightH: Float64Array;
  readonly design: DesignTemperatures;
  /** Night minima of thirty years, one after another, °C. */
  readonly nightsC: Float64Array;
}

/** Spread of days taken where only normals are known, by the range of the year: mild 2.2 K … continental 4.5 K. */
const MILD = { rangeK: 10, anomalyK: 2.2 } as const;
const CONTINENTAL = { rangeK: 35, anomalyK: 4.5 } as const;

export const climateById = (id: string): ClimateRow | undefined =>
  CLIMATES.find((c) => c.id === id);

/** The normals a plan goes by; null where it has no climate. */
export function monthsOf(climate: Plan['climate']): readonly MonthNormals[] | null {
  if (climate === null) return null;
  const { source } = climate;
  if (source.kind === 'normals') return source.months;
  return climateById(source.id)?.months ?? null;
}

/**
 * A plan's climate, worked; null where it has none, and rules for hot and cold places then do not apply.
 */
export function workClimate(climate: Plan['climate']): Climate | null {
  const months = monthsOf(climate);
  if (climate === null || months === null) return null;
  const normals = temperatureNormals(climate, months);
  const days = designDays(normals);
  return {
    months,
    latitudeDeg: climate.latitudeDeg,
    altitudeM: climate.altitudeM,
    meanC: yearCurve(normals.meanC),
    maxC: yearCurve(normals.maxC),
    daylightH: daylightHours(climate.latitudeDeg),
    design: designTemperatures(normals, days),
    nightsC: days.minC,
  };
}

function temperatureNormals(
  climate: NonNullable<Plan['climate']>,
  months: readonly MonthNormals[],
): TemperatureNormals {
  const { source } = climate;
  const known = source.kind === 'shipped' ? climateById(source.id)?.anomalyK : undefined;
  return {
    meanC: months.map((m) => m.meanC),
    minC: months.map((m) => m.minC),
    maxC: months.map((m) => m.maxC),
    anomalyK: known ?? anomalyOf(months),
  };
}

/** @source wide-rafter (assumption): the wider the year, the more its days depart from normal */
export function anomalyOf(months: readonly MonthNormals[]): number {
  const means = months.map((m) => m.meanC);
  const range = Math.max(...means) - Math.min(...means);
  const share = (range - MILD.rangeK) / (CONTINENTAL.rangeK - MILD.rangeK);
  const held = Math.min(1, Math.max(0, share));
  return MILD.anomalyK + held * (CONTINENTAL.anomalyK - MILD.anomalyK);
}

const DAY_MS = 86_400_000;

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

/** Days of a common year before each month. */
const BEFORE_MONTH = Array.from(
  { length: 12 },
  (_, month) => (Date.UTC(2025, month, 1) - Date.UTC(2025, 0, 1)) / DAY_MS,
);

const ofMonthAndDay = (month: number, day: number): number =>
  (BEFORE_MONTH[month] ?? 0) + (month === 1 && day === 29 ? 28 : day) - 1;
