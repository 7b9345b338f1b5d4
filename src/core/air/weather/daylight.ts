import { getTimes } from 'suncalc';
import { YEAR_DAYS } from './yearCurve';

const HOUR_MS = 3_600_000;
/** Days between two that are worked; between them it runs straight, within half a minute. */
const EVERY_DAYS = 5;
/** A year that is no leap year; daylight hardly differs between years. */
const FIRST_DAY = Date.UTC(2025, 0, 1, 12);

/**
 * Hours from sunrise to sunset, a value a day of the year, 1 January first.
 * 24 where the sun does not set, 0 where it does not rise.
 * @param latitudeDeg  north positive, −90…90
 * @source             suncalc
 */
export function daylightHours(latitudeDeg: number): Float64Array {
  const knots = Array.from({ length: Math.ceil(YEAR_DAYS / EVERY_DAYS) + 1 }, (_, k) =>
    hoursOn(k * EVERY_DAYS, latitudeDeg),
  );
  return Float64Array.from({ length: YEAR_DAYS }, (_, day) => {
    const at = day / EVERY_DAYS;
    const low = knots[Math.floor(at)] ?? 0;
    const high = knots[Math.ceil(at)] ?? low;
    return low + (high - low) * (at - Math.floor(at));
  });
}

function hoursOn(day: number, latitudeDeg: number): number {
  const times = getTimes(new Date(FIRST_DAY + day * 24 * HOUR_MS), latitudeDeg, 0);
  if (times.sunrise && times.sunset) {
    return (times.sunset.getTime() - times.sunrise.getTime()) / HOUR_MS;
  }
  return times.alwaysUp ? 24 : 0;
}
