import { fail, type Issue, issue, type Outcome, ok } from '@/core/kernel/outcome';
import { DAY_HOURS, YEAR_HOURS } from '@/core/weather/hours';

/** Quantities that a file of hours may have. */
export const HOURLY = [
  'tempC',
  'dewC',
  'rh',
  'pressurePa',
  'globalWM2',
  'windDeg',
  'windMS',
  'rainMm',
] as const;
export type Hourly = (typeof HOURLY)[number];

/** A year of weather as it was measured, or made from many years: a column a quantity, a value an hour. */
export interface HourlyFile {
  readonly place: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** Of its clock, from Greenwich, h. */
  readonly zoneH: number;
  readonly altitudeM: number;
  /** Without 29 February. */
  readonly columns: Readonly<Record<Hourly, Float32Array>>;
  /** Hours that were missing and lie between their neighbours now, by quantity. */
  readonly filled: Readonly<Partial<Record<Hourly, number>>>;
  /** Quantities that the file does not have: taken as typical, or worked from others. */
  readonly absent: readonly Hourly[];
}

/** What a value may be; outside it something is wrong with the file. */
export const RANGE: Readonly<Record<Hourly, readonly [number, number]>> = {
  tempC: [-70, 60],
  dewC: [-90, 50],
  rh: [0, 110],
  pressurePa: [40_000, 110_000],
  globalWM2: [0, 1500],
  windDeg: [0, 360],
  windMS: [0, 60],
  rainMm: [0, 500],
};

/** Rows as a file has them, read but not checked; NaN where a value is missing. */
export interface RawHours {
  readonly columns: Readonly<Record<Hourly, Float64Array>>;
  /** Month and day of each row, January and the first being 1. */
  readonly month: Int8Array;
  readonly day: Int8Array;
  /** Line of the file that each row stands on, the first being 1. */
  readonly line: Int32Array;
}

const LEAP_HOURS = YEAR_HOURS + DAY_HOURS;
const HALF_HOURLY = 2 * YEAR_HOURS;
/** A gap so long is filled from its neighbours, h; a longer one of warmth or damp is told. */
const MOST_GAP_H = 6;
/** So many things wrong are told; a file that is wrong throughout needs no more. */
const MOST_TOLD = 8;

/** Checks rows and fills what is missing. */
export function checkHours(
  raw: RawHours,
  place: Omit<HourlyFile, 'columns' | 'filled' | 'absent'>,
): Outcome<HourlyFile> {
  const rows = raw.line.length;
  const half = rows === HALF_HOURLY || rows === 2 * LEAP_HOURS;
  if (half) return fail(issue('weather.halfHourly', { rows }));
  if (rows !== YEAR_HOURS && rows !== LEAP_HOURS) return fail(issue('weather.rows', { rows }));
  const issues = [...orderIssues(raw), ...rangeIssues(raw)];
  if (issues.length > 0) return fail(...issues.slice(0, MOST_TOLD));
  const kept = Array.from({ length: rows }, (_, i) => i).filter(
    (i) => !(raw.month[i] === 2 && raw.day[i] === 29),
  );
  if (kept.length !== YEAR_HOURS) return fail(issue('weather.rows', { rows }));
  const filled: Partial<Record<Hourly, number>> = {};
  const absent: Hourly[] = [];
  const columns = {} as Record<Hourly, Float32Array>;
  for (const name of HOURLY) {
    const own = Float64Array.from(kept, (i) => raw.columns[name][i] as number);
    if (own.every(Number.isNaN)) {
      absent.push(name);
      columns[name] = new Float32Array(YEAR_HOURS).fill(Number.NaN);
      continue;
    }
    const gap = longestGap(own);
    if (gap.hours > MOST_GAP_H && MUST_BE_WHOLE.has(name)) {
      const line = raw.line[kept[gap.from] ?? 0] ?? 0;
      issues.push(issue('weather.gap', { column: name, hours: gap.hours, line }));
    }
    const missing = own.filter(Number.isNaN).length;
    if (missing > 0) filled[name] = missing;
    columns[name] = Float32Array.from(fill(own, name));
  }
  const damp = !absent.includes('rh') || !absent.includes('dewC');
  if (absent.includes('tempC')) issues.push(issue('weather.lacks', { column: 'tempC' }));
  if (!damp) issues.push(issue('weather.lacks', { column: 'rh' }));
  if (issues.length > 0) return fail(...issues.slice(0, MOST_TOLD));
  return ok({ ...place, columns, filled, absent });
}

const MUST_BE_WHOLE: ReadonlySet<Hourly> = new Set(['tempC', 'windMS']);

/** Days go forward from the first of January. */
function orderIssues({ month, day, line }: RawHours): Issue[] {
  for (let i = 0; i < line.length; i++) {
    const at = (month[i] ?? 0) * 100 + (day[i] ?? 0);
    const before = i === 0 ? 101 : (month[i - 1] ?? 0) * 100 + (day[i - 1] ?? 0);
    if (i === 0 ? at !== 101 : at < before || at > before + 100)
      return [issue('weather.order', { line: line[i] ?? 0 })];
  }
  return [];
}

function rangeIssues({ columns, line }: RawHours): Issue[] {
  const issues: Issue[] = [];
  for (const column of HOURLY) {
    const [least, most] = RANGE[column];
    const at = columns[column].findIndex((x) => x < least || x > most);
    if (at >= 0)
      issues.push(
        issue('weather.value', {
          column,
          value: columns[column][at] ?? 0,
          line: line[at] ?? 0,
          least,
          most,
        }),
      );
  }
  return issues;
}

function longestGap(column: Float64Array): { readonly from: number; readonly hours: number } {
  let [from, hours, start] = [0, 0, 0];
  for (let i = 0; i < column.length; i++) {
    if (!Number.isNaN(column[i])) start = i + 1;
    else if (i + 1 - start > hours) [from, hours] = [start, i + 1 - start];
  }
  return { from, hours };
}

/** What is missing lies between its neighbours, round the year's end too; rain that is missing has not fallen. */
function fill(column: Float64Array, name: Hourly): Float64Array {
  if (name === 'rainMm') return column.map((x) => (Number.isNaN(x) ? 0 : x));
  const n = column.length;
  const known = (i: number): boolean => !Number.isNaN(column[((i % n) + n) % n]);
  const at = (i: number): number => column[((i % n) + n) % n] as number;
  return column.map((x, i) => {
    if (!Number.isNaN(x)) return x;
    let [before, after] = [i - 1, i + 1];
    while (!known(before)) before--;
    while (!known(after)) after++;
    // a direction has no middle between north-east and north-west
    if (name === 'windDeg') return at(before);
    return at(before) + ((at(after) - at(before)) * (i - before)) / (after - before);
  });
}
