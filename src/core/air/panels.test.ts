import { flockByDay } from '../birds/flock';
import { fixtureOf } from '../model/fixtures.schema';
import type { OfKind, Plan } from '../model/schema';
import { aired, modelOf } from '../tests/aired';
import { DAY, sample } from '../tests/plans';
import { workClimate } from '../weather/climate';
import { airYear } from './airYear';
import { panelOf } from './panels';
import { shutInOf } from './shutIn';
import { summerSpells } from './summerSpells';

const hole = (parts: Partial<OfKind<'window'>>): OfKind<'window'> =>
  fixtureOf({
    ...{ kind: 'window', id: 'w', name: 'W', wall: 'front', alongM: 0.2, sillZ: 1 },
    ...{ widthM: 0.6, heightM: 0.4, opens: 'closable' },
    ...parts,
  });

describe('panels that shut an opening for a season', () => {
  test('a board laps it by 5 cm all round, a plug goes in with 5 mm of play', () => {
    const size = (pane: 'board' | 'plug') => panelOf(hole({ pane }));
    expect(size('board')?.widthM).toBeCloseTo(0.7, 9);
    expect(size('board')?.heightM).toBeCloseTo(0.5, 9);
    expect(size('plug')?.widthM).toBeCloseTo(0.595, 9);
    expect(size('plug')?.heightM).toBeCloseTo(0.395, 9);
  });

  test('a pane on hinges, and a hole that stays open, have none', () => {
    expect(panelOf(hole({ pane: 'acrylic' }))).toBeNull();
    expect(panelOf(hole({ pane: 'plug', opens: 'open' }))).toBeNull();
  });

  test('it is put in or taken out, never a part of the way', () => {
    // as much open as there is least harm in a half
    const bad = (_: unknown, shares: readonly number[]): number => Math.abs((shares[0] ?? 0) - 0.5);
    const model = modelOf(aired('pell-garth'));
    const found = (isPanelled: boolean): number[] => {
      const search = summerSpells(model, 1, bad, () => isPanelled);
      let step = search.next();
      while (!step.done) step = search.next();
      return step.value.map((s) => s.shares[0] ?? 0);
    };
    expect(new Set(found(false))).toEqual(new Set([0.5]));
    expect(found(true).every((share) => share === 0 || share === 1)).toBe(true);
  });
});

describe('birds that stay in by day', () => {
  const months = (means: readonly number[]) => ({
    months: means.map((meanC) => ({ ...JANUARY, meanC })),
  });
  const JANUARY = { minC: 0, maxC: 0, rh: 0.8, windMS: 3, rainMm: 50, rainDays: 9, sunHours: 2 };
  const plan = sample('osk-landing');

  test('where the floor is sized for it, in the months in which snow lies', () => {
    const isIn = shutInOf(plan, months([-8, 0, 0.5]));
    expect([0, 1, 2].map(isIn)).toEqual([true, true, false]);
    expect(shutInOf({ ...plan, schools: {} }, months([-8]))(0)).toBe(false);
  });

  test('all year under a housing order: its days are damper then', () => {
    const held = (housingOrder: boolean): number => {
      const own: Plan = {
        ...aired('osk-landing'),
        schools: {},
        limits: { ...plan.limits, housingOrder },
      };
      const climate = workClimate(own.climate);
      if (!climate) throw new Error('it has a climate');
      const run = airYear(own, flockByDay(own, DAY), climate);
      let step = run.next();
      while (!step.done) step = run.next();
      return step.value.months.reduce((sum, m) => sum + m.damp, 0);
    };
    expect(
      shutInOf({ ...plan, limits: { ...plan.limits, housingOrder: true } }, months([20]))(0),
    ).toBe(true);
    expect(held(true)).toBeGreaterThan(held(false));
  });
});
