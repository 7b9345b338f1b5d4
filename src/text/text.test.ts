import { assess } from '@/core/assess';
import { issue } from '@/core/kernel/outcome';
import type { Sentence } from '@/core/kernel/sentence';
import type { Unit } from '@/core/kernel/working';
import { PROPOSERS } from '@/core/remedies/remedies';
import { bank, bar, DAY, fittedCoop, sample } from '@/core/tests/plans';
import { FINDING_WORDS, findingPieces, findingTitle } from './findings';
import {
  formatBare,
  formatComingDay,
  formatDay,
  formatPlain,
  formatValue,
  measuresApart,
} from './format';
import { issueLine, issuePath } from './issues';
import { reasonWithout } from './remedies';
import { NOTHING_FITS } from './remedyWords.data';
import { sayFigure } from './say';
import { sentenceText } from './sentence';

describe('the one sentence', () => {
  test.each<[Sentence, string]>([
    [{ kind: 'noBirds' }, 'Add birds to see if they fit.'],
    [
      { kind: 'notEntered', stations: ['roosts'] },
      'Enter the roosts to see what this coop carries.',
    ],
    [
      { kind: 'short', carries: 6, planned: 14, heldBackBy: ['roosts'] },
      'This coop carries 6 birds. You plan 14. The roosts hold it back.',
    ],
    [
      { kind: 'short', carries: 1, planned: 14, heldBackBy: ['floor'] },
      'This coop carries 1 bird. You plan 14. The floor holds it back.',
    ],
    [
      { kind: 'short', carries: 6, planned: 14, heldBackBy: ['floor', 'nests'] },
      'This coop carries 6 birds. You plan 14. The floor and the nests hold it back.',
    ],
    [
      { kind: 'short', carries: 6, planned: 14, heldBackBy: ['floor', 'roosts', 'nests'] },
      'This coop carries 6 birds. You plan 14. The floor and two more hold it back.',
    ],
    [
      {
        kind: 'short',
        carries: 0,
        planned: 9,
        heldBackBy: ['nests'],
        pair: { from: '2027-03-01', birds: 0, of: 5 },
      },
      'This coop carries 0 birds. You plan 9. The nests hold it back: from 1 March 2027, 0 of the 5 birds then here.',
    ],
    [
      {
        kind: 'short',
        carries: 2,
        planned: 9,
        heldBackBy: ['door'],
        pair: { from: null, birds: 1, of: 4 },
      },
      'This coop carries 2 birds. You plan 9. The pop doors hold it back: 1 of the 4 birds here now.',
    ],
    [
      { kind: 'enough', carries: 500, planned: 9, room: 491, next: ['air'], orMore: true },
      'This coop carries 500 birds or more. You plan 9. Room for 491 or more; the air comes next.',
    ],
    [
      { kind: 'enough', carries: 17, planned: 14, room: 3, next: ['floor'] },
      'This coop carries 17 birds. You plan 14. Room for 3 more; the floor comes next.',
    ],
    [
      { kind: 'enough', carries: 14, planned: 14, room: 0, next: ['roosts'] },
      'This coop carries 14 birds. You plan 14. No room to spare; the roosts come next.',
    ],
  ])('%j', (sentence, text) => {
    expect(sentenceText(sentence)).toBe(text);
  });
});

test('findings are told with their numbers and the names the keeper gave', () => {
  const plan = sample('pell-garth');
  const finding = assess(plan, { on: DAY }).findings.find((f) => f.code === 'roosts.bar.nearWall');
  if (!finding) throw new Error('no finding');
  expect(findingTitle(finding)).toBe('Bar too near the wall');
  expect(findingPieces(finding, plan)).toContainEqual({ kind: 'fixtures', names: 'Rear bar' });
  expect(findingPieces(finding, plan)).toContainEqual({
    kind: 'number',
    name: 'gap',
    bare: false,
    fine: false,
  });
});

test('every number a finding names is one the core gives it', () => {
  for (const id of ['pell-garth', 'osk-landing'] as const) {
    const plan = sample(id);
    for (const f of assess(plan, { on: DAY }).findings) {
      for (const p of findingPieces(f, plan))
        if (p.kind === 'number') expect(Object.keys(f.numbers)).toContain(p.name);
    }
  }
  for (const { title, text } of Object.values(FINDING_WORDS)) expect(title && text).toBeTruthy();
});

test('counts carry their noun, one or many, or stand bare beside it', () => {
  expect(formatValue(1, 'birds', 'metric')).toBe('1 bird');
  expect(formatValue(6, 'birds', 'metric')).toBe('6 birds');
  expect(formatValue(4.5, 'hensPerBox', 'metric')).toBe('4.5 hens a box');
  expect(formatBare(6, 'birds', 'metric')).toBe('6');
  expect(formatBare(0.3, 'm', 'metric')).toBe('30 cm');
  expect(formatPlain(2 / 3)).toBe('2/3');
});

test('amounts a day, temperatures and powers are told in either system', () => {
  const both = (value: number, unit: Unit): string[] =>
    (['metric', 'imperial'] as const).map((units) => formatValue(value, unit, units));
  expect(both(-28.4, 'celsius')).toEqual(['−28 °C', '−19 °F']);
  expect(both(0.118, 'kgDay')).toEqual(['118 g a day', '4.16 oz a day']);
  expect(both(5.64, 'kgDay')).toEqual(['5.64 kg a day', '12.4 lb a day']);
  expect(both(3.785411784, 'litresDay')).toEqual(['3.79 L a day', '1 gal a day']);
  expect(both(0.25, 'litresDay')).toEqual(['0.25 L a day', '0.264 qt a day']);
  expect(both(720, 'watts')).toEqual(['720 W', '2460 Btu/h']);
  expect(both(0.04, 'kg')).toEqual(['40 g', '1.4 oz']);
  expect(both(57.5, 'gramsDay')).toEqual(['57.5 g a day', '2.03 oz a day']);
  expect(both(100, 'litres')).toEqual(['100 L', '26.4 gal']);
  expect(formatValue(1, 'days', 'metric')).toBe('1 day');
  expect(formatValue(12.34, 'dozens', 'metric')).toBe('12.3 dozen');
  expect(formatBare(12.34, 'bags', 'metric')).toBe('12.3');
  expect(formatValue(2850, 'kcalKg', 'imperial')).toBe('2850 kcal a kg');
});

test('days are told as a keeper says them', () => {
  expect(formatDay('2027-09-12')).toBe('12 September 2027');
  expect(formatComingDay('2027-09-12', '2027-01-01')).toBe('12 Sept');
  expect(formatComingDay('2027-09-12', DAY)).toBe('12 Sept next year');
  expect(formatComingDay('2028-09-12', DAY)).toBe('12 Sept 2028');
});

test('an issue names its path and what to do', () => {
  const wrong = issue('plan.notOneOf', { allowed: ['bar', 'nestBank'] }, ['fixtures', 2, 'kind']);
  expect(issuePath(wrong)).toBe('fixtures[2].kind');
  expect(issueLine(wrong)).toBe('fixtures[2].kind: It must be one of: bar, nestBank.');
});

test('two numbers of a finding that would read the same are told with all their digits', () => {
  const plan = fittedCoop({ fixtures: [bar({ y: 3 - 0.3762, z: 0.6, lengthM: 3 }), bank()] });
  const a = assess(plan, { on: DAY });
  const near = a.findings.find((f) => f.code === 'roosts.bar.nearWall');
  if (!near) throw new Error('not near the wall');
  const gap = findingPieces(near, plan).find((p) => p.kind === 'number' && p.name === 'gap');
  expect(gap).toMatchObject({ fine: true });
  const figure = a.figures.get(near.numbers.gap?.figure ?? '');
  if (!figure) throw new Error('no figure');
  expect(sayFigure(figure, 'metric')).toBe('38 cm');
  expect(sayFigure(figure, 'metric', false, true)).toBe('37.6 cm');
  // farther off it is told as coarsely as it deserves
  const far = { ...near, numbers: { ...near.numbers, gap: { ...near.numbers.gap, value: 0.31 } } };
  const coarse = findingPieces(far as typeof near, plan);
  expect(coarse.find((p) => p.kind === 'number' && p.name === 'gap')).toMatchObject({
    fine: false,
  });
});

test('where nothing mends a finding the reason says what else a keeper can do', () => {
  expect(reasonWithout('floor.area.short')).toContain('keep fewer birds');
  expect(reasonWithout('brooder.space.short')).toContain('hatch fewer');
  for (const code of Object.keys(NOTHING_FITS)) {
    expect([code, code in PROPOSERS]).toEqual([code, true]);
    expect(reasonWithout(code)).toBe(NOTHING_FITS[code]);
  }
  expect(reasonWithout('reach.headroom.none')).toContain('outside this tool');
});

test('the measures of a text stand apart from its words, so that none is broken over two lines', () => {
  expect(
    measuresApart('Add a 8′ 10″ bar 1′ 6″ in front of Front bar, 1′ 9 5/8″ above the litter'),
  ).toEqual([
    'Add a ',
    '8′ 10″',
    ' bar ',
    '1′ 6″',
    ' in front of Front bar, ',
    '1′ 9 5/8″',
    ' above the litter',
  ]);
  const text = 'Move Bar 2 to 38 cm, with 1 bracket and 3 metal pins';
  expect(measuresApart(text)).toEqual([
    'Move Bar 2 to ',
    '38 cm',
    ', with 1 bracket and 3 metal pins',
  ]);
  expect(measuresApart('Make it 2.70 m by 1.20 m').join('')).toBe('Make it 2.70 m by 1.20 m');
});
