/**
 * The calendar day at an instant, in a time zone.
 * @param instant   the moment, passed in: the core reads no clock
 * @param timeZone  IANA name
 * @returns         YYYY-MM-DD
 * @throws          RangeError for a zone the runtime does not know
 */
export function dayIn(instant: Date, timeZone: string): string {
  // Sweden writes its dates as ISO does
  return new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short' }).format(instant);
}

/** Whether a text is a day of the calendar, YYYY-MM-DD. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const date = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(text);
}

/** Milliseconds of a day. */
export const DAY_MS = 86_400_000;

/** Days from 1 January 1970 to an ISO day: days as numbers that can be counted with. */
export const dayNumber = (iso: string): number =>
  Date.UTC(Number(iso.slice(0, 4)), Number(iso.slice(5, 7)) - 1, Number(iso.slice(8, 10))) / DAY_MS;

/**
 * The ISO day of a day number.
 * @example isoDay(dayNumber('2026-11-24') + 7) // '2026-12-01'
 */
export const isoDay = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);
