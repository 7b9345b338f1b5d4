import { SUMMER_WAYS as SUMMER, WINTER_WAYS as WINTER } from '@/core/air/seasonMeasures.data';
import {
  SUMMER_HEADS,
  SUMMER_WAYS,
  summerRow,
  WINTER_HEADS,
  WINTER_WAYS,
  WORST_DAYS,
  winterRow,
} from './seasonMeasures';

const night = {
  ...{ tiC: -5, riseK: 1.6, rh: 0.912, settledKg: 1.13, roostMS: 0.1, canopyC: null, cost: null },
};

test('a way through the cold has a figure for each column', () => {
  for (const way of WINTER) {
    const row = winterRow({ way, ...night }, 'metric');
    expect(row.cells).toHaveLength(WINTER_HEADS.length);
    expect(row.name).not.toMatch(/[[|{]/);
  }
  expect(winterRow({ way: 'shut', ...night }, 'metric').cells).toEqual(['1.6 °C', '91 %', '1.1 L']);
  expect(winterRow({ way: 'shut', ...night, settledKg: 0 }, 'imperial').cells).toEqual([
    '2.9 °F',
    '91 %',
    'none',
  ]);
});

test('a canopy is told by what it is like under it, a draught by its speed', () => {
  const canopy = winterRow({ way: 'canopy', ...night, canopyC: -3 }, 'metric');
  expect(canopy.cells[0]).toBe('3.6 °C');
  expect(winterRow({ way: 'all', ...night, roostMS: 0.5 }, 'metric').note).toBe(
    'It blows on the bars: 0.50 m/s.',
  );
  expect(winterRow({ way: 'all', ...night }, 'metric').note).toBeNull();
});

test('a way through the heat tells inside and what they feel', () => {
  for (const way of SUMMER)
    expect(
      summerRow({ way, tiC: 41.2, riseK: 5, feltC: 35.6, cost: null }, 'metric').cells,
    ).toEqual(['41 °C', '36 °C']);
  expect(SUMMER_HEADS).toHaveLength(2);
});

test('what a way takes is told with it', () => {
  const panel = winterRow(
    { way: 'panel', ...night, cost: { of: 'current', amount: 3.2 } },
    'metric',
  );
  expect(panel.note).toMatch(/It takes 3.2 kWh a night\.$/);
  const foam = summerRow(
    { way: 'foam', tiC: 40, riseK: 4, feltC: 33, cost: { of: 'foam', amount: 7.24 } },
    'metric',
  );
  expect(foam.note).toBe('7.24 m² of foam.');
});

test('what keepers differ on says so, and what can hurt has its caution', () => {
  expect(SUMMER_WAYS.fan.note).toMatch(/Keepers differ/);
  expect(WINTER_WAYS.canopy.note).toMatch(/Keepers differ/);
  expect(WINTER_WAYS.panel.note).toMatch(/thermostat/);
  expect(WORST_DAYS.cold.join(' ')).toMatch(/fires/);
  expect(WORST_DAYS.hot.join(' ')).toMatch(/vet/);
});
