import { generateWeatherDays, type WeatherDays, type WeatherNormals } from './days';
import { humRatio, overWaterPa, pressurePa, saturationPa } from './psychrometrics';
import { globalWM2, type SunHours, sunHours } from './sun';
import { MONTH_DAYS, monthOfDay, YEAR_DAYS } from './yearCurve';

export const DAY_HOURS = 24;
export const YEAR_HOURS = YEAR_DAYS * DAY_HOURS;

/** Weather hour by hour, a column a quantity; the first is 1 January, 0 h by the sun. */
export interface WeatherHours {
  readonly tempC: Float32Array;
  /** Water by dry air, kg/kg. */
  readonly humRatio: Float32Array;
  readonly pressurePa: Float32Array;
  /** Sun on level ground, W/m². */
  readonly globalWM2: Float32Array;
  /** At 10 m in the open, m/s. */
  readonly windMS: Float32Array;
  /** Where the wind comes from, degrees clockwise: from north, or from where it mostly comes. */
  readonly windDeg: Float32Array;
  readonly windFrom: 'north' | 'mostly';
  /** Rain and melted snow of the hour, mm. */
  readonly rainMm: Float32Array;
  readonly sun: SunHours;
}

/** Warmest at 15 h, coldest at 3 h; the wind likewise. */
const WARMEST_H = 15;
const WIND_SWING = 0.3;

/** How far an hour is towards the day's warmest, −1…1. */
const dayWave: readonly number[] = Array.from({ length: DAY_HOURS }, (_, h) =>
  Math.cos((2 * Math.PI * (h - WARMEST_H)) / DAY_HOURS),
);

/**
 * Hours of so many years of a place. The same seed gives the same hours.
 * @param years  1 or more
 * @param seed   any whole number
 * @example      generateHours(normals, 1, 7).tempC.length // 8760
 * @source       domain notes, "Weather" and "Settled"
 */
export const generateHours = (normals: WeatherNormals, years: number, seed: number): WeatherHours =>
  hoursOf(generateWeatherDays(normals, years, seed), normals);

/**
 * Days drawn out into hours: the dew point of a day stays as it is, and is never above the air's temperature; below
 * 0 °C what is more than ice lets into the air has frozen out.
 */
export function hoursOf(
  days: WeatherDays,
  normals: WeatherNormals,
  sun: SunHours = sunHours(normals.latitudeDeg),
): WeatherHours {
  const hours = days.meanC.length * DAY_HOURS;
  const column = (): Float32Array => new Float32Array(hours);
  const made = {
    tempC: column(),
    humRatio: column(),
    pressurePa: column().fill(pressurePa(normals.altitudeM)),
    globalWM2: column(),
    windMS: column(),
    windDeg: column(),
    windFrom: 'mostly' as const,
    rainMm: column(),
    sun,
  };
  const air = pressurePa(normals.altitudeM);
  for (let day = 0; day < days.meanC.length; day++) {
    const mean = days.meanC[day] ?? 0;
    const half = ((days.maxC[day] ?? 0) - (days.minC[day] ?? 0)) / 2;
    const vapour = (normals.rh[monthOfDay(day % YEAR_DAYS)] ?? 0) * overWaterPa(mean);
    const vapourThere = humRatio(vapour, air);
    const cloud = days.cloud[day] ?? 0;
    for (let h = 0; h < DAY_HOURS; h++) {
      const i = day * DAY_HOURS + h;
      const wave = dayWave[h] ?? 0;
      const tempC = mean + half * wave;
      made.tempC[i] = tempC;
      made.humRatio[i] = Math.min(vapourThere, humRatio(saturationPa(tempC), air));
      made.globalWM2[i] = globalWM2(sun.sinHeight[i % YEAR_HOURS] ?? 0, cloud);
      made.windMS[i] = (days.windMS[day] ?? 0) * (1 + WIND_SWING * wave);
      made.windDeg[i] = days.windOffDeg[day] ?? 0;
      made.rainMm[i] = (days.rainMm[day] ?? 0) / DAY_HOURS;
    }
  }
  return made;
}

/**
 * Mean temperature of each month of the first year, °C.
 * @example monthMeansC(model.weather).length // 12
 */
export function monthMeansC({ tempC }: Pick<WeatherHours, 'tempC'>): Float64Array {
  const means = new Float64Array(MONTH_DAYS.length);
  for (let i = 0; i < YEAR_HOURS; i++) {
    const month = monthOfDay((i / DAY_HOURS) | 0);
    const hours = (MONTH_DAYS[month] ?? 0) * DAY_HOURS;
    means[month] = (means[month] ?? 0) + (tempC[i] as number) / hours;
  }
  return means;
}
