// A pin holds for remedies and for Finish as it does for Arrange: random bad coops with all of it, or half, pinned.
import fc from 'fast-check';
import { createAssessor } from '../assess';
import { finishPlan } from '../layout/finish';
import { keepsPins } from '../model/pins';
import type { Plan } from '../model/schema';
import { badCoop, DAY } from '../tests/plans';
import { runs } from '../tests/runs';
import { remedies } from './remedies';

const pinnedBy = (plan: Plan, each: number): Plan => ({
  ...plan,
  pinned: plan.fixtures.filter((_, i) => i % each === 0).map((f) => f.id),
});

test('no remedy moves or removes what is pinned, and without pins some do', () => {
  let free = 0;
  let offered = 0;
  for (const [i, bad] of fc.sample(badCoop, { numRuns: runs(8, 100), seed: 22 }).entries()) {
    const assess = createAssessor();
    const held = pinnedBy(bad, 1 + (i % 2));
    const before = assess(held, { on: DAY });
    for (const finding of before.findings) {
      for (const r of remedies(held, finding, before, assess)) {
        offered++;
        expect([finding.code, keepsPins(held, r.plan)]).toEqual([finding.code, true]);
      }
    }
    const loose = assess(bad, { on: DAY });
    for (const finding of loose.findings.slice(0, 5)) {
      free += remedies(bad, finding, loose, assess).filter((r) => !keepsPins(held, r.plan)).length;
    }
  }
  expect(offered).toBeGreaterThan(20);
  expect(free).toBeGreaterThan(5);
});

test('what is finished keeps what is pinned', () => {
  for (const bad of fc.sample(badCoop, { numRuns: runs(4, 60), seed: 23 })) {
    const held = pinnedBy(bad, 1);
    const done = finishPlan(held, DAY);
    if (done) expect(keepsPins(held, done.plan)).toBe(true);
  }
});

test('a thing that is turned, lowered or gone has not kept its pin; one of another wood has', () => {
  const [plan] = fc.sample(badCoop, { numRuns: 1, seed: 22 });
  const bar = plan?.fixtures.find((f) => f.kind === 'bar');
  if (!plan || bar?.kind !== 'bar') throw new Error('no bar');
  const held: Plan = { ...plan, pinned: [bar.id] };
  const so = (change: Partial<typeof bar>): Plan => ({
    ...held,
    fixtures: held.fixtures.map((f) => (f.id === bar.id ? { ...bar, ...change } : f)),
  });
  expect(keepsPins(held, so({ z: bar.z - 0.05 }))).toBe(false);
  expect(keepsPins(held, so({ axis: bar.axis === 'x' ? 'y' : 'x' }))).toBe(false);
  expect(keepsPins(held, so({ brackets: 3, material: 'bamboo' }))).toBe(true);
  expect(keepsPins(held, { ...held, fixtures: held.fixtures.filter((f) => f.id !== bar.id) })).toBe(
    false,
  );
});
