import fc from 'fast-check';
import { produce } from 'immer';
import { planDifferences } from '../edit/differences';
import { parsePlan } from '../edit/parse';
import type { Plan } from '../model/schema';
import { anyPlan, bar, sample } from '../tests/plans';
import { crossings, takeAcross } from './across';

const base = sample('pell-garth');
const variant = produce(base, (d: Plan) => {
  d.id = 'variant';
  d.name = 'Pell Garth (copy)';
  const rear = d.fixtures.find((f) => f.kind === 'bar');
  if (rear?.kind === 'bar') rear.lengthM = 2.7;
  d.fixtures = d.fixtures.filter((f) => f.kind !== 'window');
  d.fixtures.splice(1, 0, bar({ id: 'third', name: 'Third bar', y: 0.9 }));
  d.litter.depthM = 0.15;
  d.schools = { 'floor.area': 'statutory' };
});

test('what differs is told with its station; names and units stay each their own', () => {
  expect(
    crossings(base, variant).map(({ station, part, name, change }) => [
      station,
      name ?? part,
      change,
    ]),
  ).toEqual([
    ['roosts', 'Rear bar', 'changed'],
    ['roosts', 'Third bar', 'added'],
    ['air', 'Window', 'removed'],
    [null, 'schools', 'changed'],
    ['litter', 'litter', 'changed'],
  ]);
});

test('one bar is taken across and nothing else, in the place it has there', () => {
  const list = crossings(base, variant);
  const third = list.filter((c) => c.id === 'third');
  const taken = takeAcross(base, variant, third);
  expect(taken.fixtures[1]).toMatchObject({ id: 'third' });
  expect(planDifferences(base, taken).map((d) => d.name)).toEqual(['Third bar']);
  expect(taken.name).toBe('Pell Garth');
  // and back again: what is not there goes
  expect(takeAcross(taken, base, third)).toEqual(base);
});

test('a station is all that differs at it', () => {
  const roosts = crossings(base, variant).filter((c) => c.station === 'roosts');
  const taken = takeAcross(base, variant, roosts);
  expect(crossings(taken, variant).map((c) => c.station)).toEqual(['air', null, 'litter']);
});

test('all taken, nothing differs but names, whatever the two plans', () => {
  fc.assert(
    fc.property(anyPlan, anyPlan, (into, from) => {
      const taken = takeAcross(into, from, crossings(into, from));
      expect(crossings(taken, from)).toEqual([]);
      expect(taken.id).toBe(into.id);
      expect(taken.units).toBe(into.units);
      expect(parsePlan(taken).ok).toBe(true);
    }),
    { numRuns: 60 },
  );
});
