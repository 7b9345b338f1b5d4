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

describe('what names other things of the plan', () => {
  const added = (z: number, pin: boolean) =>
    changed((d) => {
      d.fixtures.push(bar({ id: 'bar-9', name: 'New bar', z }));
      if (pin) d.pinned.push('bar-9');
      d.roughly.push({ fixture: 'bar-9', key: 'z', atM: z, fromM: z - 0.1, toM: z + 0.1 });
    });

  test('a pin and a rough measure go along with a fixture that gets a new id', () => {
    const { plan, clashes } = mergePlans(base, added(0.6, true), added(0.9, false));
    expect(clashes).toEqual([]);
    const [mine, theirs] = [0.6, 0.9].map((z) =>
      plan.fixtures.find((f) => f.kind === 'bar' && f.name === 'New bar' && f.z === z),
    );
    expect(theirs?.id).toBe('bar-9');
    expect(plan.pinned).toEqual([mine?.id]);
    expect(plan.roughly.map((r) => [r.fixture, r.atM])).toEqual([
      [mine?.id, 0.6],
      ['bar-9', 0.9],
    ]);
  });

  test('two windows that pin different things clash in nothing', () => {
    const [a, b, c] = base.fixtures.map((f) => f.id);
    const pinned = changed((d) => void d.pinned.push(a ?? ''));
    const here = produce(pinned, (d) => void d.pinned.push(b ?? ''));
    const there = produce(pinned, (d) => {
      d.pinned = [c ?? ''];
    });
    const { plan, clashes } = mergePlans(pinned, here, there);
    expect(clashes).toEqual([]);
    expect([...plan.pinned].sort()).toEqual([b, c].sort());
  });

  test('a pin does not outlive its fixture, whoever took that out', () => {
    const id = barOf(base).id;
    const here = changed((d) => void d.pinned.push(id));
    const there = changed((d) => {
      d.fixtures = d.fixtures.filter((f) => f.id !== id);
    });
    const { plan, clashes } = mergePlans(base, here, there);
    expect([plan.pinned, clashes]).toEqual([[], []]);
    expect(parsePlan({ ...base, pinned: ['gone'] })).toMatchObject({
      ok: true,
      value: { pinned: [] },
    });
  });
});
