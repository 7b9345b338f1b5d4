import { LESSON_VARIANTS } from '@/core/air/lessonKinds.data';
import { assess } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { aired } from '@/core/tests/aired';
import { DAY, sample, sampleClimate } from '@/core/tests/plans';
import { FIRST_LESSONS, firstLessonPieces } from './airWords';
import { sayFigure } from './say';

function told(plan: Plan): string {
  const { figures } = assess(plan, { on: DAY });
  const pieces = firstLessonPieces(figures);
  if (pieces === null) return '';
  return pieces
    .map((piece) => {
      if (typeof piece === 'string') return piece;
      const figure = figures.get(piece.figure);
      if (!figure) throw new Error(`no figure ${piece.figure}`);
      return sayFigure(figure, plan.units);
    })
    .join('');
}

const hens = (plan: Plan, count: number): Plan => ({
  ...plan,
  flock: plan.flock.slice(0, 1).map((g) => ({ ...g, count, sorted: null })),
});

describe('what a coop’s air teaches, in words', () => {
  test('each sample tells its own', () => {
    expect(told(sample('pell-garth'))).toMatch(/^Nothing is open yet.*on a January night/);
    expect(told(sample('osk-landing'))).toMatch(/^January nights are about −16 °C\..*freezes/);
    expect(told(sample('tamar-flats'))).toMatch(/^On the hottest afternoons it is 111 °F outdoors/);
  });

  test('the sentence follows the plan: its openings, its birds, its place', () => {
    const plain = told(sample('pell-garth'));
    expect(told(aired('pell-garth'))).toMatch(/^Shut up tight on a January night it would be/);
    expect(told(hens(sample('pell-garth'), 2))).not.toBe(plain);
    const south = told({ ...sample('pell-garth'), climate: sampleClimate('mild-highland') });
    expect(south).toMatch(/July night/);
    expect(told({ ...sample('pell-garth'), climate: null })).toBe('');
    expect(told({ ...sample('pell-garth'), flock: [] })).toBe('');
  });

  test('few birds in a large dry coop hardly dampen it', () => {
    const plan = { ...hens(sample('tamar-flats'), 1), climate: sampleClimate('high-cold-desert') };
    expect(told(plan)).toMatch(/hardly any water settles|January night/);
  });

  test.each(LESSON_VARIANTS.map((v) => [v] as const))('%s is short sentences', (variant) => {
    for (const sentence of FIRST_LESSONS[variant].split(/(?<=[.:]) /))
      expect(sentence.split(' ').length).toBeLessThanOrEqual(24);
  });
});
