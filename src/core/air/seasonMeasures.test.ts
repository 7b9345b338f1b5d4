import { flockByDay } from '../birds/flock';
import { birdsHeat, fullestDay } from '../birds/flockHeat';
import type { Plan } from '../model/schema';
import { aired } from '../tests/aired';
import { DAY, sample } from '../tests/plans';
import { workClimate } from '../weather/climate';
import { bareOf } from './bare';
import { airNeedsOf } from './needs';
import { type SummerResult, summerWays, type WinterResult, winterWays } from './seasonMeasures';

function worked(plan: Plan) {
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error('it has a climate');
  const flock = flockByDay(plan, DAY);
  const needs = airNeedsOf(bareOf(plan, birdsHeat(flock, fullestDay(flock))), climate.hours);
  const cold = winterWays(plan, flock, climate, needs);
  const hot = summerWays(plan, flock, climate, needs);
  const of = <R extends WinterResult | SummerResult>(list: readonly R[], way: string): R => {
    const found = list.find((r) => r.way === way);
    if (!found) throw new Error(`no way ${way}`);
    return found;
  };
  return { cold, hot, winter: (w: string) => of(cold, w), summer: (w: string) => of(hot, w) };
}

describe.each(['pell-garth', 'osk-landing'] as const)('ways to keep %s', (id) => {
  const { winter, summer, cold, hot } = worked(aired(id));

  test('the first is as it is kept, and no other is the same', () => {
    expect(cold[0]?.way).toBe('kept');
    expect(hot[0]?.way).toBe('kept');
    expect(new Set(cold.map((r) => r.way)).size).toBe(cold.length);
  });

  test('shut it is warmer and wetter; more open it is cooler and dryer', () => {
    const [kept, shut, all] = [winter('kept'), winter('shut'), winter('all')];
    expect(shut.tiC).toBeGreaterThan(kept.tiC);
    expect(shut.settledKg).toBeGreaterThan(kept.settledKg);
    expect(shut.roostMS).toBe(0);
    expect(all.tiC).toBeLessThan(kept.tiC);
    expect(all.settledKg).toBeLessThan(kept.settledKg);
  });

  test('foam, four more hens and a panel warm it; hens dampen it as well', () => {
    const kept = winter('kept');
    for (const way of ['foam', 'fourHens', 'panel'])
      expect(winter(way).tiC).toBeGreaterThan(kept.tiC);
    expect(winter('fourHens').settledKg).toBeGreaterThan(kept.settledKg);
    expect(winter('panel').settledKg).toBeLessThan(kept.settledKg);
  });

  test('litter at work warms a little, and dampens more than it dries', () => {
    const [kept, litter] = [winter('kept'), winter('litter')];
    expect(litter.tiC).toBeGreaterThan(kept.tiC);
    expect(litter.tiC - kept.tiC).toBeLessThan(1);
    expect(litter.settledKg).toBeGreaterThan(kept.settledKg);
  });

  test('under a canopy it is warmer, and the coop about it stays as it is', () => {
    const [kept, canopy] = [winter('kept'), winter('canopy')];
    expect(canopy.canopyC ?? 0).toBeGreaterThan(kept.tiC + 0.3);
    expect(canopy.tiC).toBeCloseTo(kept.tiC, 9);
    expect(kept.canopyC).toBeNull();
  });

  test('in the heat shade, white paint, foam, a fan and more area all cool it', () => {
    const kept = summer('kept');
    expect(summer('shut').tiC).toBeGreaterThan(kept.tiC + 1);
    for (const way of ['shade', 'lightRoof', 'foam', 'fan', 'needed']) {
      expect(summer(way).tiC).toBeLessThan(kept.tiC);
      // nothing here cools below outdoors
      expect(summer(way).riseK).toBeGreaterThan(0);
    }
  });
});

test('a coop with nothing open is compared with the area it needs, and not with shutting', () => {
  const { cold, hot } = worked(sample('pell-garth'));
  expect(cold.map((r) => r.way)).toEqual(expect.arrayContaining(['kept', 'needed', 'foam']));
  expect(cold.map((r) => r.way)).not.toContain('shut');
  expect(hot.map((r) => r.way)).not.toContain('shut');
});

test('a panel of 200 W in a coop without wind warms it by its watts over all that it loses', () => {
  const plan = sample('pell-garth');
  const { winter } = worked(plan);
  const [kept, panel] = [winter('kept'), winter('panel')];
  // shut up, hardly anything but the shell takes heat: Pell Garth loses about 100 W/K
  const gained = panel.riseK - kept.riseK;
  expect(gained).toBeGreaterThan(1);
  expect(gained).toBeLessThan(3);
});
