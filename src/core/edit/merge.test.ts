import fc from 'fast-check';
import { produce } from 'immer';
import type { Plan } from '../model/schema';
import { anyPlan, bar, hens, sample } from '../tests/plans';
import { planDifferences } from './differences';
import { mergePlans } from './merge';
import { parsePlan } from './parse';

const base = sample('pell-garth');
const changed = (recipe: (d: Plan) => void): Plan => produce(base, recipe);
const barOf = (d: Plan, i = 0) => {
  const found = d.fixtures.filter((f) => f.kind === 'bar')[i];
  if (found?.kind !== 'bar') throw new Error('no such bar');
  return found;
};

test('edits of different things are both taken, also of one fixture', () => {
  const here = changed((d) => {
    barOf(d).lengthM = 2.7;
    d.litter.depthM = 0.2;
  });
  const there = changed((d) => {
    barOf(d).z = 0.9;
    d.flock[0] = hens(5, { ...d.flock[0], count: 9 });
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'window');
  });
  const { plan, clashes } = mergePlans(base, here, there);
  expect(clashes).toEqual([]);
  expect(barOf(plan)).toMatchObject({ lengthM: 2.7, z: 0.9 });
  expect(plan.litter.depthM).toBe(0.2);
  expect(plan.flock[0]?.count).toBe(9);
  expect(plan.fixtures.some((f) => f.kind === 'window')).toBe(false);
});

test('one value changed two ways clashes, with both values; either can be kept', () => {
  const here = changed((d) => {
    barOf(d).lengthM = 2.7;
  });
  const there = changed((d) => {
    barOf(d).lengthM = 2.4;
  });
  const { plan, clashes } = mergePlans(base, here, there);
  expect(clashes).toEqual([
    { part: 'fixture', name: 'Rear bar', path: ['lengthM'], here: 2.7, there: 2.4 },
  ]);
  expect(barOf(plan).lengthM).toBe(2.7);
  expect(barOf(mergePlans(base, here, there, 'there').plan).lengthM).toBe(2.4);
});

test('removed here and changed there clashes; what was only moved in the list does not', () => {
  const here = changed((d) => {
    d.fixtures = d.fixtures.filter((f) => f.name !== 'Rear bar');
  });
  const there = changed((d) => {
    barOf(d).lengthM = 2.4;
  });
  expect(mergePlans(base, here, there).clashes).toMatchObject([
    { name: 'Rear bar', path: [], here: undefined, there: { lengthM: 2.4 } },
  ]);
  expect(mergePlans(base, here, there, 'there').plan.fixtures).toContainEqual(barOf(there));
  const turned = changed((d) => void d.fixtures.reverse());
  expect(mergePlans(base, turned, there).clashes).toEqual([]);
});

test('a roof of another kind is one thing, not a mixture of two', () => {
  const here = changed((d) => {
    d.shell.roof = { kind: 'flat', lowM: 2, highM: 2 };
  });
  const there = changed((d) => {
    d.shell.roof.lowM = 1.8;
  });
  expect(mergePlans(base, here, there).clashes).toMatchObject([{ part: 'shell', path: ['roof'] }]);
});

test('what each window added is kept twice, groups with their place beyond the partition', () => {
  const parted = changed((d) => {
    d.partition = { axis: 'x', atM: 1.5, beyond: [] };
  });
  const add = (name: string, beyond: boolean) =>
    produce(parted, (d) => {
      d.fixtures.push(bar({ id: 'bar-9', name }));
      d.flock.push(hens(2, { id: 'group-9', name }));
      if (beyond && d.partition) d.partition.beyond.push('group-9');
    });
  const { plan, clashes } = mergePlans(parted, add('Mine', true), add('Theirs', false));
  expect(clashes).toEqual([]);
  expect(plan.fixtures.slice(-2).map((f) => f.name)).toEqual(['Mine', 'Theirs']);
  const mine = plan.flock.find((g) => g.name === 'Mine');
  expect(plan.partition?.beyond).toEqual([mine?.id]);
  expect(new Set(plan.fixtures.map((f) => f.id)).size).toBe(plan.fixtures.length);
  expect(parsePlan(plan).ok).toBe(true);
});

test('random plans: merged with an unchanged one it is the other, whichever side it stands on', () => {
  fc.assert(
    fc.property(anyPlan, anyPlan, (a, b) => {
      const other = { ...b, id: a.id };
      for (const [here, there] of [
        [a, other],
        [other, a],
      ] as const) {
        const { plan, clashes } = mergePlans(a, here, there);
        expect(clashes).toEqual([]);
        expect(planDifferences(plan, other)).toEqual([]);
      }
      expect(planDifferences(mergePlans(a, other, other).plan, other)).toEqual([]);
    }),
    { numRuns: 30 },
  );
});

test('random plans: everything that one window alone changed is in what is joined', () => {
  fc.assert(
    fc.property(anyPlan, fc.double({ min: 0.4, max: 3, noNaN: true }), (a, lengthM) => {
      const here = produce(a, (d) => {
        for (const f of d.fixtures) if (f.kind === 'bar') f.lengthM = lengthM;
      });
      const there = produce(a, (d) => {
        d.flock = d.flock.map((g) => ({ ...g, count: g.count + 1 }));
        d.keeper.statureM = 1.5;
      });
      const { plan, clashes } = mergePlans(a, here, there);
      expect(clashes).toEqual([]);
      expect(plan.fixtures).toEqual(here.fixtures);
      expect(plan.flock).toEqual(there.flock);
      expect(plan.keeper).toEqual(there.keeper);
    }),
    { numRuns: 30 },
  );
});
