import { assess } from '../assess';
import { zoneOf } from '../edit/zones';
import { createJudge } from '../judge';
import type { Fixture, Plan } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import { bank, bar, bareCoop, DAY, hens, sample } from '../tests/plans';
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

test('a coop without birds, and one parted along its length, are left to their keeper', () => {
  expect(finishPlan(bareCoop({ flock: [] }), DAY)).toBeNull();
  const parted = bareCoop({
    flock: [hens(6)],
    partition: { axis: 'y', atM: 1, beyond: [] },
  });
  expect(finishPlan(parted, DAY)).toBeNull();
});

describe('a coop in two zones', () => {
  const flock = [hens(6, { id: 'hens' }), hens(3, { id: 'ducks', breed: 'khaki-campbell' })];
  const whole = bareCoop({
    flock,
    shell: {
      ...bareCoop().shell,
      lengthM: 4.2,
      widthM: 2.4,
      roof: { kind: 'mono', lowM: 1.9, highM: 2.2, highSide: 'front' },
    },
    partition: { axis: 'x', atM: 2.7, beyond: ['ducks'] },
  });

  test('is finished on both sides of the mesh, and nothing is cut into it', () => {
    const done = finishPlan(whole, DAY);
    if (!done) throw new Error('nothing was placed');
    for (const zone of ['near', 'beyond'] as const) {
      const kinds = kindsIn(done.added.filter((f) => zoneOf(done.plan, f) === zone));
      expect([zone, kinds]).toEqual([
        zone,
        expect.arrayContaining(['door', 'drinker', 'feeder', 'nestBank', 'popDoor', 'vent']),
      ]);
      expect([zone, kinds.includes('bar')]).toEqual([zone, zone === 'near']);
    }
    expect(assess(done.plan, { on: DAY }).findings.filter(isOfTheCoop)).toEqual([]);
    expect(new Set(done.plan.fixtures.map((f) => f.id)).size).toBe(done.plan.fixtures.length);
  });

  test('gets back only what was taken out of a zone; all else stays where it is', () => {
    const full = finishPlan(whole, DAY)?.plan;
    const out = full?.fixtures.find((f) => f.kind === 'drinker' && zoneOf(full, f) === 'beyond');
    if (!full || !out) throw new Error('no drinker beyond the mesh');
    const fixtures = full.fixtures.filter((f) => f !== out);
    const done = finishPlan({ ...full, fixtures }, DAY);
    expect(done?.added.map((f) => [f.kind, zoneOf(full, f)])).toEqual([['drinker', 'beyond']]);
    expect(done?.plan.fixtures.slice(0, fixtures.length)).toEqual(fixtures);
  });
});

test('where mice live, openings are meshed so that none gets through', () => {
  const { site } = sample('tamar-flats');
  const plan = { ...sample('tamar-flats'), site: { ...site, animals: ['mouse' as const] } };
  const done = finishPlan(plan, DAY);
  const covers = new Set(
    done?.added.flatMap((f) => (f.kind === 'vent' || f.kind === 'window' ? [f.cover] : [])),
  );
  expect([...covers]).toEqual(['mesh6']);
  expect(done?.findings.map((f) => f.code)).not.toContain('shell.opening.smallMesh');
});
