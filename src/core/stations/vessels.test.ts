import fc from 'fast-check';
import { assess } from '@/core/assess';
import { birdSize } from '@/core/birds/size';
import { change, DAY, hens, soundCoop } from '@/core/tests/plans';
import { newDrinker, newFeeder } from '../plan/newFixtures';
import type { Plan } from '../plan/schema';
import { capacityL, contentsKg, edgeM, packVessels, wasteOf } from './vessels';

const plan = soundCoop();

describe('places at a vessel', () => {
  const share = fc.integer({ min: 1, max: 200 }).map((n) => n / 1000);

  test('nobody is given two places, and no vessel is filled past its edge', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }).chain((lots) =>
          fc.record({
            shares: fc.array(fc.array(share, { minLength: lots, maxLength: lots }), {
              maxLength: 4,
            }),
            counts: fc.array(fc.integer({ min: 0, max: 30 }), { minLength: lots, maxLength: lots }),
          }),
        ),
        ({ shares, counts }) => {
          const left = packVessels(shares, counts);
          left.forEach((n, i) => {
            expect(n).toBeGreaterThanOrEqual(0);
            expect(n).toBeLessThanOrEqual(counts[i] as number);
          });
          // what was placed fits all vessels together, each bird at the least share she takes anywhere
          const placed = counts.reduce((sum, n, i) => {
            const least = Math.min(...shares.map((own) => own[i] as number));
            return sum + (shares.length === 0 ? 0 : (n - (left[i] as number)) * least);
          }, 0);
          expect(placed).toBeLessThanOrEqual(shares.length + 1e-6);
        },
      ),
    );
  });

  test('one vessel more never leaves more birds without a place', () => {
    fc.assert(
      fc.property(
        fc.array(share, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 0, max: 60 }),
        (own, birds) => {
          const few = packVessels(
            own.map((s) => [s]),
            [birds],
          );
          const more = packVessels([...own.map((s) => [s]), [0.1]], [birds]);
          expect(more[0]).toBeLessThanOrEqual(few[0] as number);
        },
      ),
    );
  });

  test('a whole number of places is a whole number of birds, whatever their share is in binary', () => {
    for (let places = 1; places <= 500; places++) {
      expect(packVessels([[1 / places]], [places])).toEqual([0]);
      expect(packVessels([[1 / places]], [places + 1])).toEqual([1]);
    }
  });

  test('a bird that cannot open a pedal lid leaves the room to those that can', () => {
    expect(packVessels([[Number.POSITIVE_INFINITY, 1 / 8]], [3, 8])).toEqual([3, 0]);
  });
});

describe('what a vessel holds', () => {
  test('what is said stands; else it is worked from the size', () => {
    expect(capacityL(newFeeder(plan, { capacityL: 12 }))).toBe(12);
    // body 0.7 of the pan: π/4·(0.21)²·0.45 m³
    expect(capacityL(newFeeder(plan, { diameterM: 0.3, heightM: 0.45 }))).toBeCloseTo(15.586, 3);
    // a pan is eight centimetres deep
    expect(capacityL(newFeeder(plan, { type: 'pan', diameterM: 0.4 }))).toBeCloseTo(10.053, 3);
    const trough = newFeeder(plan, { type: 'trough', lengthM: 1, diameterM: 0.12 });
    expect(capacityL(trough)).toBeCloseTo(9.6, 6);
  });

  test('feed weighs by its kind, water a kilogram a litre', () => {
    const feeder = (feed: 'pellets' | 'crumbs' | 'mash' | 'grain') =>
      contentsKg(newFeeder(plan, { capacityL: 10, feed }));
    expect([feeder('pellets'), feeder('crumbs'), feeder('mash'), feeder('grain')]).toEqual([
      6.5, 6, 5.2, 7.5,
    ]);
    expect(contentsKg(newDrinker(plan, { capacityL: 10 }))).toBe(10);
  });

  test('an open pan wastes most, a lid least', () => {
    const waste = (type: 'pan' | 'trough' | 'tube' | 'port' | 'pedal') =>
      wasteOf(newFeeder(plan, { type }));
    expect(['pan', 'trough', 'tube', 'port', 'pedal'].map((t) => waste(t as 'pan'))).toEqual([
      1.3, 1.3, 1.1, 1.04, 1.03,
    ]);
  });

  test('both long sides of a trough count where both are reached', () => {
    const trough = newFeeder(plan, { type: 'trough', lengthM: 1.2 });
    expect(edgeM({ ...trough, bothSides: false })).toBeCloseTo(1.2, 9);
    expect(edgeM({ ...trough, bothSides: true })).toBeCloseTo(2.4, 9);
    expect(edgeM(newDrinker(plan, { diameterM: 0.3 }))).toBeCloseTo(0.942, 3);
  });
});

describe('in a coop', () => {
  const figure = (p: Plan, id: string): number | undefined =>
    assess(p, { on: DAY }).figures.get(id)?.value;
  const codes = (p: Plan): string[] => assess(p, { on: DAY }).findings.map((f) => f.code);

  test('twice the feed lasts twice as long, and twice the birds eat it in half the time', () => {
    const days = (litres: number, count = 6) =>
      figure(
        soundCoop((d) => {
          d.flock = [hens(count, { massKg: 2.2 })];
          change(d, 'feeder', 'feeder', { capacityL: litres });
        }),
        'feed.days',
      ) ?? Number.NaN;
    expect(days(20)).toBeCloseTo(2 * days(10), 6);
    expect(days(20, 12)).toBeCloseTo(days(10), 6);
  });

  test('a rim is right within six centimetres of the smallest bird’s back, above the litter', () => {
    const back = birdSize(2.2).backM;
    const at = (above: number) =>
      codes(soundCoop((d) => change(d, 'feeder', 'feeder', { rimZ: 0.1 + above, hung: true })));
    expect(at(back)).toEqual([]);
    expect(at(back + 0.06)).toEqual([]);
    expect(at(back + 0.061)).toContain('feed.vessel.high');
    expect(at(back - 0.06)).toEqual([]);
    expect(at(back - 0.061)).toContain('feed.vessel.low');
  });

  test('a nipple stands at 1.10 times the standing head: 0.42 m for a medium hen', () => {
    const nipples = soundCoop((d) => {
      change(d, 'drinker', 'drinker', { type: 'nipple', outlets: 2, rimZ: 0.52, hung: true });
    });
    expect(figure(nipples, 'water.height.pin')).toBeCloseTo(0.4235, 4);
    expect(codes(nipples).filter((c) => c.includes('vessel'))).toEqual([]);
  });

  test('ten birds ask for two feeders a metre apart, nine for one', () => {
    const of = (count: number) =>
      codes(
        soundCoop((d) => {
          d.flock = [hens(count, { massKg: 2.2 })];
          change(d, 'feeder', 'feeder', { outlets: 5, capacityL: 40 });
        }),
      ).includes('feed.one.only');
    expect(of(9)).toBe(false);
    expect(of(10)).toBe(true);
  });
});
