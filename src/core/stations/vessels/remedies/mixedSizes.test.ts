import { createAssessor } from '../../../assess';
import { newFeeder } from '../../../edit/new/floorThings';
import type { Plan } from '../../../model/schema';
import { remedies } from '../../../remedies/remedies';
import { DAY, hens, soundCoop } from '../../../tests/plans';

/** Bantams beside giants: one feeder at the giants' backs, and one low that is too short. */
const beside = (first: Partial<Parameters<typeof newFeeder>[1]>): Plan =>
  soundCoop((d) => {
    d.flock = [
      hens(12, { id: 'small', name: 'Small', massKg: 0.6 }),
      hens(4, { id: 'large', name: 'Large', massKg: 4.4 }),
    ];
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'feeder');
    d.fixtures.unshift(
      newFeeder(d, { id: 'high', type: 'tube', x: 1.2, y: 0.9, ...first }),
      newFeeder(d, { id: 'low', type: 'port', outlets: 1, x: 3.2, y: 0.9, rimZ: 0.24 }),
    );
  });

test.each([
  ['hangs over their reach', { rimZ: 0.55 }],
  ['has a lid too heavy for them', { type: 'pedal' as const, rimZ: 0.24 }],
])('what is changed for small birds is not the feeder that %s', (_, first) => {
  const plan = beside(first);
  const assess = createAssessor();
  const before = assess(plan, { on: DAY });
  const finding = before.findings.find((f) => f.code === 'feed.access.short');
  if (!finding) throw new Error(before.findings.map((f) => f.code).join());
  const [remedy] = remedies(plan, finding, before, assess);
  if (!remedy) throw new Error('nothing offered');
  expect(remedy.steps[0]?.fixtures).toEqual(['low']);
  expect(remedy.rails.feed).toBeGreaterThanOrEqual(16);
});

test('what is made larger is a feeder that somebody gets at, by what those hold that are got at', () => {
  const plan = soundCoop((d) => {
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'feeder');
    d.fixtures.unshift(
      newFeeder(d, {
        id: 'high',
        type: 'port',
        outlets: 3,
        capacityL: 50,
        x: 1.2,
        y: 0.9,
        rimZ: 0.9,
      }),
      newFeeder(d, {
        id: 'low',
        type: 'port',
        outlets: 3,
        capacityL: 2,
        x: 3.2,
        y: 0.9,
        rimZ: 0.34,
      }),
    );
  });
  const assess = createAssessor();
  const before = assess(plan, { on: DAY });
  const finding = before.findings.find((f) => f.code === 'feed.days.short');
  if (!finding) throw new Error(before.findings.map((f) => f.code).join());
  const [remedy] = remedies(plan, finding, before, assess);
  expect([remedy?.code, remedy?.steps[0]?.fixtures]).toEqual(['vessels.larger', ['low']]);
  const low = remedy?.plan.fixtures.find((f) => f.id === 'low');
  if (low?.kind !== 'feeder') throw new Error('no feeder');
  // 2 L lasts so many days, and seven are wanted
  const asked = (2 * 7) / (finding.numbers.days?.value ?? 0);
  expect(low.capacityL).toBeGreaterThanOrEqual(asked);
  expect(low.capacityL).toBeLessThan(asked * 1.3);
});
