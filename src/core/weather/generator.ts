import { quantile } from 'd3-array';
import { ruled } from '../rules/rules.data';
import { chanceOf } from './chance';
import { monthOfDay, YEAR_DAYS, yearCurve } from './yearCurve';

/** How much of a day's departure from normal is left the day after. */
const PERSISTENCE = ruled('weather.persistence');

/** What temperatures are generated from: twelve normals each, January first, °C. */
export interface TemperatureNormals {
  readonly meanC: readonly number[];
  readonly minC: readonly number[];
  readonly maxC: readonly number[];
  /** Spread of a day's mean about its normal, K. */
  readonly anomalyK: number;
}

/** Generated days, one after another, °C. */
export interface GeneratedDays {
  readonly meanC: Float64Array;
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
}

/**
 * Daily minima and maxima of so many years: the day's normal, and a departure that fades by 0.7 a day.
 * The same seed gives the same days.
 * @source  wide-rafter (assumption: first-order autoregression about the year's straight lines)
 * @example generateDays({ meanC: Array(12).fill(10), minC: Array(12).fill(5), maxC: Array(12).fill(15), anomalyK: 0 }, 1, 7).minC[100] // 5
 */
export function generateDays(
  normals: TemperatureNormals,
  years: number,
  seed: number,
): GeneratedDays {
  const mean = yearCurve(normals.meanC);
  const half = yearCurve(normals.maxC.map((max, m) => (max - (normals.minC[m] ?? max)) / 2));
  const days = years * YEAR_DAYS;
  const meanC = new Float64Array(days);
  const minC = new Float64Array(days);
  const maxC = new Float64Array(days);
  const { normal } = chanceOf(seed);
  const fresh = normals.anomalyK * Math.sqrt(1 - PERSISTENCE ** 2);
  let anomaly = normals.anomalyK * normal();
  for (let i = 0; i < days; i++) {
    anomaly = PERSISTENCE * anomaly + fresh * normal();
    const day = i % YEAR_DAYS;
    const middle = (mean[day] ?? 0) + anomaly;
    meanC[i] = middle;
    minC[i] = middle - (half[day] ?? 0);
    maxC[i] = middle + (half[day] ?? 0);
  }
  return { meanC, minC, maxC };
}

/** Temperatures that fit-outs are judged by, °C. */
export interface DesignTemperatures {
  /** 2nd percentile of daily minima in the coldest month. */
  readonly winterC: number;
  /** 98th percentile of daily maxima in the hottest month. */
  readonly summerC: number;
  /** Mean daily maximum of the hottest month. */
  readonly hottestMeanMaxC: number;
}

const DESIGN_YEARS = ruled('weather.years');
const DESIGN_SEED = 1961;

/** Thirty years of the place, always the same ones. */
export const designDays = (normals: TemperatureNormals): GeneratedDays =>
  generateDays(normals, DESIGN_YEARS, DESIGN_SEED);

/** @source wide-rafter (assumption): of thirty generated years */
export function designTemperatures(
  normals: TemperatureNormals,
  { minC, maxC } = designDays(normals),
): DesignTemperatures {
  const coldest = indexOf(normals.minC, Math.min(...normals.minC));
  const hottest = indexOf(normals.maxC, Math.max(...normals.maxC));
  return {
    winterC: quantile(ofMonth(minC, coldest), 0.02) ?? Number.NaN,
    summerC: quantile(ofMonth(maxC, hottest), 0.98) ?? Number.NaN,
    hottestMeanMaxC: normals.maxC[hottest] ?? 0,
  };
}

const indexOf = (months: readonly number[], value: number): number => months.indexOf(value);

const ofMonth = (days: Float64Array, month: number): Float64Array =>
  days.filter((_, i) => monthOfDay(i % YEAR_DAYS) === month);
