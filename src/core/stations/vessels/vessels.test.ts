import { assess } from '@/core/assess';
import { birdSize } from '@/core/birds/size';
import { change, DAY, hens, soundCoop } from '@/core/tests/plans';
import { newDrinker, newFeeder } from '../../edit/new/floorThings';
import type { Plan } from '../../model/schema';
import { capacityL, contentsKg, edgeM, wasteOf } from './vessels';

const plan = soundCoop();

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
