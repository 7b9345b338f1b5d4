import { fail, issue, type Outcome } from '@/core/kernel/outcome';
import { checkHours, HOURLY, type Hourly, type HourlyFile, type RawHours } from './hourly';

/** Columns of the format, counted from 1, and from where up a value is its code for missing. */
const COLUMNS: Readonly<Record<Hourly, readonly [at: number, missingFrom: number]>> = {
  tempC: [7, 99.9],
  dewC: [8, 99.9],
  rh: [9, 999],
  pressurePa: [10, 999_999],
  globalWM2: [14, 9999],
  windDeg: [21, 999],
  windMS: [22, 999],
  rainMm: [34, 999],
};
const HEADER_LINES = 8;
/** Fewer columns than this lack the wind; rain may lack. */
const LEAST_COLUMNS = 22;

/**
 * Reads a year of hours in the format of building energy programs: eight lines of header, then a row an hour.
 * @returns the file checked and filled, or what is wrong with it, by line
 */
export function readEpw(text: string): Outcome<HourlyFile> {
  const lines = text.split(/\r\n|\r|\n/);
  while (lines.at(-1)?.trim() === '') lines.pop();
  const location = (lines[0] ?? '').split(',').map((c) => c.trim());
  if (location[0]?.toUpperCase() !== 'LOCATION') return fail(issue('weather.notEpw'));
  const [latitudeDeg, longitudeDeg, zoneH, altitudeM] = [6, 7, 8, 9].map((k) =>
    number(location[k]),
  ) as [number, number, number, number];
  if (!(Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180))
    return fail(issue('weather.location', { typed: lines[0]?.slice(0, 80) ?? '' }));
  if (!(Math.abs(zoneH) <= 14)) return fail(issue('weather.zone', { typed: location[8] ?? '' }));
  const rows = lines.slice(HEADER_LINES);
  const perHour = recordsPerHour(lines);
  if (perHour > 1) return fail(issue('weather.halfHourly', { rows: rows.length }));
  const raw = emptyRaw(rows.length);
  for (let i = 0; i < rows.length; i++) {
    const cells = (rows[i] ?? '').split(',');
    const line = HEADER_LINES + i + 1;
    if (cells.length < LEAST_COLUMNS)
      return fail(issue('weather.columns', { line, found: cells.length, needed: LEAST_COLUMNS }));
    raw.line[i] = line;
    raw.month[i] = number(cells[1]);
    raw.day[i] = number(cells[2]);
    for (const name of HOURLY) {
      const [at, missingFrom] = COLUMNS[name];
      const cell = cells[at - 1];
      if (cell === undefined) continue;
      const value = number(cell);
      if (Number.isNaN(value) && cell.trim() !== '')
        return fail(issue('weather.unreadable', { line, column: name, typed: cell.trim() }));
      raw.columns[name][i] = value >= missingFrom ? Number.NaN : value;
    }
  }
  return checkHours(raw, {
    place: location[1] || '–',
    latitudeDeg,
    longitudeDeg,
    zoneH,
    altitudeM: Number.isFinite(altitudeM) ? altitudeM : 0,
  });
}

/** As the line of the data's period says. */
function recordsPerHour(lines: readonly string[]): number {
  const period = lines.slice(0, HEADER_LINES).find((l) => /^data periods/i.test(l.trim()));
  return Number(period?.split(',')[2] ?? 1) || 1;
}

/** Rows of nothing. */
export function emptyRaw(rows: number): RawHours {
  const columns = {} as Record<Hourly, Float64Array>;
  for (const name of HOURLY) columns[name] = new Float64Array(rows).fill(Number.NaN);
  return {
    columns,
    month: new Int8Array(rows),
    day: new Int8Array(rows),
    line: new Int32Array(rows),
  };
}

const number = (cell: string | undefined): number =>
  cell === undefined || cell.trim() === '' ? Number.NaN : Number(cell);

/** Writes hours in the same format: what is not known has its code for missing. */
export function writeEpw(file: HourlyFile): string {
  const { place, latitudeDeg, longitudeDeg, zoneH, altitudeM } = file;
  const header = [
    `LOCATION,${place.replaceAll(',', ' ')},-,-,-,000000,${latitudeDeg},${longitudeDeg},${zoneH},${altitudeM}`,
    'DESIGN CONDITIONS,0',
    'TYPICAL/EXTREME PERIODS,0',
    'GROUND TEMPERATURES,0',
    'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0',
    'COMMENTS 1,',
    'COMMENTS 2,',
    'DATA PERIODS,1,1,Data,Sunday, 1/ 1,12/31',
  ];
  const rows = Array.from({ length: file.columns.tempC.length }, (_, i) => {
    const date = new Date(Date.UTC(2025, 0, 1) + i * 3_600_000);
    const cells = Array<string | number>(35).fill(0);
    cells[0] = 2025;
    cells[1] = date.getUTCMonth() + 1;
    cells[2] = date.getUTCDate();
    // an hour is named by its end
    cells[3] = date.getUTCHours() + 1;
    cells[4] = 60;
    cells[5] = '?9';
    for (const name of HOURLY) {
      const [at, missingFrom] = COLUMNS[name];
      const value = file.columns[name][i] ?? Number.NaN;
      cells[at - 1] = Number.isNaN(value) ? missingFrom : Number(value.toPrecision(7));
    }
    return cells.join(',');
  });
  return `${[...header, ...rows].join('\r\n')}\r\n`;
}
