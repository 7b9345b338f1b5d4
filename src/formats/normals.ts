import Papa from 'papaparse';
import { fail, type Issue, issue, type Outcome, ok } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import { readDecimal } from '@/core/kernel/units/number';
import { fromFahrenheit } from '@/core/kernel/units/temperature';
import type { MonthNormals } from '@/core/model/climates.data';
import { settleCommas } from './tableCommas';

const COLUMNS = [
  'meanC',
  'minC',
  'maxC',
  'rh',
  'windMS',
  'rainMm',
  'rainDays',
  'sunHours',
] as const;
type Column = (typeof COLUMNS)[number];

/** What stands in for columns that were not pasted (assumption). */
const TYPICAL = { rh: 0.75, windMS: 3, rainMm: 60, rainDays: 10, sunHours: 5 } as const;

/** Words a table's headings are known by; the first that fits. */
const HEADINGS: readonly (readonly [RegExp, Column])[] = [
  [/rain(y)? days|wet days|days of rain/i, 'rainDays'],
  [/rain|precip/i, 'rainMm'],
  [/humid|\brh\b/i, 'rh'],
  [/wind/i, 'windMS'],
  [/sun/i, 'sunHours'],
  [/max|high/i, 'maxC'],
  [/min|low/i, 'minC'],
  [/mean|average|temp/i, 'meanC'],
];

const MS_PER_MPH = 0.44704;
const MS_PER_KNOT = 0.514444;
const MM_PER_INCH = 25.4;

/**
 * Reads twelve months of normals as pasted from a spreadsheet: a month a row, or a month a column,
 * with or without headings and names of months. Without headings the columns are: mean, minimum, maximum,
 * humidity, wind, rain, rain days, sunshine. A minimum and a maximum are needed; a missing mean lies
 * between them.
 * @param units  metric: °C, %, m/s, mm, hours; imperial: °F, %, mph, in, hours
 * @returns      the months, January first, and which columns were not there; or what is wrong with it
 */
export function readNormals(
  text: string,
  units: UnitSystem,
): Outcome<{ months: MonthNormals[]; missing: readonly Column[] }> {
  const filled = cellsOf(text).filter((row) => row.some((cell) => cell !== ''));
  if (filled.length === 0) return fail(issue('normals.empty'));
  const settled = settleCommas(filled);
  if (!settled.ok) return settled;
  const cells = settled.value;
  const rows = upright(cells);
  if (rows === null) return fail(issue('normals.notTwelve', { rows: cells.length }));
  const { names, months } = rows;
  const issues: Issue[] = [];
  const read = months.map((row, m) => readMonth(row, m, names, units, issues));
  if (!names.includes('minC') || !names.includes('maxC')) {
    return fail(issue('normals.noMinMax'));
  }
  if (issues.length > 0) return fail(...issues);
  return ok({ months: read, missing: COLUMNS.filter((c) => !names.includes(c) && c !== 'meanC') });
}

/**
 * Cells by tab, semicolon or runs of spaces; a comma parts cells only where there is no other, since it is also a
 * decimal point: the reader's own guess takes "3,5" for two cells where that makes more of them.
 */
function cellsOf(text: string): string[][] {
  const [delimiter, table] = /\t/.test(text)
    ? ['\t', text]
    : /;/.test(text)
      ? [';', text]
      : /,[^\S\n]/.test(text)
        ? [',', text]
        : ['\t', text.replace(/[^\S\n]{2,}|[^\S\n](?=[-−+\d])/g, '\t')];
  return Papa.parse<string[]>(table.trim(), { delimiter }).data.map((row) =>
    row.map((cell) => cell.trim()),
  );
}

const isNumber = (cell: string | undefined): boolean => readNumber(cell ?? '') !== null;

/** A unit written in a cell. */
const CELL_UNIT =
  /\s*(°\s*[CF]|%|mm|cm|in(?:ches)?|["″]|m\/s|km\/?h|kph|mph|kn(?:ots)?|h|hours|days?)$/i;

const readNumber = (cell: string): number | null => readDecimal(cell.replace(CELL_UNIT, ''));

/** What a cell's own unit makes of its number, SI; null where it names none. */
function byOwnUnit(column: Column, cell: string, value: number): number | null {
  const unit = CELL_UNIT.exec(cell)?.[1]?.toLowerCase().replace(/\s/g, '');
  switch (unit) {
    case '°c':
    case 'mm':
    case 'm/s':
      return value;
    case '°f':
      return fromFahrenheit(value);
    case 'cm':
      return value * 10;
    case 'in':
    case 'inches':
    case '"':
    case '″':
      return value * MM_PER_INCH;
    case 'mph':
      return value * MS_PER_MPH;
    case 'km/h':
    case 'kmh':
    case 'kph':
      return value / 3.6;
    case 'kn':
    case 'knots':
      return value * MS_PER_KNOT;
    case '%':
      return column === 'rh' ? value / 100 : null;
    default:
      return null;
  }
}

/** The table with a month a row, its headings known; null where neither way gives twelve months. */
function upright(
  cells: readonly (readonly string[])[],
): { names: (Column | null)[]; months: readonly (readonly string[])[] } | null {
  const numeric = (row: readonly string[]): boolean => row.filter(isNumber).length >= 2;
  const asRows = cells.filter(numeric);
  if (asRows.length === 12)
    return named(
      cells.find((row) => !numeric(row)),
      asRows,
    );
  const width = Math.max(...cells.map((row) => row.length));
  const turned = Array.from({ length: width }, (_, i) => cells.map((row) => row[i] ?? ''));
  const months = turned.filter((row) => row.every((c) => c === '' || isNumber(c)) || numeric(row));
  if (months.length !== 12) return null;
  return named(
    turned.find((row) => !numeric(row)),
    months,
  );
}

function named(
  heading: readonly string[] | undefined,
  months: readonly (readonly string[])[],
): { names: (Column | null)[]; months: readonly (readonly string[])[] } {
  const width = Math.max(...months.map((row) => row.length));
  const byWords = heading?.map((cell) => HEADINGS.find(([re]) => re.test(cell))?.[1] ?? null);
  if (byWords?.some((c) => c !== null)) {
    // a heading row may lack the cell over the months' names
    const gap = Math.max(0, width - byWords.length);
    return { names: [...Array<null>(gap).fill(null), ...byWords], months };
  }
  const numbersFrom = months[0]?.findIndex((cell) => isNumber(cell)) ?? 0;
  const names = Array.from(
    { length: width },
    (_, i) => COLUMNS[i - Math.max(0, numbersFrom)] ?? null,
  );
  // two columns alone are a minimum and a maximum
  if (width - numbersFrom === 2) {
    names[numbersFrom] = 'minC';
    names[numbersFrom + 1] = 'maxC';
  }
  return { names, months };
}

function readMonth(
  row: readonly string[],
  month: number,
  names: readonly (Column | null)[],
  units: UnitSystem,
  issues: Issue[],
): MonthNormals {
  const found: Partial<Record<Column, number>> = {};
  names.forEach((name, i) => {
    if (name === null) return;
    const cell = row[i] ?? '';
    const number = readNumber(cell);
    if (number === null)
      issues.push(issue('normals.unreadable', { typed: cell, month: month + 1 }));
    // a cell's own unit wins over the plan's
    else found[name] = byOwnUnit(name, cell, number) ?? toSi(name, number, units);
  });
  const minC = found.minC ?? Number.NaN;
  const maxC = found.maxC ?? Number.NaN;
  const meanC = found.meanC ?? (minC + maxC) / 2;
  if (!(minC <= meanC && meanC <= maxC) && issues.length === 0 && Number.isFinite(minC + maxC)) {
    issues.push(issue('plan.normalsOrder', { month: month + 1 }));
  }
  return { ...TYPICAL, ...found, meanC, minC, maxC };
}

function toSi(column: Column, value: number, units: UnitSystem): number {
  if (column === 'rh') return value > 1 ? value / 100 : value;
  if (units === 'metric') return value;
  switch (column) {
    case 'meanC':
    case 'minC':
    case 'maxC':
      return fromFahrenheit(value);
    case 'windMS':
      return value * MS_PER_MPH;
    case 'rainMm':
      return value * MM_PER_INCH;
    default:
      return value;
  }
}
