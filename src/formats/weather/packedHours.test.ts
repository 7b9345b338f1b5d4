import fc from 'fast-check';
import { CLIMATES } from '@/core/model/climates.data';
import { generateHours, YEAR_HOURS } from '@/core/weather/hours';
import { weatherNormals } from '@/core/weather/normals';
import { HOURLY, type HourlyFile } from './hourly';
import { monthsOfFile } from './monthsOfFile';
import { MOST_PACKED_BYTES, packHours, unpackHours } from './packedHours';
import { fileOf } from './typicalYear';

const fileIn = (id: string, seed = 5): HourlyFile => {
  const row = CLIMATES.find((c) => c.id === id);
  if (!row) throw new Error(id);
  return fileOf(generateHours(weatherNormals(row), 1, seed), row);
};
const file = fileIn('cold-continental');
const packed = packHours(file);

describe('a year of hours, packed', () => {
  test('comes back as it was, to the last bit, and packs to the same bytes', () => {
    const read = unpackHours(packed);
    if (!read.ok) throw new Error('it is whole');
    expect({ ...read.value, columns: null }).toEqual({ ...file, columns: null });
    for (const name of HOURLY) expect(read.value.columns[name]).toEqual(file.columns[name]);
    expect(packHours(read.value)).toEqual(packed);
    // seven columns of four bytes an hour
    expect(packed.length).toBeGreaterThan(7 * 4 * YEAR_HOURS);
    expect(packed.length).toBeLessThan(MOST_PACKED_BYTES);
  });

  test('bytes that lie elsewhere in their buffer are read as well', () => {
    const wider = new Uint8Array(packed.length + 7);
    wider.set(packed, 3);
    expect(unpackHours(wider.subarray(3, 3 + packed.length)).ok).toBe(true);
  });

  test.each([
    ['nothing', new Uint8Array()],
    ['a text', new TextEncoder().encode('LOCATION,somewhere')],
    ['one byte less', packed.subarray(0, packed.length - 1)],
    ['one byte more', Uint8Array.from([...packed, 0])],
    ['far too much', new Uint8Array(MOST_PACKED_BYTES + 1)],
  ])('%s is refused', (_, bytes) => {
    expect(unpackHours(bytes)).toMatchObject({
      ok: false,
      issues: [{ code: 'weather.notPacked' }],
    });
  });

  test('a value that no weather has is refused, also where it is no number', () => {
    for (const value of [999, Number.NaN, Number.POSITIVE_INFINITY]) {
      const broken = packed.slice();
      new DataView(broken.buffer).setFloat32(broken.length - 4, value, true);
      expect(unpackHours(broken).ok).toBe(false);
    }
  });

  test('a head that was tampered with never breaks the reading', () => {
    const from = 20;
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 0, max: 255 }),
        (at, byte) => {
          const broken = packed.slice();
          broken[from + at] = byte;
          const read = unpackHours(broken);
          return read.ok || read.issues.length === 1;
        },
      ),
      { numRuns: 60, seed: 11 },
    );
  });
});

describe('the normals of a year of hours', () => {
  // a generated year is not its normals, but not far from them
  test.each(['cold-continental', 'hot-desert', 'wet-upland', 'tropical-wet'])('%s', (id) => {
    const row = CLIMATES.find((c) => c.id === id);
    const months = monthsOfFile(fileIn(id));
    expect(months).toHaveLength(12);
    months.forEach((m, i) => {
      const normal = row?.months[i];
      if (!normal) throw new Error(id);
      expect(m.minC).toBeLessThanOrEqual(m.meanC);
      expect(m.meanC).toBeLessThanOrEqual(m.maxC);
      expect(Math.abs(m.maxC - m.minC - (normal.maxC - normal.minC))).toBeLessThan(2);
      expect(Math.abs(m.meanC - normal.meanC)).toBeLessThan(5.5);
      expect(Math.abs(m.rh - normal.rh)).toBeLessThan(0.12);
      expect(Math.abs(m.windMS - normal.windMS)).toBeLessThan(1.6);
    });
    const sum = (of: (m: (typeof months)[number]) => number, list = months): number =>
      list.reduce((a, m) => a + of(m), 0);
    const rain = sum((m) => m.rainMm, row?.months as typeof months);
    expect(Math.abs(sum((m) => m.rainMm) - rain)).toBeLessThan(0.45 * rain + 40);
    const sun = sum((m) => m.sunHours, row?.months as typeof months);
    expect(Math.abs(sum((m) => m.sunHours) - sun)).toBeLessThan(0.15 * sun + 4);
  });

  test('worked by hand: a day of 10 °C that swings by 5, with 2 mm of rain', () => {
    const column = (of: (i: number) => number): Float32Array =>
      Float32Array.from({ length: YEAR_HOURS }, (_, i) => of(i));
    const plain: HourlyFile = {
      ...file,
      columns: {
        ...file.columns,
        tempC: column((i) => 10 + 5 * Math.cos((2 * Math.PI * (i - 15)) / 24)),
        rh: column(() => 60),
        windMS: column(() => 3),
        rainMm: column((i) => (i % 24 === 4 ? 2 : 0)),
        globalWM2: column(() => 0),
      },
    };
    const [january] = monthsOfFile(plain);
    expect(january).toMatchObject({ meanC: 10, minC: 5, maxC: 15, rh: 0.6, windMS: 3 });
    expect(january).toMatchObject({ rainMm: 62, rainDays: 31, sunHours: 0 });
  });

  test('a file without rain takes typical rain', () => {
    const dry = { ...file, absent: [...file.absent, 'rainMm' as const] };
    expect(monthsOfFile(dry)[6]).toMatchObject({ rainMm: 60, rainDays: 10 });
  });
});
