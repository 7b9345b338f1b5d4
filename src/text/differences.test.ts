import fc from 'fast-check';
import { planDifferences } from '@/core/edit/differences';
import { everything } from '@/core/tests/everything';
import { anyPlan, bar, sample } from '@/core/tests/plans';
import { differencesText } from './differences';

const plan = sample('pell-garth');
const told = (to: typeof plan) => differencesText(planDifferences(plan, to));

test('plans that are the same differ in nothing, in whatever order their keys stand', () => {
  fc.assert(
    fc.property(anyPlan, (p) => {
      expect(planDifferences(p, structuredClone(p))).toEqual([]);
      const turned = Object.fromEntries(Object.entries(p).reverse()) as typeof p;
      expect(planDifferences(p, turned)).toEqual([]);
    }),
    { numRuns: 20 },
  );
});

test('what differs is named as the keeper named it', () => {
  expect(told(plan)).toBe('nothing');
  const [first, ...rest] = plan.fixtures;
  if (first?.kind !== 'bar') throw new Error('the first fixture is a bar');
  expect(told({ ...plan, fixtures: [{ ...first, lengthM: 2 }, ...rest] })).toBe('Rear bar changed');
  expect(told({ ...plan, fixtures: [...plan.fixtures, bar({ id: 'bar-9', name: 'Perch' })] })).toBe(
    'Perch added',
  );
  expect(told({ ...plan, fixtures: rest })).toBe('Rear bar removed');
  expect(
    told({
      ...plan,
      flock: plan.flock.slice(1),
      litter: { ...plan.litter, school: 'thin', depthM: 0.05 },
    }),
  ).toBe('Sussex removed, the litter changed');
  expect(
    told({ ...plan, schools: { 'floor.area': { custom: 1 } }, horizonYears: 3, units: 'imperial' }),
  ).toBe('the units changed, the years looked ahead changed, the schools changed');
});

test('many differences are counted after the first six', () => {
  expect(told({ ...plan, flock: [], fixtures: [] })).toMatch(/ and 3 more$/);
});

/** Every value of a plan that is no object or list itself, with its path. */
function leavesOf(value: unknown, path: readonly (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [[...path]];
  const entries = Array.isArray(value)
    ? value.map((v, i) => [i, v] as const)
    : Object.entries(value);
  return entries.flatMap(([key, v]) => leavesOf(v, [...path, key]));
}

/** The same with one leaf changed. */
function changedAt<T>(whole: T, path: readonly (string | number)[]): T {
  const copy = structuredClone(whole);
  let at = copy as Record<string | number, unknown>;
  for (const key of path.slice(0, -1)) at = at[key] as typeof at;
  const last = path.at(-1) ?? '';
  const was = at[last];
  at[last] =
    typeof was === 'number' ? was + 1 : typeof was === 'boolean' ? !was : `${was ?? ''} changed`;
  return copy;
}

test('a change of any leaf of a plan with everything in it is a difference, and has words', () => {
  const whole = everything('plate');
  const paths = leavesOf(whole);
  expect(paths.length).toBeGreaterThan(300);
  const unseen = paths.filter((path) => {
    const differences = planDifferences(whole, changedAt(whole, path));
    return differences.length === 0 || differencesText(differences) === 'nothing';
  });
  expect(unseen).toEqual([]);
});
