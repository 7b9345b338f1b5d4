import { flockByDay } from '../birds/flock';
import type { Plan } from '../model/schema';
import { aired } from '../tests/aired';
import { DAY, sample } from '../tests/plans';
import { type Climate, workClimate } from '../weather/climate';
import { SIMULATED_LEAK_TIMES, simulatedReadings } from './simulatedThermometer';
import { fitLeakage } from './thermometer';

function climateOf(plan: Plan): Climate {
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error('it has a climate');
  return climate;
}

describe('readings of a thermometer laid over the coop', () => {
  test('the simulated one reads the same each time, in what can be', () => {
    const plan = aired('osk-landing');
    const flock = flockByDay(plan, DAY);
    const read = simulatedReadings(plan, flock, climateOf(plan), 360, 7);
    expect(read).toEqual(simulatedReadings(plan, flock, climateOf(plan), 360, 7));
    expect(read).toHaveLength(168);
    // over the turn of the year
    expect(read.at(-1)?.dayOfYear).toBe(1);
    for (const r of read) {
      expect(r.inC).toBeGreaterThan(r.outC - 1);
      expect(r.inRh).toBeGreaterThanOrEqual(0);
      expect(r.inRh).toBeLessThanOrEqual(1);
    }
  });

  test('a leakier coop than built is found out from a shut coop’s week in winter', () => {
    const plan = sample('pell-garth');
    const flock = flockByDay(plan, DAY);
    const climate = climateOf(plan);
    const fit = fitLeakage(plan, flock, climate, simulatedReadings(plan, flock, climate, 20, 7));
    expect(fit.isSummer).toBe(false);
    expect(fit.asFitted.misfit.tempK).toBeLessThanOrEqual(fit.asPlanned.misfit.tempK + 0.05);
    expect(fit.asFitted.misfit.tempK).toBeLessThan(1);
    // wind is the month's in the fit and the day's in the coop: near is all that can be asked
    expect(fit.leakTimes).toBeGreaterThan(1.2);
    expect(fit.leakTimes).toBeLessThan(2 * SIMULATED_LEAK_TIMES);
  });

  test('readings that are the worked hours themselves fit with nothing changed', () => {
    const plan = aired('pell-garth');
    const flock = flockByDay(plan, DAY);
    const climate = climateOf(plan);
    const week = simulatedReadings(plan, flock, climate, 20, 3);
    const { asPlanned } = fitLeakage(plan, flock, climate, week);
    const own = week.map((r, i) => ({
      ...r,
      inC: asPlanned.tiC[i] ?? 0,
      inRh: asPlanned.rh[i] ?? 0,
    }));
    const fit = fitLeakage(plan, flock, climate, own);
    expect(fit.asPlanned.misfit.tempK).toBeCloseTo(0, 9);
    expect(fit.asPlanned.misfit.rh).toBeCloseTo(0, 9);
    expect(fit.isBetter).toBe(false);
  });

  test('without humidity the warmth alone is fitted; without a reading nothing is', () => {
    const plan = aired('osk-landing');
    const flock = flockByDay(plan, DAY);
    const climate = climateOf(plan);
    const dry = simulatedReadings(plan, flock, climate, 20, 2).map((r) => ({
      ...r,
      inRh: null,
      outRh: null,
    }));
    expect(fitLeakage(plan, flock, climate, dry).asFitted.misfit.rh).toBeNull();
    expect(() => fitLeakage(plan, flock, climate, [])).toThrow(RangeError);
  });
});
