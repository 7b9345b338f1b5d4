import fc from 'fast-check';
import { anyFlock, bar, bareCoop, DAY, hens, sampleClimate } from '@/core/tests/plans';
import { dayNumber } from '../kernel/units/day';
import type { Group } from '../model/schema';
import { workClimate } from '../weather/climate';
import { birdDay, lotDays } from './daily';
import { createFlockWorker, dayOf, flockByDay, livingOn, MEASURES } from './flock';
import { lotsOf } from './lots';

const worked = (flock: Group[], parts: Parameters<typeof bareCoop>[0] = {}) =>
  flockByDay(bareCoop({ flock, ...parts }), DAY);

const on = (flock: ReturnType<typeof worked>, day: string): number =>
  dayNumber(day) - flock.horizon.first;

describe('who lives here when', () => {
  const flock = worked([
    hens(4, { id: 'old', leavesOn: '2027-09-01' }),
    hens(6, { id: 'young', hatchedOn: '2027-04-15', arrivesOn: '2027-06-10' }),
  ]);

  test('the number changes on arrival and on leaving, and on no other day', () => {
    expect(flock.changes.map((d) => dayOf(flock, d))).toEqual([DAY, '2027-06-10', '2027-09-01']);
    expect(flock.changes.map((d) => livingOn(flock, d))).toEqual([
      [4, 0],
      [4, 6],
      [0, 6],
    ]);
  });

  test('planned is the most on one day, today those living there on the day of the assessment', () => {
    expect(flock).toMatchObject({ planned: 10, plannedOn: '2027-06-10', today: 4 });
  });

  test('a pullet lays from the point of lay of her class, a hen of unknown age from her arrival', () => {
    // Marans are heavy: first eggs at 22 weeks, 154 days after 15 April
    const [old, young] = flock.columns;
    expect(old?.inLay[0]).toBe(1);
    expect(young?.inLay[on(flock, '2027-09-15')]).toBe(0);
    expect(young?.inLay[on(flock, '2027-09-16')]).toBe(1);
  });

  test('birds that come after the horizon are not planned for', () => {
    const later = (arrivesOn: string) => worked([hens(4), hens(9, { id: 'later', arrivesOn })]);
    expect(later('2028-11-25').planned).toBe(4);
    expect(later('2028-11-24').planned).toBe(13);
    expect(worked([]).planned).toBe(0);
    expect(worked([])).toMatchObject({ plannedOn: null, today: 0 });
  });

  test('chicks reared here are on the place from the hatch and live in the coop from their move', () => {
    const chicks = hens(10, { hatchedOn: '2027-04-15', arrivesOn: '2027-06-10', raisedHere: true });
    const reared = worked([chicks]);
    const d = on(reared, '2027-05-01');
    expect([reared.columns[0]?.here[d], reared.columns[0]?.living[d]]).toEqual([10, 0]);
    expect(reared.totals.feedKg[d]).toBeGreaterThan(0);
    expect(reared.totals.heatW[d]).toBe(0);
    expect(reared.plannedOn).toBe('2027-06-10');
  });

  test('chicks take no bar before eight weeks, and ducks never', () => {
    const early = worked([hens(5, { hatchedOn: '2027-04-15', arrivesOn: '2027-05-27' })]);
    expect(early.totals.roosting[on(early, '2027-06-09')]).toBe(0);
    expect(early.totals.roosting[on(early, '2027-06-10')]).toBe(5);
    expect(worked([hens(5, { breed: 'khaki-campbell' })]).peaks.length).toBeNull();
  });

  test('bars are spaced for the heaviest that a bird gets while she is here', () => {
    const meat = hens(5, { breed: 'meat-slow', hatchedOn: '2027-04-15', arrivesOn: '2027-05-10' });
    // twelve weeks: 4.5 kg × exp(−exp(−0.032 × (83 − 46)))
    expect(worked([meat]).heaviestOnBarsKg).toBeCloseTo(4.5 * Math.exp(-Math.exp(-0.032 * 37)), 9);
    expect(worked([hens(3)]).heaviestOnBarsKg).toBe(3);
    expect(worked([hens(3, { breed: 'aylesbury' })]).heaviestOnBarsKg).toBeNull();
  });

  test('half of unsexed chicks are cocks until they are sorted, and those kept stay', () => {
    const group = hens(11, { sex: 'unsexed', hatchedOn: '2027-04-15', arrivesOn: '2027-06-10' });
    const flock11 = worked([{ ...group, sorted: { on: '2027-08-01', cocksKept: 1 } }]);
    expect(livingOn(flock11, on(flock11, '2027-07-31'))).toEqual([6, 5]);
    expect(livingOn(flock11, on(flock11, '2027-08-01'))).toEqual([6, 1]);
    const [, cocks] = flock11.lots;
    expect(cocks).toMatchObject({ id: 'hens.cocks', sex: 'cock', massKg: 3 * 1.3 });
  });

  test('meat birds leave at the slaughter age where no day is named', () => {
    const meat = (breed: string) =>
      lotsOf(hens(5, { breed, hatchedOn: '2027-04-15', arrivesOn: '2027-05-10' }), [])[0]?.leavesOn;
    expect(meat('meat-fast')).toBe(dayNumber('2027-06-10'));
    expect(meat('meat-slow')).toBe(dayNumber('2027-07-08'));
    expect(meat('marans')).toBeNull();
  });

  test("a group's own figures stand in place of the breed's, and the keeper's breeds beside the catalogue", () => {
    const [own] = lotsOf(
      hens(2, { figures: { eggsYear: 99, layWeek: 30 }, hatchedOn: '2027-01-01' }),
      [],
    );
    expect(own?.breed).toMatchObject({ eggsYear: 99, eggKg: 0.065 });
    expect(own?.laysFrom).toBe(dayNumber('2027-01-01') + 210);
    expect(() => lotsOf(hens(1, { breed: 'nobody' }), [])).toThrow('no breed');
  });
});

describe('what a flock asks', () => {
  test('more birds never lower any demand, on any day', () => {
    fc.assert(
      fc.property(anyFlock, fc.nat(4), fc.integer({ min: 1, max: 9 }), (flock, which, more) => {
        const at = which % flock.length;
        const grown = flock.map((g, i) => (i === at ? { ...g, count: g.count + more } : g));
        const before = worked(flock);
        const after = worked(grown);
        for (const m of MEASURES) {
          for (let d = 0; d < before.horizon.length; d += 37) {
            expect((after.totals[m][d] ?? 0) - (before.totals[m][d] ?? 0)).toBeGreaterThanOrEqual(
              -1e-9,
            );
          }
        }
      }),
      { numRuns: 25 },
    );
  });

  test('a group that leaves takes all its demand with it', () => {
    const stays = hens(3, { id: 'stays' });
    const goes = hens(5, { id: 'goes', breed: 'brahma', leavesOn: '2027-05-01' });
    const both = worked([stays, goes]);
    const alone = worked([stays]);
    const d = on(both, '2027-05-01');
    for (const m of MEASURES) {
      expect(both.totals[m].slice(d)).toEqual(alone.totals[m].slice(d));
      expect((both.totals[m][d - 1] ?? 0) > (alone.totals[m][d - 1] ?? 0)).toBe(true);
    }
  });

  test('metric and imperial plans give equal series', () => {
    const plan = bareCoop({ flock: [hens(7)], climate: sampleClimate('wet-upland') });
    const metric = flockByDay(plan, DAY);
    const imperial = flockByDay({ ...plan, units: 'imperial' } as typeof plan, DAY);
    expect(imperial.totals).toEqual(metric.totals);
  });

  test('cold makes them eat, heat makes them drink, short days stop the old hens', () => {
    const flock = (climate: string) =>
      worked([hens(10, { hatchedOn: '2024-04-15', arrivesOn: '2024-06-15' })], {
        climate: sampleClimate(climate),
      });
    const cold = flock('cold-continental');
    const hot = flock('hot-desert');
    const january = on(cold, '2027-01-15');
    const july = on(cold, '2027-07-15');
    expect(cold.totals.feedKg[january]).toBeGreaterThan(1.15 * (hot.totals.feedKg[january] ?? 0));
    expect(hot.totals.waterL[july]).toBeGreaterThan(1.6 * (cold.totals.waterL[january] ?? 0));
    expect(cold.totals.eggs[january]).toBeLessThan(0.3 * (cold.totals.eggs[july] ?? 0));
  });

  test('a mixed flock of twenty comes within 15 % of the year summed by hand in docs/method.md', () => {
    const group = (breed: string, count: number): Group =>
      hens(count, { id: breed, breed, hatchedOn: '2026-04-15', arrivesOn: '2026-06-15' });
    const flock = worked([group('leghorn', 8), group('sussex', 8), group('brahma', 4)], {
      climate: sampleClimate('cool-maritime'),
    });
    const year = (measure: 'eggs' | 'feedKg' | 'waterL'): number =>
      flock.totals[measure].slice(0, 365).reduce((a, b) => a + b, 0);
    expect(Math.abs(year('eggs') / 3376 - 1)).toBeLessThan(0.15);
    expect(Math.abs(year('feedKg') / 1056 - 1)).toBeLessThan(0.15);
    expect(Math.abs(year('waterL') / 2006 - 1)).toBeLessThan(0.15);
  });

  test('the plain working of one day is what the series holds', () => {
    const climate = workClimate(sampleClimate('mediterranean'));
    const [lot] = lotsOf(hens(3, { hatchedOn: '2026-09-01', arrivesOn: '2026-11-01' }), []);
    if (!lot) throw new Error('no lot');
    const flock = worked([lot.group], { climate: sampleClimate('mediterranean') });
    const days = lotDays(lot, flock.horizon, climate);
    for (let d = 0; d < flock.horizon.length; d += 53) {
      const day = birdDay(lot, flock.horizon.first + d, flock.horizon.dayOfYear[d] ?? 0, climate);
      expect([days.massKg[d], days.eggs[d], days.feedKg[d], days.waterL[d]]).toEqual([
        day.massKg,
        day.eggs,
        day.feedKg,
        day.waterL,
      ]);
    }
  });
});

describe('what an edit works again', () => {
  const plan = bareCoop({ flock: Array.from({ length: 12 }, (_, i) => hens(3, { id: `g${i}` })) });
  const worker = createFlockWorker();
  const first = worker(plan, DAY);
  const anew = (next: typeof plan, day = DAY): number => {
    const { columns } = worker(next, day);
    return columns.filter((c) => !first.columns.includes(c)).length;
  };

  test('nothing, where it touches no group', () => {
    const moved = { ...plan, fixtures: [bar()] };
    expect(worker(moved, DAY)).toBe(first);
  });

  test('one group alone, where it touches that one', () => {
    const flock = plan.flock.map((g, i) => (i === 4 ? { ...g, count: 9 } : g));
    expect(anew({ ...plan, flock })).toBe(1);
  });

  test('every group, where the place or the day is another', () => {
    expect(anew({ ...plan, climate: sampleClimate('far-north') })).toBe(12);
    expect(anew(plan, '2026-12-01')).toBe(12);
  });
});
