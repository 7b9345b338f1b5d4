import type { Outcome } from '@/core/kernel/outcome';
import { CLIMATES } from '@/core/model/climates.data';
import { generateHours, YEAR_HOURS } from '@/core/weather/hours';
import { weatherNormals } from '@/core/weather/normals';
import { humRatio, overWaterPa } from '@/core/weather/psychrometrics';
import { issueText } from '@/text/issues';
import { decodeText } from './decode';
import { readEpw, writeEpw } from './epw';
import { HOURLY, type Hourly, type HourlyFile } from './hourly';
import { readHourlyCsv } from './hourlyCsv';
import { fileOf, hoursOfFile } from './typicalYear';

const osk = CLIMATES.find((c) => c.id === 'cold-continental');
if (!osk) throw new Error('the climate is shipped');
const hours = generateHours(weatherNormals(osk), 1, 3);

/** A file as our own writer makes it of a generated year. */
const file: HourlyFile = {
  ...fileOf(hours, { latitudeDeg: 51, altitudeM: 220, name: 'Osk Reach' }),
  longitudeDeg: 60,
  zoneH: 4,
};
const epw = writeEpw(file);
const rows = (): string[] => epw.split('\r\n');
const cell = (line: string, at: number, value: string): string =>
  line
    .split(',')
    .map((c, i) => (i === at - 1 ? value : c))
    .join(',');
/** The text with one line changed, the first being 1. */
const changed = (line: number, change: (text: string) => string): string =>
  rows()
    .map((t, i) => (i === line - 1 ? change(t) : t))
    .join('\r\n');

const why = (read: Outcome<HourlyFile>): string => {
  if (read.ok) throw new Error('it was read');
  for (const i of read.issues) expect(issueText(i)).not.toContain('undefined');
  return read.issues.map((i) => `${i.code} ${issueText(i)}`).join('; ');
};
const value = (read: Outcome<HourlyFile>): HourlyFile => {
  if (!read.ok) throw new Error(read.issues.map(issueText).join());
  return read.value;
};

describe('a file of hours', () => {
  test('as we write it is read as it was', () => {
    const read = value(readEpw(epw));
    expect(read).toMatchObject({ place: 'Osk Reach', latitudeDeg: 51, zoneH: 4, absent: ['dewC'] });
    for (const name of HOURLY.filter((n) => n !== 'dewC')) {
      const worst = read.columns[name].reduce(
        (most, x, i) => Math.max(most, Math.abs(x - (file.columns[name][i] ?? 0))),
        0,
      );
      expect([name, worst < (name === 'pressurePa' ? 0.1 : 1e-3)]).toEqual([name, true]);
    }
  });

  test('ends its lines one way or another, and has a mark or other letters', () => {
    expect(readEpw(epw.replaceAll('\r\n', '\n')).ok).toBe(true);
    const bytes = new TextEncoder().encode(epw.replace('Osk Reach', 'Öskå'));
    expect(value(readEpw(decodeText(bytes))).place).toBe('Öskå');
    const wide = new Uint8Array(2 + 2 * epw.length);
    wide.set([0xff, 0xfe]);
    for (let i = 0; i < epw.length; i++) wide[2 + 2 * i] = epw.charCodeAt(i);
    expect(value(readEpw(decodeText(wide))).place).toBe('Osk Reach');
    const western = new Uint8Array([...new TextEncoder().encode(epw.slice(0, 9)), 0xd6, 0x2c]);
    expect(decodeText(western)).toBe('LOCATION,Ö,');
  });

  test('of a leap year leaves out its 29 February', () => {
    const leap = rows();
    const first = leap.findIndex((l) => l.startsWith('2025,3,1,'));
    const day = leap.slice(first, first + 24).map((l) => cell(cell(l, 2, '2'), 3, '29'));
    const read = value(readEpw([...leap.slice(0, first), ...day, ...leap.slice(first)].join('\n')));
    expect(read.columns.tempC).toEqual(value(readEpw(epw)).columns.tempC);
  });

  test('with hours missing has them between their neighbours, and says how many', () => {
    const t = (line: number): number => Number(rows()[line - 1]?.split(',')[6]);
    const read = value(readEpw(changed(100, (l) => cell(cell(l, 7, '99.9'), 34, '999'))));
    expect(read.filled).toEqual({ tempC: 1, rainMm: 1 });
    expect(read.columns.tempC[91]).toBeCloseTo((t(99) + t(101)) / 2, 4);
    expect(read.columns.rainMm[91]).toBe(0);
  });

  test.each<[string, string, RegExp]>([
    ['no file of this kind', 'a,b,c', /^weather\.notEpw .*LOCATION/],
    ['a latitude that is none', changed(1, (l) => cell(l, 7, '510')), /^weather\.location/],
    ['a clock that is none', changed(1, (l) => cell(l, 9, '40')), /^weather\.zone/],
    [
      'half hours, by its header',
      changed(8, (l) => l.replace('1,1,', '1,2,')),
      /^weather\.halfHourly/,
    ],
    [
      'half hours, by its rows',
      [
        ...rows().slice(0, 8),
        ...rows()
          .slice(8, -1)
          .flatMap((l) => [l, l]),
      ].join('\n'),
      /^weather\.halfHourly .*17520/,
    ],
    [
      'a row too few',
      [...rows().slice(0, 20), ...rows().slice(21)].join('\n'),
      /^weather\.rows .*8759/,
    ],
    ['a row cut off', changed(500, (l) => l.slice(0, 30)), /^weather\.columns .*500/],
    [
      'a word for a number',
      changed(500, (l) => cell(l, 7, 'warm')),
      /^weather\.unreadable .*500.*warm/,
    ],
    ['warmth that cannot be', changed(500, (l) => cell(l, 7, '83')), /^weather\.value .*500.*83/],
    ['days out of order', changed(9 + 24 * 40, (l) => cell(l, 2, '12')), /^weather\.order/],
    [
      'a day without warmth',
      rows()
        .map((l, i) => (i > 500 && i < 525 ? cell(l, 7, '99.9') : l))
        .join('\n'),
      /^weather\.gap .*24.*502/,
    ],
    [
      'no damp at all',
      rows()
        .map((l, i) => (i > 7 && l !== '' ? cell(l, 9, '999') : l))
        .join('\n'),
      /^weather\.lacks/,
    ],
  ])('with %s is refused, and says where', (_, text, message) => {
    expect(why(readEpw(text))).toMatch(message);
  });
});

describe('a table of hours', () => {
  const place = { place: 'Mine', latitudeDeg: 51, longitudeDeg: 60, zoneH: 4, altitudeM: 220 };
  const stamp = (i: number): string =>
    new Date(Date.UTC(2025, 0, 1) + i * 3_600_000).toISOString().slice(0, 16);
  const table = (heading: string, row: (i: number) => string): string =>
    [heading, ...Array.from({ length: YEAR_HOURS }, (_, i) => `${stamp(i)},${row(i)}`)].join('\n');
  const of = (name: Hourly, i: number): number => file.columns[name][i] ?? 0;

  test('has its columns by name, in the units that they name', () => {
    const text = table('time,temperature (F),humidity,wind (mph)', (i) =>
      [of('tempC', i) * 1.8 + 32, of('rh', i), of('windMS', i) / 0.44704].join(),
    );
    const read = value(readHourlyCsv(text, place));
    expect(read.columns.tempC[777]).toBeCloseTo(of('tempC', 777), 3);
    expect(read.columns.windMS[777]).toBeCloseTo(of('windMS', 777), 3);
    expect([...read.absent].sort()).toEqual([
      'dewC',
      'globalWM2',
      'pressurePa',
      'rainMm',
      'windDeg',
    ]);
  });

  test.each<[string, string, RegExp]>([
    ['no time', table('what,temp,rh', () => '1,50'), /^weather\.noTime/],
    ['no warmth', table('time,rh', () => '50'), /^weather\.lacks/],
    ['no damp', table('time,temp', () => '5'), /^weather\.lacks/],
    [
      'a time that is none',
      table('time,temp,rh', () => '1,50').replace('2025-01-02', 'tomorrow'),
      /^weather\.time .*tomorrow/,
    ],
    [
      'a cell too many',
      table('time,temp,rh', (i) => (i === 9 ? '1,50,3' : '1,50')),
      /^weather\.columns .*11/,
    ],
    [
      'three hours',
      'time,temp,rh\n2025-01-01,1,50\n2025-01-01,1,50\n2025-01-01,1,50',
      /^weather\.rows .*3/,
    ],
  ])('with %s is refused, and says where', (_, text, message) => {
    expect(why(readHourlyCsv(text, place))).toMatch(message);
  });
});

test('a file’s hours are worked from its own: damp over water, its sun by its own clock', () => {
  const made = hoursOfFile(file);
  for (const i of [10, 5000]) {
    const t = made.tempC[i] ?? 0;
    const wanted = humRatio((of(i) / 100) * overWaterPa(t), made.pressurePa[i] ?? 0);
    expect(made.humRatio[i]).toBeCloseTo(wanted, 6);
  }
  function of(i: number): number {
    return file.columns.rh[i] ?? 0;
  }
  // its clock is the sun's: at 60° east four hours from Greenwich it is highest about noon
  const june = 171 * 24;
  const noon = made.sun.sinHeight.slice(june, june + 24);
  expect([11, 12]).toContain(noon.indexOf(Math.max(...noon)));
  const elsewhere = hoursOfFile({ ...file, longitudeDeg: 90 }).sun.sinHeight.slice(june, june + 24);
  expect(elsewhere.indexOf(Math.max(...elsewhere))).toBeLessThan(noon.indexOf(Math.max(...noon)));
});
