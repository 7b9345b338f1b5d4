import fc from 'fast-check';
import { produce } from 'immer';
import { anyPlan, sample } from '@/core/tests/plans';
import type { Plan } from '../model/schema';
import { parsePlan } from './parse';
import { parseEdit } from './parseEdit';

/** Edits of every kind of part, good ones and bad ones. */
const EDITS: readonly ((d: Plan, n: number) => void)[] = [
  (d, n) => void Object.assign(d, { name: 'x'.repeat(n) }),
  (d, n) => void Object.assign(d.shell, { lengthM: n / 10 }),
  (d, n) => void Object.assign(d.litter, { depthM: n / 100 }),
  (d, n) => void Object.assign(d.keeper, { statureM: n / 40 }),
  (d) => void Object.assign(d, { timeZone: 'Nowhere/Land' }),
  (d) => void Object.assign(d.schools, { 'roosts.length': 'nobody' }),
  (d) => void Object.assign(d.schools, { 'roosts.length': 'roosts.length.huddled' }),
  (d, n) => {
    const [first] = d.fixtures;
    if (first?.kind === 'bar') first.lengthM = n / 20;
  },
  (d) => {
    const [first] = d.fixtures;
    if (first) d.fixtures.push({ ...first });
  },
  (d) => {
    const [first] = d.fixtures;
    for (let i = 0; first && i < 210; i++) d.fixtures.push({ ...first, id: `more-${i}` });
  },
  (d) => void d.fixtures.pop(),
  (d, n) => {
    const [first] = d.flock;
    if (first) first.count = n * 30 - 100;
  },
  (d) => {
    const [first] = d.flock;
    if (first) first.breed = 'dodo';
  },
  (d, n) => void Object.assign(d, { partition: { axis: 'x', atM: n / 10, beyond: [] } }),
  (d) => void Object.assign(d, { colour: 'red' }),
  (d) => void Reflect.deleteProperty(d, 'climate'),
];

test('an edit is read as the whole plan is, for good edits and bad', () => {
  let good = 0;
  let bad = 0;
  fc.assert(
    fc.property(
      fc.oneof(anyPlan, fc.constantFrom(sample('pell-garth'), sample('osk-landing'))),
      fc.constantFrom(...EDITS),
      fc.integer({ min: 0, max: 100 }),
      (before, change, n) => {
        const next = produce(before, (draft) => change(draft as Plan, n));
        const whole = parsePlan(next);
        if (whole.ok) good++;
        else bad++;
        expect(parseEdit(before, next)).toEqual(whole);
      },
    ),
    { numRuns: 300 },
  );
  expect(good).toBeGreaterThan(50);
  expect(bad).toBeGreaterThan(50);
});
