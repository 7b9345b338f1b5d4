import { flockSizes } from '@/core/birds/flockSizes';
import { linesFor } from '@/core/placing/lines';
import { everything } from '@/core/tests/everything';
import { bar, sample, soundCoop } from '@/core/tests/plans';
import { arrangedTitle, goodAt } from './arranged';
import { lineText, placeText, wayText } from './placing';

const plan = soundCoop();
const own = bar({ name: 'Front bar', axis: 'x', x: 1, y: 2.6, z: 0.82, lengthM: 1.8 });

test('where a thing stands is said by its height and the nearest walls', () => {
  const over = Math.round((0.82 - plan.litter.depthM) * 100);
  expect(placeText(own, plan)).toBe(
    `Front bar, ${over} cm above the litter, 40 cm from the rear wall`,
  );
  const window = plan.fixtures.find((f) => f.kind === 'window');
  if (!window) throw new Error('no window');
  expect(placeText(window, plan)).toMatch(
    /^.+, in the (front|rear|left|right) wall, sill .+ above the floor, .+ from the (left|front) wall$/,
  );
});

test('every line that can hold a thing is said in a few words', () => {
  for (const all of [everything('lamp'), sample('pell-garth')]) {
    const to = { plan: all, sizes: flockSizes(all) };
    for (const f of all.fixtures) {
      for (const axis of ['x', 'y', 'z'] as const) {
        for (const line of linesFor(f, axis, to)) {
          const text = lineText(line, all);
          expect(text.length).toBeGreaterThan(4);
          expect(text.length).toBeLessThan(70);
          expect(text).not.toMatch(/undefined|NaN/);
        }
      }
    }
  }
});

test('what stands in the way is said as a sentence', () => {
  const feeder = plan.fixtures.find((f) => f.kind === 'feeder');
  if (!feeder) throw new Error('no feeder');
  for (const how of ['things', 'bars', 'openings', 'doorway'] as const) {
    expect(wayText({ kind: 'clash', how, other: feeder })).toMatch(
      new RegExp(`^It would .+ ${feeder.name}\\.$`),
    );
  }
  for (const code of [
    'shell.fixture.pastWall',
    'shell.fixture.belowFloor',
    'shell.fixture.throughRoof',
  ] as const) {
    expect(wayText({ kind: 'outside', code })).toMatch(/^It would reach through (a|the) .+\.$/);
  }
});

test('answers say what each is good at, in measures that a keeper would say', () => {
  const score = { total: 10, faults: 0, roundM: 7.37, spare: 2, material: 8, untidy: 0 };
  const one = { plan, begunAt: 'rear' as const, score };
  const other = {
    plan,
    begunAt: 'asItStood' as const,
    score: { ...score, roundM: 9.1, spare: 0, faults: 40, material: 7 },
  };
  expect(arrangedTitle(one)).toBe('Bars along the rear wall');
  expect(arrangedTitle(other)).toBe('What stands, moved');
  expect(goodAt(one, [one, other], 'metric')).toEqual([
    'Nothing to mend',
    'Shortest round: 7.5 m',
    'Room for 2 more',
  ]);
  expect(goodAt(other, [one, other], 'imperial')).toEqual(['Round of 30 ft', 'Least timber']);
});
