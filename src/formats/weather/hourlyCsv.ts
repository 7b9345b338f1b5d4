import Papa from 'papaparse';
import { fail, issue, type Outcome } from '@/core/kernel/outcome';
import { readDecimal } from '@/core/kernel/units/number';
import { fromFahrenheit } from '@/core/kernel/units/temperature';
import type { Commas } from '@/core/kernel/units/thousands';
import { settleCommas } from '../tableCommas';
import { emptyRaw } from './epw';
import { checkHours, type Hourly, type HourlyFile } from './hourly';

/** Words a column is known by; the first that fits. */
const HEADINGS: readonly (readonly [RegExp, Hourly])[] = [
  [/dew/i, 'dewC'],
  [/humid|\brh\b/i, 'rh'],
  [/press/i, 'pressurePa'],
  [/rain|precip/i, 'rainMm'],
  [/solar|radiat|global|\bghi\b|sun/i, 'globalWM2'],
  [/wind.*(dir|deg|from)|(dir|bearing).*wind/i, 'windDeg'],
  [/wind|gust/i, 'windMS'],
  [/temp|dry.?bulb|\bair\b/i, 'tempC'],
];
const TIME = /time|date|stamp|hour/i;

/** What a unit written in a heading does to a value. */
const UNITS: readonly (readonly [Hourly, RegExp, (value: number) => number])[] = [
  ['tempC', /°?\bF\b|fahrenheit/i, fromFahrenheit],
  ['dewC', /°?\bF\b|fahrenheit/i, fromFahrenheit],
  ['windMS', /km\/?h|kph/i, (v) => v / 3.6],
  ['windMS', /mph/i, (v) => v * 0.44704],
  ['windMS', /knots?|\bkn\b|\bkt\b/i, (v) => v * 0.514444],
  ['pressurePa', /hpa|mbar/i, (v) => v * 100],
  ['pressurePa', /kpa/i, (v) => v * 1000],
  ['rainMm', /\binch|\bin\b/i, (v) => v * 25.4],
];

/** A unit written in a cell. */
const CELL_UNIT =
  /\s*(°\s*[CF]|%|mm|in(?:ch(?:es)?)?|m\/s|km\/?h|kph|mph|kn(?:ots?)?|kt|h?Pa|kPa|mbar|W\/m²|°)$/i;

/** A place that a file of columns does not name itself. */
export type FilePlace = Pick<
  HourlyFile,
  'place' | 'latitudeDeg' | 'longitudeDeg' | 'zoneH' | 'altitudeM'
>;

/**
 * Reads a year of hours from a table whose first row names its columns: a time, warmth, and humidity or dew point;
 * wind, sun, rain and pressure where they are known. A unit in a heading is taken into account.
 * @param commas  what a comma before three figures is, where the keeper was asked
 * @returns the file checked and filled, or what is wrong with it, by line
 */
export function readHourlyCsv(
  text: string,
  place: FilePlace,
  commas: Commas | null = null,
): Outcome<HourlyFile> {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  const [heading = [], ...parsed] = data;
  const settled = settleCommas(parsed, commas);
  if (!settled.ok) return settled;
  const rows = settled.value;
  const timeAt = heading.findIndex((h) => TIME.test(h));
  if (timeAt < 0) return fail(issue('weather.noTime'));
  const names = heading.map((h, i) =>
    i === timeAt ? null : (HEADINGS.find(([re]) => re.test(h))?.[1] ?? null),
  );
  if (!names.includes('tempC')) return fail(issue('weather.lacks', { column: 'tempC' }));
  const toSi = heading.map((h, i) => UNITS.find(([n, re]) => n === names[i] && re.test(h))?.[2]);
  const raw = emptyRaw(rows.length);
  for (let i = 0; i < rows.length; i++) {
    const line = i + 2;
    const cells = rows[i] ?? [];
    const day = /^\s*(\d{4})-(\d{1,2})-(\d{1,2})/.exec(cells[timeAt] ?? '');
    if (!day)
      return fail(issue('weather.time', { line, typed: (cells[timeAt] ?? '').slice(0, 40) }));
    if (cells.length !== heading.length)
      return fail(issue('weather.columns', { line, found: cells.length, needed: heading.length }));
    raw.line[i] = line;
    raw.month[i] = Number(day[2]);
    raw.day[i] = Number(day[3]);
    for (const [k, name] of names.entries()) {
      if (name === null) continue;
      const cell = (cells[k] ?? '').trim();
      if (cell === '' || /^(-|na|nan|null|-?999(9)?(\.\d+)?)$/i.test(cell)) continue;
      // a cell's own unit wins over the heading's
      const own = UNITS.find(
        ([n, re]) => n === name && /[^\d\s]$/.test(cell) && re.test(cell),
      )?.[2];
      const value = readDecimal(cell.replace(CELL_UNIT, ''));
      if (value === null)
        return fail(issue('weather.unreadable', { line, column: name, typed: cell.slice(0, 40) }));
      const isPlain = own === undefined && CELL_UNIT.test(cell);
      raw.columns[name][i] = isPlain ? value : ((own ?? toSi[k])?.(value) ?? value);
    }
  }
  return checkHours(raw, place);
}
