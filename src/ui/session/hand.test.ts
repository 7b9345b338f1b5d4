/** @jest-environment jsdom */
import { beforeEach, expect, jest, test } from '@jest/globals';
import type { Plan } from '@/core/model/schema';
import { inTheWay } from '@/core/placing/inTheWay';
import { DAY, sample } from '@/core/tests/plans';
import '../tests/engine';
import { edit, openPlan, sessionHere, undo, useBench, useInHand } from './bench';
import { standing } from './benchState';

const plan = sample('pell-garth');
const hand = () => sessionHere().hand;
const state = () => useBench.getState();

/** The plan with its front bar so far along, m. */
const withBarAt = (x: number): Plan => ({
  ...plan,
  fixtures: plan.fixtures.map((f) => (f.id === 'bar-2' && f.kind === 'bar' ? { ...f, x } : f)),
});

const hold = (next: Plan): void =>
  hand().holdAt(next, { lines: [], ways: inTheWay(plan, next, 'bar-2') });

beforeEach(() => {
  jest.useFakeTimers();
  openPlan(plan, 1, DAY);
});

test('what is in hand is drawn at once, and what is worked of it follows when the hand rests', () => {
  hand().takeUp(['bar-2']);
  const before = state().assessment;
  hold(withBarAt(1.2));
  hold(withBarAt(1.3));
  expect(useInHand.getState().plan?.fixtures).toContainEqual(
    expect.objectContaining({ id: 'bar-2', x: 1.3 }),
  );
  expect(state().assessment).toBe(before);
  jest.advanceTimersByTime(100);
  expect(state().plan).toEqual(withBarAt(1.3));
  expect(state().assessment).not.toBe(before);
  // what is saved is the plan as it stood
  expect(standing(state())).toBe(plan);
});

test('let go it is one edit, undone by one, however often it was moved', () => {
  hand().takeUp(['bar-2']);
  for (const x of [1, 1.1, 1.2, 1.3]) {
    hold(withBarAt(x));
    jest.advanceTimersByTime(100);
  }
  hand().putDown('Move Front bar');
  expect(state().plan).toEqual(withBarAt(1.3));
  expect(state().past.map((step) => step.name)).toEqual(['Move Front bar']);
  expect(state().held).toBeNull();
  expect(useInHand.getState().plan).toBeNull();
  undo();
  expect(state().plan).toEqual(plan);
});

test('where something is in the way it goes back with the reason, and can be forced', () => {
  hand().takeUp(['bar-2']);
  hold(withBarAt(2.5));
  hand().putDown('Move Front bar');
  expect(state().plan).toBe(plan);
  expect(state().past).toEqual([]);
  expect(state().refused).toMatchObject({
    fixture: 'bar-2',
    ways: [{ kind: 'outside', code: 'shell.fixture.pastWall' }],
  });
  hand().forceRefused();
  expect(state().plan).toEqual(withBarAt(2.5));
  expect(state().refused).toBeNull();
});

test('what was refused is forgotten by another edit, or when it is let be', () => {
  for (const forget of [
    () => hand().forgetRefused(),
    () =>
      void edit('Rename', (d) => {
        d.name = 'Other';
      }),
  ]) {
    openPlan(plan, 1, DAY);
    hand().takeUp(['bar-2']);
    hold(withBarAt(2.5));
    hand().putDown('Move Front bar');
    expect(state().refused).not.toBeNull();
    forget();
    expect(state().refused).toBeNull();
  }
});

test('let fall everything is as it was; an edit or an undo meanwhile lets it fall', () => {
  const rename = (): void =>
    void edit('Rename', (d) => {
      d.name = 'Other';
    });
  for (const [end, name] of [
    [() => hand().letFall(), plan.name],
    [rename, 'Other'],
    [() => void undo(), plan.name],
  ] as const) {
    openPlan(plan, 1, DAY);
    hand().takeUp(['bar-2']);
    hold(withBarAt(1.3));
    jest.advanceTimersByTime(100);
    end();
    expect(state().held).toBeNull();
    expect(state().plan?.fixtures).toEqual(plan.fixtures);
    expect(state().plan?.name).toBe(name);
    // nothing comes after
    jest.advanceTimersByTime(2000);
    expect(state().plan?.fixtures).toEqual(plan.fixtures);
  }
});

test('held and let go where it stood, nothing was done', () => {
  hand().takeUp(['bar-2']);
  hand().putDown('Move Front bar');
  expect(state().plan).toBe(plan);
  expect(state().past).toEqual([]);
});
