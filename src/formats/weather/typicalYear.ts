import { type WeatherHours, YEAR_HOURS } from '@/core/weather/hours';
import {
  humRatio,
  overWaterPa,
  pressurePa,
  saturationPa,
  vapourPa,
} from '@/core/weather/psychrometrics';
import { sunHours } from '@/core/weather/sun';
import type { HourlyFile } from './hourly';

/** Half of what a clear sky gives, where a file knows no sun: taken by its height (assumption). */
const MIDDLING_SUN_WM2 = 500;
/** Wind of a file that knows none, m/s (assumption). */
const LIGHT_WIND_MS = 2;

/**
 * A file's hours as the air is worked from them. Humidity in files is over water; what is over saturation by ice below
 * 0 °C has frozen out. The sun is where it stands in the middle of the hour, by the file's own clock.
 */
export function hoursOfFile(file: HourlyFile): WeatherHours {
  const { columns, latitudeDeg, longitudeDeg, zoneH, altitudeM, absent } = file;
  const has = (name: (typeof absent)[number]): boolean => !absent.includes(name);
  const sun = sunHours(latitudeDeg, 0.5 + longitudeDeg / 15 - zoneH);
  const standard = pressurePa(altitudeM);
  const column = (of: (i: number) => number): Float32Array =>
    Float32Array.from({ length: YEAR_HOURS }, (_, i) => of(i));
  const at = (name: keyof typeof columns, i: number): number => columns[name][i] as number;
  const air = (i: number): number => (has('pressurePa') ? at('pressurePa', i) : standard);
  return {
    tempC: columns.tempC,
    humRatio: column((i) => {
      const t = at('tempC', i);
      const vapour = has('rh')
        ? (Math.min(100, at('rh', i)) / 100) * overWaterPa(t)
        : overWaterPa(at('dewC', i));
      return humRatio(Math.min(vapour, saturationPa(t)), air(i));
    }),
    pressurePa: column(air),
    globalWM2: column((i) =>
      has('globalWM2') ? at('globalWM2', i) : MIDDLING_SUN_WM2 * (sun.sinHeight[i] as number),
    ),
    windMS: column((i) => (has('windMS') ? at('windMS', i) : LIGHT_WIND_MS)),
    windDeg: column((i) => (has('windDeg') ? at('windDeg', i) : 0)),
    windFrom: has('windDeg') ? 'north' : 'mostly',
    rainMm: column((i) => (has('rainMm') ? at('rainMm', i) : 0)),
    sun,
  };
}

/** Hours as a file has them: humidity over water, a wind from north about. */
export function fileOf(
  hours: WeatherHours,
  place: { readonly latitudeDeg: number; readonly altitudeM: number; readonly name?: string },
): HourlyFile {
  return {
    place: place.name ?? 'Generated',
    latitudeDeg: place.latitudeDeg,
    longitudeDeg: 0,
    zoneH: 0,
    altitudeM: place.altitudeM,
    columns: {
      tempC: hours.tempC,
      dewC: new Float32Array(hours.tempC.length).fill(Number.NaN),
      rh: Float32Array.from(
        hours.tempC,
        (t, i) =>
          (100 * vapourPa(hours.humRatio[i] as number, hours.pressurePa[i] as number)) /
          overWaterPa(t),
      ),
      pressurePa: hours.pressurePa,
      globalWM2: hours.globalWM2,
      windDeg: hours.windDeg.map((d) => ((d % 360) + 360) % 360),
      windMS: hours.windMS,
      rainMm: hours.rainMm,
    },
    filled: {},
    absent: ['dewC'],
  };
}
