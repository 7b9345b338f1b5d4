import { flockByDay } from '../birds/flock';
import { aired, modelOf } from '../tests/aired';
import { DAY } from '../tests/plans';
import { workClimate } from '../weather/climate';
import { DAY_HOURS, YEAR_HOURS } from '../weather/hours';
import { airExtremes, extremesOf } from './extremes';
import { yearColumns } from './year';

const tender = { frost: { dampC: -4, anyC: -18 }, heatC: [24, 27, 30] as const };
const model = modelOf(aired('osk-landing'));

describe('what many years bring', () => {
  test('nights and days are counted by the year, and runs on end across its turn', () => {
    const columns = yearColumns(2 * YEAR_HOURS);
    columns.tiC.fill(10);
    columns.rh.fill(0.5);
    const night = (day: number): void => {
      columns.tiC[day * DAY_HOURS + 2] = -20;
    };
    // four nights on end over the new year, and one by itself
    for (const day of [363, 364, 365, 366, 500]) night(day);
    columns.condensedKgS[5 * DAY_HOURS] = 0.001;
    const x = extremesOf(model, columns, tender);
    expect(x).toMatchObject({
      years: 2,
      coldestC: -20,
      hottestC: 10,
      frostNights: { least: 2, most: 3 },
      frostRun: 4,
      hotDays: { least: 0, middle: 0, most: 0 },
      hotRun: 0,
      dripNights: { least: 0, most: 1 },
    });
  });

  test('hot damp air is more dangerous than hot dry air', () => {
    const columns = yearColumns(YEAR_HOURS);
    columns.tiC.fill(31);
    columns.humRatio.fill(0.006);
    expect(extremesOf(model, columns, tender).hotDays.most).toBe(0);
    columns.humRatio.fill(0.026);
    expect(extremesOf(model, columns, tender)).toMatchObject({
      hotDays: { most: 365 },
      hotRun: 365,
    });
  });

  test('twenty years of a cold place: the same each time, and no two years alike', () => {
    const plan = aired('osk-landing');
    const climate = workClimate(plan.climate);
    if (!climate) throw new Error('it has a climate');
    const run = () => {
      const steps = airExtremes(plan, flockByDay(plan, DAY), climate, () => 1);
      const told: number[] = [];
      let step = steps.next();
      for (; !step.done; step = steps.next()) told.push(step.value);
      return { told, x: step.value };
    };
    const { told, x } = run();
    expect(told).toHaveLength(20);
    expect(told.at(-1)).toBe(1);
    expect(x.years).toBe(20);
    expect(x.frostNights.most).toBeGreaterThan(x.frostNights.least);
    expect(x.frostNights.middle).toBeGreaterThan(40);
    expect(x.coldestC).toBeLessThan(-20);
    expect(run().x).toEqual(x);
  });
});
