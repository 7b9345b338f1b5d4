import { YEAR_DAYS } from './yearCurve';

const RAD = Math.PI / 180;
/** The sun's centre stands so low when its upper rim rises or sets: half its disc, and the air's bending. */
const RISE_DEG = -0.833;
const TILT_DEG = 23.44;
/** Days from 1 January to the December solstice of the year before, and a year, days. */
const SOLSTICE_DAYS = 11;
const TROPICAL_YEAR_DAYS = 365.24;
/** Twice the orbit's eccentricity, in degrees: how far the sun runs ahead of its mean place. */
const AHEAD_DEG = (360 / Math.PI) * 0.0167;
/** Days from 1 January to the perihelion. */
const PERIHELION_DAYS = 2;

/**
 * Hours from sunrise to sunset, a value a day of the year, 1 January first.
 * 24 where the sun does not set, 0 where it does not rise.
 * @param latitudeDeg  north positive, −90…90
 * @source             sunrise equation with the sun's declination to first order in eccentricity.
 *                     Accuracy: within a minute of suncalc up to 60° (test)
 * @example daylightHours(52)[172] // 16.732
 */
export function daylightHours(latitudeDeg: number): Float64Array {
  return Float64Array.from({ length: YEAR_DAYS }, (_, day) => hoursOn(day + 0.5, latitudeDeg));
}

function hoursOn(day: number, latitudeDeg: number): number {
  const perDay = 360 / TROPICAL_YEAR_DAYS;
  const ahead = AHEAD_DEG * Math.sin(perDay * (day - PERIHELION_DAYS) * RAD);
  const fromSolstice = perDay * (day + SOLSTICE_DAYS) + ahead;
  const declination = -Math.asin(Math.sin(TILT_DEG * RAD) * Math.cos(fromSolstice * RAD));
  const latitude = latitudeDeg * RAD;
  const cosine =
    (Math.sin(RISE_DEG * RAD) - Math.sin(latitude) * Math.sin(declination)) /
    (Math.cos(latitude) * Math.cos(declination));
  // where the sun stays up or down the equation has no answer
  if (cosine <= -1) return 24;
  if (cosine >= 1) return 0;
  return (2 * Math.acos(cosine)) / (15 * RAD);
}
