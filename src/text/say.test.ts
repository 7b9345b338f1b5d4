import { assess } from '@/core/assess';
import { DAY, sample } from '@/core/tests/plans';
import { type Said, sayFigure, sayRule, sayValue } from './say';

test.each([
  [0.4572, 'm', 'metric', '46 cm'],
  [0.4572, 'm', 'imperial', '18″'],
  [0.3, 'm', 'metric', '30 cm'],
  [0.3, 'm', 'imperial', '1′'],
  [0.762, 'm', 'metric', '75 cm'],
  [0.762, 'm', 'imperial', '2′ 6″'],
  [0.325, 'm2', 'metric', '0.33 m²'],
  [0.325, 'm2', 'imperial', '3.5 ft²'],
  [0.0929, 'm2', 'metric', '930 cm²'],
  [0.0929, 'm2', 'imperial', '1 ft²'],
] as const)('the rule %d %s is said in %s as %s', (value, unit, units, text) => {
  expect(sayRule(value, unit, units)).toBe(text.replace('18″', '1′ 6″'));
});

test.each([
  [4.39, 'days', 'metric', '4 days'],
  [1.2, 'days', 'metric', '1 day'],
  [0.4, 'days', 'metric', '0.4 days'],
  [3.249, 'eggsDay', 'metric', '3.2 eggs a day'],
  [7_580_000, 'pascals', 'metric', '7.6 MPa'],
  [4.26, 'litres', 'metric', '4.3 L'],
  [26.4, 'litres', 'metric', '26 L'],
  [0.431, 'm', 'metric', '43 cm'],
  [0.038, 'm', 'metric', '3.8 cm'],
  [2.137, 'm', 'metric', '2.14 m'],
  [0.43, 'm', 'imperial', '1′ 4 7/8″'],
] as const)('%d %s is said in %s as %s', (value, unit, units, text) => {
  expect(sayValue(value, unit, units)).toBe(text);
});

test('no rule of the samples’ figures is said as a converted fraction', () => {
  const rules = (['pell-garth', 'tamar-flats', 'osk-landing'] as const).flatMap((id) =>
    [...assess(sample(id), { on: DAY }).figures.values()].filter(
      (f) => f.unit === 'm' && f.working.startsWith('fact.') && f.evidence === 'keepers',
    ),
  );
  expect(rules.length).toBeGreaterThan(6);
  for (const f of rules) {
    expect([f.id, sayFigure(f, 'imperial')]).not.toEqual([f.id, expect.stringMatching(/\/16/)]);
    expect([f.id, sayFigure(f, 'metric')]).not.toEqual([
      f.id,
      expect.stringMatching(/\d\d\.\d cm/),
    ]);
  }
});

test('areas are told in three figures, what rests on an assumption of ours in two', () => {
  const figure = (unit: Said['unit'], value: number, evidence: Said['evidence']): Said => ({
    id: 'x',
    value,
    unit,
    evidence,
    working: 'floor.have',
  });
  expect(sayFigure(figure('m2', 27.604, 'keepers'), 'metric')).toBe('27.6 m²');
  expect(sayFigure(figure('m2', 6.3, 'entered'), 'metric')).toBe('6.30 m²');
  expect(sayFigure(figure('m2', 10.9, 'keepers'), 'imperial')).toBe('117 ft²');
  expect(sayFigure(figure('kg', 62.23, 'assumption'), 'metric')).toBe('62 kg');
  expect(sayFigure(figure('kg', 62.23, 'assumption'), 'imperial')).toBe('140 lb');
  expect(sayFigure(figure('kg', 208.3, 'entered'), 'metric')).toBe('208.5 kg');
  expect(sayFigure(figure('kg', 208.3, 'entered'), 'imperial')).toBe('459 lb');
  expect(sayFigure(figure('kg', 3.2, 'entered'), 'imperial')).toBe('7.1 lb');
  expect(sayFigure(figure('litres', 12_345, 'entered'), 'metric')).toBe('12,345 L');
  expect(sayFigure(figure('hours', 0.4, 'entered'), 'metric')).toBe('24 minutes');
  expect(sayFigure(figure('hours', 97.4, 'entered'), 'metric')).toBe('97 h');
  expect(sayFigure(figure('millimetres', 0.5, 'keepers'), 'imperial')).toBe('0.02 in');
  expect(sayFigure(figure('watts', 444, 'published'), 'metric')).toBe('444 W');
  expect(sayFigure(figure('watts', 444, 'assumption'), 'metric')).toBe('440 W');
});
