import { ruled } from '../rules/rules.data';
import { chanceOf } from './chance';
import { daylightHours } from './daylight';
import { generateDays, type TemperatureNormals } from './generator';
import { MONTH_DAYS, monthOfDay, YEAR_DAYS } from './yearCurve';

/** What all weather of a place is generated from: twelve normals each, January first. */
export interface WeatherNormals extends TemperatureNormals {
  /** Relative humidity over water, 0…1. */
  readonly rh: readonly number[];
  /** At 10 m in the open, m/s. */
  readonly windMS: readonly number[];
  readonly rainMm: readonly number[];
  readonly rainDays: readonly number[];
  /** Bright sunshine, hours a day. */
  readonly sunHours: readonly number[];
  readonly latitudeDeg: number;
  readonly altitudeM: number;
}

/** Generated days, a value a day. */
export interface WeatherDays {
  readonly meanC: Float64Array;
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
  /** Rain and melted snow, mm. */
  readonly rainMm: Float64Array;
  /** Share of the sky, 0…1. */
  readonly cloud: Float64Array;
  /** Mean of the day at 10 m, m/s. */
  readonly windMS: Float64Array;
  /** Where the wind comes from, degrees clockwise from where it mostly comes. */
  readonly windOffDeg: Float64Array;
}

/** What each element is drawn by, so that one more draw of one leaves the others alone. */
const OWN_SEED = { rain: 104_729, wind: 1_299_709 } as const;
const WET_CLOUD = 0.9;
/** Rain of a day a month may have at most on the mean of its wet days, mm. */
const MOST_A_DAY_MM = 40;
/** A mean of 1 is a Weibull of shape 2 and this scale's inverse. */
const WEIBULL_MEAN = 0.886;

/**
 * Days of so many years: temperatures, rain, cloud and wind. The same seed gives the same days.
 * @param years  1 or more
 * @param seed   any whole number
 * @example      generateWeatherDays(normals, 1, 7).minC.length // 365
 * @source       domain notes, "Weather" and "Settled"; rain's days: Geng et al. 1986
 */
export function generateWeatherDays(
  normals: WeatherNormals,
  years: number,
  seed: number,
): WeatherDays {
  const { minC, maxC, meanC } = generateDays(normals, years, seed);
  const days = minC.length;
  const rainMm = rainOf(normals, days, seed);
  const daylight = daylightHours(normals.latitudeDeg);
  const cloud = Float64Array.from(rainMm, (mm, i) => {
    const month = monthOfDay(i % YEAR_DAYS);
    return mm > 0 ? WET_CLOUD : dryCloud(normals, month, daylight[i % YEAR_DAYS] ?? 0);
  });
  const wind = chanceOf(seed ^ OWN_SEED.wind);
  const windMS = new Float64Array(days);
  const windOffDeg = new Float64Array(days);
  const spread = ruled('weather.windSpread');
  for (let i = 0; i < days; i++) {
    const scale = (normals.windMS[monthOfDay(i % YEAR_DAYS)] ?? 0) / WEIBULL_MEAN;
    windMS[i] = scale * Math.sqrt(-Math.log(1 - wind.even()));
    windOffDeg[i] = spread * wind.normal();
  }
  return { meanC, minC, maxC, rainMm, cloud, windMS, windOffDeg };
}

/**
 * Share of a month's days that are wet, 0…1: a month with rain has at least a day for each 40 mm.
 * @param rainMm  of the month, mm
 * @example       wetShare(80, 10, 31) // 0.323
 */
export const wetShare = (rainMm: number, rainDays: number, days: number): number =>
  rainMm <= 0 ? 0 : Math.min(1, Math.max(rainDays, rainMm / MOST_A_DAY_MM) / days);

/**
 * Cloud of a dry day, so that with the wet ones the month has its sunshine: share of the sky, 0…1.
 * @param month      0…11
 * @param daylightH  from sunrise to sunset, h
 * @example          dryCloud(normals, 0, 8) // 0.435
 */
export function dryCloud(normals: WeatherNormals, month: number, daylightH: number): number {
  const f = wetOf(normals, month);
  if (f >= 1 || daylightH === 0) return WET_CLOUD;
  const sunny = Math.min(1, (normals.sunHours[month] ?? 0) / daylightH);
  return Math.min(1, Math.max(0, (1 - sunny - WET_CLOUD * f) / (1 - f)));
}

const wetOf = (normals: WeatherNormals, month: number): number =>
  wetShare(normals.rainMm[month] ?? 0, normals.rainDays[month] ?? 0, MONTH_DAYS[month] ?? 30);

function rainOf(normals: WeatherNormals, days: number, seed: number): Float64Array {
  const { even, gamma } = chanceOf(seed ^ OWN_SEED.rain);
  const shape = ruled('weather.rainShape');
  const rainMm = new Float64Array(days);
  let wet = even() < wetOf(normals, 0);
  for (let i = 0; i < days; i++) {
    const month = monthOfDay(i % YEAR_DAYS);
    const f = wetOf(normals, month);
    wet = even() < (wet ? 0.25 + 0.75 * f : 0.75 * f);
    if (!wet) continue;
    const mean = (normals.rainMm[month] ?? 0) / (f * (MONTH_DAYS[month] ?? 30));
    rainMm[i] = (mean / shape) * gamma(shape);
  }
  return rainMm;
}
