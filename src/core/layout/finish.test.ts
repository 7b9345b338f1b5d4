import { createJudge } from '../judge';
import type { Fixture, Plan } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import { bank, bar, bareCoop, DAY, hens } from '../tests/plans';
import { finishPlan } from './finish';
import { isOfTheCoop } from './fitOut';

const badIn = (plan: Plan): string[] =>
  createJudge()(plan, { on: DAY, book: RULE_BOOK, lean: true })
    .findings.filter(isOfTheCoop)
    .map((f) => f.key);

const kindsIn = (fixtures: readonly Fixture[]): string[] =>
  [...new Set(fixtures.map((f) => f.kind))].sort();

test('an empty coop is finished with all that its birds need', () => {
  const plan = bareCoop({ flock: [hens(6)] });
  const done = finishPlan(plan, DAY);
  expect(badIn(done?.plan ?? plan)).toEqual([]);
  expect(kindsIn(done?.added ?? [])).toEqual(
    expect.arrayContaining(['bar', 'drinker', 'feeder', 'nestBank', 'popDoor', 'vent', 'window']),
  );
});

test('what stands stays as it is, and only what is missing is added', () => {
  const standing = [
    bar({ lengthM: 2.4, x: 0.3, y: 1.6, z: 0.8 }),
    bank({ boxes: 2, lipZ: 0.5, x: 0, y: 0, faces: 'right' }),
  ];
  const plan = bareCoop({ flock: [hens(6)], fixtures: standing });
  const done = finishPlan(plan, DAY);
  expect(done?.plan.fixtures.slice(0, 2)).toEqual(standing);
  const kinds = kindsIn(done?.added ?? []);
  expect(kinds).toEqual(expect.arrayContaining(['drinker', 'feeder', 'popDoor', 'vent']));
  expect(kinds).not.toContain('bar');
  expect(kinds).not.toContain('nestBank');
});

test('a finished coop is finished already', () => {
  const plan = bareCoop({ flock: [hens(6)] });
  const once = finishPlan(plan, DAY);
  if (!once) throw new Error('nothing was placed');
  expect(finishPlan(once.plan, DAY)?.added ?? []).toEqual([]);
});

test('a coop without birds, and one in two zones, are left to their keeper', () => {
  expect(finishPlan(bareCoop({ flock: [] }), DAY)).toBeNull();
  const parted = bareCoop({
    flock: [hens(6)],
    partition: { axis: 'x', atM: 1, beyond: [] },
  });
  expect(finishPlan(parted, DAY)).toBeNull();
});
