import { CLIMATES } from '../model/climates.data';
import { workClimate } from './climate';
import { frostDates, hottestDay } from './frostDates';
import { YEAR_DAYS } from './yearCurve';

/** Nights of 5 °C but for frost between two days of each winter, counted from 1 January. */
const nights = (years: number, frosts: readonly (readonly [number, number])[]): Float64Array => {
  const all = new Float64Array(years * YEAR_DAYS).fill(5);
  for (let y = 0; y < years - 1; y++) {
    const [from, to] = frosts[y % frosts.length] ?? [0, 0];
    all[y * YEAR_DAYS + from] = -1;
    all[(y + 1) * YEAR_DAYS + to] = -1;
  }
  return all;
};

test('the first and the last frost of a winter, across the turn of the year', () => {
  const found = frostDates(nights(5, [[290, 110]]), 200);
  expect(found).toEqual({
    first: { early: 290, middle: 290 },
    last: { late: 110, middle: 110 },
    share: 1,
  });
});

test('of ten years one is early and one is late', () => {
  const frosts = Array.from({ length: 10 }, (_, y) => [280 + y, 100 + y] as const);
  const found = frostDates(nights(11, frosts), 200);
  expect(found?.first.early).toBe(281);
  expect(found?.first.middle).toBe(285);
  expect(found?.last.late).toBe(108);
});

test('south of the equator frost comes in the middle of the year', () => {
  const all = new Float64Array(4 * YEAR_DAYS).fill(5);
  for (let y = 0; y < 4; y++) for (const day of [150, 220]) all[y * YEAR_DAYS + day] = -2;
  expect(frostDates(all, 20)).toMatchObject({ first: { middle: 150 }, last: { middle: 220 } });
});

test.each(CLIMATES.map((c) => [c.id, c] as const))(
  '%s has frost where its winters are cold',
  (id, row) => {
    const climate = workClimate({
      source: { kind: 'shipped', id },
      latitudeDeg: row.latitudeDeg,
      altitudeM: row.altitudeM,
      exposure: 'garden',
    });
    if (!climate) throw new Error(id);
    const found = frostDates(climate.nightsC, hottestDay(climate.maxC));
    const coldest = Math.min(...row.months.map((m) => m.minC));
    if (coldest < -3) expect(found?.share).toBe(1);
    if (coldest > 12) expect(found).toBeNull();
  },
);
