import { flockByDay } from '../birds/flock';
import { birdsHeat, fullestDay } from '../birds/flockHeat';
import type { Plan } from '../model/schema';
import { aired } from '../tests/aired';
import { DAY, sample, sampleClimate } from '../tests/plans';
import { workClimate } from '../weather/climate';
import { bareOf } from './bare';
import { type FirstLesson, firstLesson, type NightLesson } from './firstLesson';
import { airNeedsOf } from './needs';

function taught(plan: Plan): FirstLesson {
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error('it has a climate');
  const flock = flockByDay(plan, DAY);
  const needs = airNeedsOf(bareOf(plan, birdsHeat(flock, fullestDay(flock))), climate.hours);
  const lesson = firstLesson(plan, flock, climate, needs);
  if (!lesson) throw new Error('birds live here');
  return lesson;
}

const night = (plan: Plan): NightLesson => {
  const lesson = taught(plan);
  if (lesson.kind === 'heat') throw new Error('a night was meant');
  return lesson;
};

const twice = (plan: Plan): Plan => ({
  ...plan,
  flock: plan.flock.map((g) => ({ ...g, count: 2 * g.count, sorted: null })),
});

describe('what a coop’s air teaches at first sight', () => {
  test('the three samples teach three lessons: damp, heat, frost', () => {
    expect(taught(sample('pell-garth')).kind).toBe('damp');
    expect(taught(sample('tamar-flats')).kind).toBe('heat');
    expect(taught(sample('osk-landing')).kind).toBe('frost');
  });

  test('what birds give off is carried out or settles, in every way it is kept', () => {
    for (const plan of [sample('pell-garth'), aired('pell-garth'), aired('osk-landing')]) {
      const { open, shut } = night(plan);
      for (const kept of [open, shut]) {
        expect(kept.givenKg).toBeCloseTo(kept.carriedKg + kept.settledKg, 12);
        expect(kept.carriedKg).toBeGreaterThan(0);
      }
      expect(shut.settledKg).toBeGreaterThan(open.settledKg);
      expect(shut.riseK).toBeGreaterThan(open.riseK);
    }
  });

  test('more birds dampen a shut coop more, and warm it more', () => {
    const [few, many] = [night(sample('pell-garth')), night(twice(sample('pell-garth')))];
    expect(many.shut.settledKg).toBeGreaterThan(1.7 * few.shut.settledKg);
    expect(many.shut.riseK).toBeGreaterThan(few.shut.riseK);
  });

  test('a coop with openings is worked with its own, one without with what it needs', () => {
    expect(night(sample('pell-garth')).isBuilt).toBe(false);
    const built = night(aired('pell-garth'));
    expect(built.isBuilt).toBe(true);
    // two vents that stay open; the window can be shut, and in the cold is
    const vents = aired('pell-garth').fixtures.filter((f) => f.kind === 'vent');
    const gross = vents.reduce((sum, f) => sum + (f.kind === 'vent' ? f.widthM * f.heightM : 0), 0);
    expect(built.openM2).toBeLessThan(gross);
    expect(built.openM2).toBeGreaterThan(0.8 * gross);
  });

  test('in the heat all that can be opened is open, and the area needed keeps it near outdoors', () => {
    const bare = taught(sample('tamar-flats'));
    if (bare.kind !== 'heat') throw new Error(bare.kind);
    expect(bare.openC - bare.outC).toBeLessThanOrEqual(2);
    expect(bare.shutC - bare.outC).toBeGreaterThan(5);
    expect(bare.sunW).toBeGreaterThan(500);
    const built = taught(aired('tamar-flats'));
    if (built.kind !== 'heat') throw new Error(built.kind);
    expect(built.openC).toBeLessThan(built.shutC);
    expect(built.openC).toBeGreaterThan(bare.openC);
  });

  test('the place decides what is taught', () => {
    const kinds = (['hot-desert', 'cold-continental', 'mild-highland'] as const).map(
      (id) => taught({ ...sample('pell-garth'), climate: sampleClimate(id) }).kind,
    );
    expect(kinds).toEqual(['heat', 'frost', 'damp']);
  });
});
