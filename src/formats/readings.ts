import Papa from 'papaparse';
import type { Reading } from '@/core/air/thermometer';
import { fail, type Issue, issue, type Outcome, ok } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import { readDecimal } from '@/core/kernel/units/number';
import { fromFahrenheit } from '@/core/kernel/units/temperature';
import { dayOfYear } from '@/core/weather/climate';
import { settleCommas } from './tableCommas';

/** A week by the hour, and a little more; a longer record is read to here. */
const MOST_READINGS = 1000;
const MOST_TOLD = 5;
/** What a thermometer in a coop or out of it can read, °C. */
const [LEAST_C, MOST_C] = [-60, 70];

const COLUMNS = ['inC', 'inRh', 'outC', 'outRh'] as const;
type Column = (typeof COLUMNS)[number];

const isOutside = (heading: string): boolean => /out|ambient|yard|garden/i.test(heading);
const isDamp = (heading: string): boolean => /hum|damp|\brh\b|%/i.test(heading);
const isTime = (heading: string): boolean => /time|date|stamp/i.test(heading);

/**
 * Readings as a logger writes them, or as they are typed: a time, then warmth and humidity in the coop, then warmth and
 * humidity outdoors. A first row of headings may set them in another order, and in °F. Humidity may be left out.
 * @param units  in what warmth is where no heading says
 * @returns      the readings, or what is wrong with which line
 */
export function readReadings(text: string, units: UnitSystem): Outcome<readonly Reading[]> {
  const parsed = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true }).data;
  const settled = settleCommas(parsed);
  if (!settled.ok) return settled;
  const data = settled.value;
  const [first = []] = data;
  const hasHeadings =
    first.filter((cell) => /[a-z]{3}/i.test(cell)).length > 1 &&
    first.every((cell) => timeOf(cell) === null);
  const headings = hasHeadings ? first : [];
  const order = hasHeadings ? columnsOf(first) : COLUMNS.map((c, i) => [c, i + 1] as const);
  const timeAt = hasHeadings ? first.findIndex(isTime) : 0;
  if (timeAt < 0) return fail(issue('readings.noTime'));
  for (const needed of ['inC', 'outC'] as const)
    if (!order.some(([c]) => c === needed))
      return fail(issue('readings.lacks', { column: needed }));
  const rows = hasHeadings ? data.slice(1) : data;
  if (rows.length === 0) return fail(issue('readings.none'));
  const issues: Issue[] = [];
  const read = rows.slice(0, MOST_READINGS).flatMap((cells, k): Reading[] => {
    const line = k + (hasHeadings ? 2 : 1);
    const time = timeOf(cells[timeAt] ?? '');
    if (time === null) {
      issues.push(issue('readings.time', { line, typed: (cells[timeAt] ?? '').slice(0, 30) }));
      return [];
    }
    const value = (column: Column): number | null => {
      const at = order.find(([c]) => c === column)?.[1];
      const typed = (at === undefined ? '' : (cells[at] ?? '')).trim();
      const number = typed === '' ? null : readDecimal(typed.replace(/\s*(%|°?\s*[CF])$/i, ''));
      if (typed !== '' && number === null)
        issues.push(issue('readings.number', { line, typed: typed.slice(0, 30) }));
      if (number === null) return null;
      if (column === 'inRh' || column === 'outRh') return number / 100;
      // a cell's own unit wins over the heading's, and that over the plan's
      const own = /([CF])$/i.exec(typed)?.[1]?.toUpperCase();
      const isF =
        own === undefined
          ? /°?\bF\b|fahrenheit/i.test(headings[at ?? -1] ?? '') ||
            (!hasHeadings && units === 'imperial')
          : own === 'F';
      return isF ? fromFahrenheit(number) : number;
    };
    const [inC, outC, inRh, outRh] = [value('inC'), value('outC'), value('inRh'), value('outRh')];
    if (inC === null || outC === null) {
      if (issues.length === 0) issues.push(issue('readings.missing', { line }));
      return [];
    }
    const isOff = [inC, outC].some((c) => c < LEAST_C || c > MOST_C);
    const isDampOff = [inRh, outRh].some((rh) => rh !== null && (rh < 0 || rh > 1.05));
    if (isOff || isDampOff) issues.push(issue('readings.range', { line }));
    return [{ ...time, inC, outC, inRh: capped(inRh), outRh: capped(outRh) }];
  });
  return issues.length > 0 ? fail(...issues.slice(0, MOST_TOLD)) : ok(read);
}

const capped = (rh: number | null): number | null => (rh === null ? null : Math.min(1, rh));

/** Which column is what, by its heading: the first that fits. */
function columnsOf(headings: readonly string[]): (readonly [Column, number])[] {
  return headings.flatMap((heading, at) => {
    if (isTime(heading)) return [];
    const column: Column = isOutside(heading)
      ? isDamp(heading)
        ? 'outRh'
        : 'outC'
      : isDamp(heading)
        ? 'inRh'
        : 'inC';
    return [[column, at] as const];
  });
}

/** "2027-01-12 07:00", with T or a blank between, minutes or none. */
function timeOf(text: string): { dayOfYear: number; hour: number } | null {
  const found = /^\s*(\d{4}-\d{2}-\d{2})[T ](\d{1,2})(?::(\d{2}))?/.exec(text);
  if (!found) return null;
  const [, day = '', hour = '', minute = '0'] = found;
  if (Number.isNaN(Date.parse(`${day}T00:00:00Z`)) || Number(hour) > 23 || Number(minute) > 59)
    return null;
  return { dayOfYear: dayOfYear(day), hour: Number(hour) + Number(minute) / 60 };
}

/**
 * Readings as a logger writes them.
 * @param from  the day of the first, YYYY-MM-DD
 */
export function writeReadings(readings: readonly Reading[], from: string): string {
  const start = Date.parse(`${from}T00:00:00Z`);
  const percent = (rh: number | null): string => (rh === null ? '' : String(Math.round(100 * rh)));
  return [
    'time,inside °C,inside humidity %,outside °C,outside humidity %',
    ...readings.map((r, i) =>
      [
        new Date(start + i * 3_600_000).toISOString().slice(0, 16).replace('T', ' '),
        r.inC,
        percent(r.inRh),
        r.outC,
        percent(r.outRh),
      ].join(','),
    ),
    '',
  ].join('\r\n');
}
