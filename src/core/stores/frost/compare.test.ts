import fc from 'fast-check';
import { newDrinker } from '../../edit/new/floorThings';
import { newRain } from '../../edit/new/rain';
import type { Drinker, Plan } from '../../model/schema';
import { soundCoop } from '../../tests/plans';
import { barrelOptions, type FrostOption, type FrostWay, frostOptions } from './compare';
import { HEATERS_W } from './heater';

const plan = soundCoop();
const HOURS = 8760;

/** A year whose air swings about a mean, hour by hour, °C. */
const year = (meanC: number, swingC: number): Float32Array =>
  Float32Array.from(
    { length: HOURS },
    (_, h) =>
      meanC - swingC * Math.cos((2 * Math.PI * h) / HOURS) - 4 * Math.cos((2 * Math.PI * h) / 24),
  );
const withPlug = (plugC: number): Plan => ({ ...plan, site: { ...plan.site, plugC } });
const by = (options: readonly FrostOption[], way: FrostWay): FrostOption => {
  const found = options.find((o) => o.way === way);
  if (!found) throw new Error(way);
  return found;
};

/** A drinker that holds its own water, a place in the cold, and a year of air. */
const somewhere = fc.record({
  type: fc.constantFrom('fount', 'trough', 'bucket') as fc.Arbitrary<Drinker['type']>,
  litres: fc.integer({ min: 2, max: 60 }),
  designC: fc.integer({ min: -35, max: -1 }),
  meanC: fc.integer({ min: -5, max: 12 }),
  swingC: fc.integer({ min: 5, max: 18 }),
});

test('of a vessel with its own water, foam is open longest, draws least, and is never on for longer', () => {
  fc.assert(
    fc.property(somewhere, ({ type, litres, designC, meanC, swingC }) => {
      const options = frostOptions(
        newDrinker(plan, { type }),
        litres,
        plan,
        designC,
        year(meanC, swingC),
      );
      const open = (['carried', 'tyre', 'foam'] as const).map((w) => by(options, w).blockedH);
      expect(open).toEqual([...open].sort((a, b) => a - b));
      // ice comes to what loses a third of the heat three times as late
      expect((open[1] ?? 0) / (open[0] ?? 1)).toBeCloseTo(9 / 3, 6);
      expect(by(options, 'foamHeater').kWh).toBeLessThanOrEqual(by(options, 'heater').kWh + 1e-9);
      for (const o of options) {
        expect(o.hoursOn).toBeLessThanOrEqual(HOURS);
        if (o.heater === null) expect([o.kWh, o.hoursOn]).toEqual([0, 0]);
        else {
          const watts = o.heater.sizeW ?? o.heater.needW;
          // it never draws more than it has
          expect(o.kWh).toBeLessThanOrEqual((watts * o.hoursOn) / 1000 + 1e-6);
          if (o.heater.sizeW !== null) expect(HEATERS_W).toContain(o.heater.sizeW);
          expect(watts).toBeGreaterThanOrEqual(o.heater.needW - 1e-9);
        }
      }
    }),
  );
});

test('energy of a heater in the water is the loss of each hour, added one by one', () => {
  fc.assert(
    fc.property(somewhere, ({ type, litres, designC, meanC, swingC }) => {
      const air = year(meanC, swingC);
      const v = newDrinker(plan, { type });
      const options = frostOptions(v, litres, plan, designC, air);
      const { heater, kWh } = by(options, 'heater');
      if (!heater) throw new Error('a heater');
      // what it must give on the coldest night, with a quarter to spare, tells its loss
      const lossWK = heater.needW / 1.25 / (3 - designC);
      const watts = heater.sizeW ?? heater.needW;
      const sum = air.reduce((all, c) => all + Math.min(watts, lossWK * Math.max(0, 5 - c)), 0);
      expect(kWh).toBeCloseTo(sum / 1000, 4);
    }),
    { numRuns: 40 },
  );
});

test('a plug is on in just the hours below its setting, at all that the heater has', () => {
  const air = year(4, 12);
  const on = ([-2, -1, 0, 1, 2] as const).map((plugC) => {
    const options = frostOptions(newDrinker(plan), 10, withPlug(plugC), -20, air);
    const { hoursOn, kWh, heater } = by(options, 'heaterByAir');
    expect(hoursOn).toBe(air.filter((c) => c < plugC).length);
    expect(kWh).toBeCloseTo(((heater?.sizeW ?? 0) * hoursOn) / 1000, 9);
    // what is switched by the water does not feel it
    expect(by(options, 'heater').kWh).toBeCloseTo(
      by(frostOptions(newDrinker(plan), 10, plan, -20, air), 'heater').kWh,
      9,
    );
    return hoursOn;
  });
  expect(on).toEqual([...on].sort((a, b) => a - b));
  expect(on[4]).toBeGreaterThan(on[0] ?? 0);
});

test('of ten like years the mean is one of them', () => {
  const one = year(2, 14);
  const ten = new Float32Array(10 * HOURS);
  for (let y = 0; y < 10; y++) ten.set(one, y * HOURS);
  const v = newDrinker(plan);
  const [a, b] = [one, ten].map((air) => frostOptions(v, 8, plan, -15, air));
  for (const o of a ?? []) {
    expect(by(b ?? [], o.way).kWh).toBeCloseTo(o.kWh, 3);
    expect(by(b ?? [], o.way).hoursOn).toBeCloseTo(o.hoursOn, 3);
  }
});

test('what is round a tank, and heat in it, do nothing for cups and nipples: a fount on a heated stand does', () => {
  for (const type of ['cup', 'nipple'] as const) {
    const own = newDrinker(plan, { type });
    const options = frostOptions(own, 20, plan, -10, year(2, 12));
    expect(options.map((o) => o.way)).toEqual(['carried', 'fountHeater']);
    // however it is wrapped now, the ways are the same
    const wrapped = frostOptions({ ...own, wrap: 'tyre' }, 20, plan, -10, year(2, 12));
    expect(wrapped).toEqual(options);
  }
});

test('a barrel in foam draws less; drained, it draws nothing and is carried once a day', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 50, max: 1000 }),
      fc.integer({ min: -30, max: -1 }),
      (litres, designC) => {
        const rain = newRain(plan);
        rain.barrel = { ...rain.barrel, litres };
        const options = barrelOptions(rain, designC, year(1, 14));
        expect(by(options, 'drained')).toMatchObject({ kWh: 0, carryEveryH: 24, heater: null });
        expect(by(options, 'foamPumped').kWh).toBeLessThan(by(options, 'pumped').kWh);
        expect(by(options, 'foamPumped').blockedH).toBeGreaterThan(by(options, 'pumped').blockedH);
      },
    ),
    { numRuns: 30 },
  );
});
