import { getPosition } from 'suncalc';
import { YEAR_DAYS } from './yearCurve';

const DAY_HOURS = 24;
const HOUR_MS = 3_600_000;
const RAD = Math.PI / 180;
/** A common year, by which the sun's way is worked once. */
const FIRST_MS = Date.UTC(2025, 0, 1);

/** Where the sun stands, a value an hour of a common year, by sun time: at 12 it is highest, give or take a quarter of an hour. */
export interface SunHours {
  /** Sine of its height; 0 where it is down. */
  readonly sinHeight: Float64Array;
  /** Clockwise from north, degrees. */
  readonly azimuthDeg: Float64Array;
}

/**
 * The sun's way through a year at a latitude.
 * @param latitudeDeg  north positive, −90…90
 * @param shiftH       so much later by the sun than the hour is called, h
 * @example            sunHours(52).sinHeight.length // 8760
 * @source             suncalc
 */
export function sunHours(latitudeDeg: number, shiftH = 0): SunHours {
  const hours = YEAR_DAYS * DAY_HOURS;
  const sinHeight = new Float64Array(hours);
  const azimuthDeg = new Float64Array(hours);
  for (let i = 0; i < hours; i++) {
    const at = sunAt(0, i + shiftH, latitudeDeg);
    sinHeight[i] = at.sinHeight;
    azimuthDeg[i] = at.azimuthDeg;
  }
  return { sinHeight, azimuthDeg };
}

/**
 * Where the sun stands in one hour.
 * @param day          of the year, 0…364
 * @param hour         by the sun; beyond 24 it counts on
 * @param latitudeDeg  north positive, −90…90
 * @source             suncalc
 * @example            sunAt(171, 12, 52).sinHeight // 0.88
 */
export function sunAt(
  day: number,
  hour: number,
  latitudeDeg: number,
): { readonly sinHeight: number; readonly azimuthDeg: number } {
  const at = getPosition(new Date(FIRST_MS + (day * DAY_HOURS + hour) * HOUR_MS), latitudeDeg, 0);
  return {
    sinHeight: at.altitude > 0 ? Math.sin(at.altitude * RAD) : 0,
    azimuthDeg: at.azimuth,
  };
}

/** Clear sky: what would come through no air, and how the air takes of it, by the sine of the sun's height. */
const [CLEAR_W, CLEAR_TAKES] = [1098, 0.057];
/** How much of it a sky of cloud takes. */
const CLOUD_TAKES = 0.65;

/**
 * Sun on level ground.
 * @param sinHeight  sine of the sun's height, 0 where it is down
 * @param cloud      share of the sky, 0…1
 * @returns          W/m²
 * @source           domain notes, "Settled", Weather
 * @example          globalWM2(1, 0) // 1037.164
 */
export const globalWM2 = (sinHeight: number, cloud: number): number =>
  sinHeight <= 0
    ? 0
    : CLEAR_W * sinHeight * Math.exp(-CLEAR_TAKES / sinHeight) * (1 - CLOUD_TAKES * cloud ** 2);

/** Outside the air, W/m². */
const SOLAR_WM2 = 1367;

/**
 * Share of the sun on level ground that comes from the whole sky and not from the sun itself.
 * @param globalWM2  on level ground, W/m²
 * @param sinHeight  sine of the sun's height, above 0
 * @source           Erbs, Klein and Duffie 1982
 * @example          diffuseShare(500, 0.8) // 0.744
 */
export function diffuseShare(globalWM2: number, sinHeight: number): number {
  const k = Math.min(1, globalWM2 / (SOLAR_WM2 * Math.max(sinHeight, 0.01)));
  if (k <= 0.22) return 1 - 0.09 * k;
  if (k > 0.8) return 0.165;
  return 0.9511 - 0.1604 * k + 4.388 * k ** 2 - 16.638 * k ** 3 + 12.336 * k ** 4;
}
