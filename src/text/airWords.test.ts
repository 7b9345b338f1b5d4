import { LESSON_VARIANTS } from '@/core/air/lessonKinds.data';
import { assess } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { aired } from '@/core/tests/aired';
import { DAY, sample, sampleClimate } from '@/core/tests/plans';
import { countedText, extremesText, refinedText, yearLesson } from './airWords';
import { FIRST_LESSONS, firstLessonPieces } from './firstLessons';
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

describe('what the year says of the first answer', () => {
  const need = (netM2: number, decides: 'damp' | 'none' = 'damp') => ({
    ...{ netM2, decides, tiC: 0, rh: 0.8, airKgS: 0.1 },
  });
  const areas = (winter: number, summer: number) => ({
    winter: need(winter),
    summer: need(summer),
  });

  test('it holds within a tenth, else the larger of the two is built', () => {
    const text = refinedText(areas(0.2, 1), areas(0.21, 1.3), 'metric');
    expect(text).toMatch(/high opening of 0.21 m²: the first answer holds\./);
    expect(text).toMatch(
      /openings of 1.30 m², 30 % more than the first answer: build to the year\./,
    );
    expect(refinedText(areas(0.2, 1), areas(0.15, 1), 'imperial')).toMatch(
      /of 1.6 ft², 25 % less. Keep to the first answer, which is for a harder night\./,
    );
    const none = { winter: need(12, 'none'), summer: need(1) };
    expect(refinedText(areas(1, 1), none, 'metric')).toMatch(/more than any opening gives/);
  });
});

describe('what twenty years bring, in words', () => {
  const spread = (least: number, middle: number, most: number) => ({ least, middle, most });
  test('nights and days are counted as a keeper counts them', () => {
    const lines = extremesText(
      {
        years: 20,
        coldestC: -21.4,
        hottestC: 38.2,
        frostNights: spread(0, 12, 31),
        frostRun: 9,
        hotDays: spread(0, 0, 1),
        hotRun: 1,
        dripNights: spread(365, 365, 365),
      },
      'metric',
    );
    expect(lines).toEqual([
      'Inside it is −21 °C in the coldest hour and 38 °C in the hottest.',
      'Frost bites combs: 12 nights in a middle year, none in the best, 31 in the worst, up to 9 on end.',
      'Birds are in danger of the heat: one day in some years.',
      'Water settles inside: on every night of the year.',
    ]);
  });
});

test('what is counted is told by the rules of those that live here', () => {
  const hens = countedText({ frost: { dampC: -4, anyC: -18 }, heatC: [24, 27, 30] }, 'metric');
  expect(hens.join(' ')).toMatch(/−4 °C and colder in damp or moving air, −18 °C in any/);
  expect(hens.join(' ')).toMatch(/felt as 27 °C and more/);
  const ducks = countedText({ frost: null, heatC: [23, 26, 29] }, 'imperial');
  expect(ducks.join(' ')).toMatch(/nobody here has one.*felt as 79 °F/);
});

describe('what a year teaches', () => {
  const night = (riseK: number, dripKg: number) => ({ riseK, dripKg, nights: 31 });
  const lesson = { month: 0, kept: night(1, 0.2), shut: night(2.6, 1.3) };
  const month = (heatDanger: number) => ({
    ...{ hours: 720, damp: 0, drips: 0, dripKg: 0, roofDew: 0, frost: 0, heatAlert: 0 },
    ...{ heatEmergency: 0, ammonia10: 0, ammonia25: 0, draught: 0, riseK: 1, heatDanger },
  });

  test('the cold alone where it never gets too hot', () => {
    expect(yearLesson({ lesson, openings: 2, months: [month(3), month(0)] }, 'metric')).toBe(
      'Shut up tight on January nights it would be only 1.6 °C warmer, and 1.1 L more water would settle inside each night.',
    );
  });

  test('the heat first where birds are in danger of it', () => {
    expect(
      yearLesson({ lesson, openings: 2, months: [month(0), month(80), month(20)] }, 'metric'),
    ).toMatch(
      /^Birds are in danger of the heat in 100 hours of the year, most of all in February: shade/,
    );
  });
});
