import fc from 'fast-check';
import { getTimes } from 'suncalc';
import { sampleClimate } from '@/core/tests/plans';
import { CLIMATES } from '../model/climates.data';
import { dayOfYear, workClimate } from './climate';
import { daylightHours } from './daylight';
import { designTemperatures, generateDays } from './generator';
import { anomalyOf } from './normals';
import { MONTH_DAYS, monthOfDay, YEAR_DAYS, yearCurve } from './yearCurve';

const monthMeans = (curve: Float64Array): number[] =>
  MONTH_DAYS.map((days, month) => {
    const own = Array.from(curve).filter((_, d) => monthOfDay(d) === month);
    return own.reduce((a, b) => a + b, 0) / days;
  });

describe('the curve through the months', () => {
  test("keeps each month's mean, whatever the months", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -400, max: 400 }), { minLength: 12, maxLength: 12 }),
        (tenths) => {
          const months = tenths.map((t) => t / 10);
          monthMeans(yearCurve(months)).forEach((mean, m) => {
            expect(mean).toBeCloseTo(months[m] ?? 0, 6);
          });
        },
      ),
    );
  });

  test('of equal months is flat, and of real ones turns twice a year', () => {
    expect(Math.max(...yearCurve(Array(12).fill(4)).map((x) => Math.abs(x - 4)))).toBeLessThan(
      1e-9,
    );
    const row = CLIMATES.find((c) => c.id === 'cold-continental');
    const curve = yearCurve(row?.months.map((m) => m.meanC) ?? []);
    const turns = Array.from(curve).filter((x, d) => {
      const before = curve[(d + YEAR_DAYS - 1) % YEAR_DAYS] ?? 0;
      const after = curve[(d + 1) % YEAR_DAYS] ?? 0;
      return (x - before) * (after - x) < 0;
    });
    expect(turns).toHaveLength(2);
  });
});

describe('the shipped places', () => {
  test('are sixteen, of sixteen types, in both hemispheres', () => {
    expect(CLIMATES).toHaveLength(16);
    for (const key of ['id', 'name', 'type'] as const) {
      expect(new Set(CLIMATES.map((c) => c[key])).size).toBe(16);
    }
    expect(new Set(CLIMATES.map((c) => Math.sign(c.latitudeDeg)))).toEqual(new Set([1, -1]));
  });

  test.each(CLIMATES.map((c) => [c.id, c] as const))('%s has twelve plausible months', (_, row) => {
    expect(row.months).toHaveLength(12);
    for (const m of row.months) {
      expect(m.minC).toBeLessThan(m.meanC);
      expect(m.meanC).toBeLessThan(m.maxC);
      expect(m.rh).toBeGreaterThan(0.15);
      expect(m.rh).toBeLessThan(0.95);
      expect(m.rainDays * 40).toBeGreaterThan(m.rainMm);
    }
    const means = row.months.map((m) => m.meanC);
    const warmest = means.indexOf(Math.max(...means));
    // July and about it north of the equator, January and about it south of it; near the equator any
    if (Math.abs(row.latitudeDeg) > 30) {
      expect([5, 6, 7, 8].includes(warmest)).toBe(row.latitudeDeg > 0);
    }
  });

  test('Osk Reach is designed for −28 °C, Tamar Pan has afternoons of 38 °C', () => {
    expect(workClimate(sampleClimate('cold-continental'))?.design.winterC).toBeCloseTo(-28, 0);
    expect(workClimate(sampleClimate('hot-desert'))?.design.hottestMeanMaxC).toBe(38);
  });
});

describe('generated days', () => {
  const normals = {
    meanC: Array(12).fill(5),
    minC: Array(12).fill(1),
    maxC: Array(12).fill(9),
    anomalyK: 3,
  };

  test('the same seed gives the same days, another seed others', () => {
    expect(generateDays(normals, 2, 7)).toEqual(generateDays(normals, 2, 7));
    expect(generateDays(normals, 2, 8).minC).not.toEqual(generateDays(normals, 2, 7).minC);
  });

  test('keep the mean, the spread and the persistence they are asked for', () => {
    const { minC, maxC } = generateDays(normals, 200, 3);
    const n = minC.length;
    const mean = minC.reduce((a, b) => a + b, 0) / n;
    const variance = minC.reduce((a, b) => a + (b - mean) ** 2, 0) / n;
    let lag = 0;
    for (let i = 1; i < n; i++) lag += ((minC[i] ?? 0) - mean) * ((minC[i - 1] ?? 0) - mean);
    expect(Math.abs(mean - 1)).toBeLessThan(0.15);
    expect(Math.abs(Math.sqrt(variance) - 3)).toBeLessThan(0.15);
    expect(Math.abs(lag / n / variance - 0.7)).toBeLessThan(0.02);
    expect((maxC[5] ?? 0) - (minC[5] ?? 0)).toBeCloseTo(8, 9);
  });

  test('design values are the 2nd and 98th percentiles of a month', () => {
    // of a normal spread 3 K wide: 2.05 spreads below the minimum, above the maximum
    const { winterC, summerC } = designTemperatures(normals);
    expect(Math.abs(winterC - (1 - 2.05 * 3))).toBeLessThan(0.8);
    expect(Math.abs(summerC - (9 + 2.05 * 3))).toBeLessThan(0.8);
  });

  test('where only normals are known, the wider the year the wider the days', () => {
    const year = (range: number) =>
      Array.from({ length: 12 }, (_, m) => ({
        ...(CLIMATES[0]?.months[0] ?? ({} as never)),
        meanC: (range / 2) * Math.cos((m / 6) * Math.PI),
      }));
    expect(anomalyOf(year(4))).toBe(2.2);
    expect(anomalyOf(year(22.5))).toBeCloseTo(3.45, 6);
    expect(anomalyOf(year(50))).toBe(4.5);
  });
});

describe('daylight', () => {
  test('by latitude and season, with days that have no sunset or no sunrise', () => {
    const june = dayOfYear('2026-06-21');
    const december = dayOfYear('2026-12-21');
    // published for 52° N: 16 h 45 min and 7 h 42 min, sunrise to sunset
    expect(daylightHours(52)[june]).toBeCloseTo(16.75, 1);
    expect(daylightHours(52)[december]).toBeCloseTo(7.7, 1);
    expect(daylightHours(-52)[december]).toBeCloseTo(16.75, 0);
    expect([daylightHours(75)[june], daylightHours(75)[december]]).toEqual([24, 0]);
  });

  test('is within a minute of a full solar model up to 60° north and south', () => {
    for (const latitude of [-60, -35, 0, 20, 45, 52.5, 60]) {
      const hours = daylightHours(latitude);
      for (let day = 0; day < 365; day += 7) {
        const { sunrise, sunset } = getTimes(new Date(Date.UTC(2025, 0, 1 + day, 12)), latitude, 0);
        if (!sunrise || !sunset) throw new Error('the sun rises and sets there');
        const full = (sunset.getTime() - sunrise.getTime()) / 3_600_000;
        expect([latitude, day, Math.abs((hours[day] ?? 0) - full) < 1 / 60]).toEqual([
          latitude,
          day,
          true,
        ]);
      }
    }
  });

  test('a day of the year counts from 1 January, and 29 February as the 28th', () => {
    expect([dayOfYear('2026-01-01'), dayOfYear('2026-12-31')]).toEqual([0, 364]);
    expect(dayOfYear('2028-02-29')).toBe(dayOfYear('2028-02-28'));
    expect(dayOfYear('2028-03-01')).toBe(dayOfYear('2027-03-01'));
  });
});
