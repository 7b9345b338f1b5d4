import { assess } from '@/core/assess';
import { everything } from '@/core/tests/everything';
import { DAY } from '@/core/tests/plans';
import { inRun } from '../../../geometry/solids';
import type { Fixture, Plan } from '../../../model/schema';
import { remedies } from '../../../remedies/remedies';

const OUTSIDE = ['shell.fixture.pastWall', 'shell.fixture.throughRoof', 'shell.fixture.belowFloor'];

/** A fixture carried off in a direction, by the coordinates that it has. */
function carried(f: Fixture, dx: number, dz: number): Fixture {
  if ('alongM' in f) return { ...f, alongM: f.alongM + dx, sillZ: f.sillZ + dz };
  if (f.kind === 'nestBank') return { ...f, x: f.x + dx, lipZ: f.lipZ + dz };
  if (f.kind === 'feeder' || f.kind === 'drinker') {
    // only what hangs is where its rim is
    return { ...f, x: f.x + dx, rimZ: f.rimZ + dz, hung: f.hung || dz > 0 };
  }
  if (f.kind === 'dish' || f.kind === 'dustBath') return { ...f, x: f.x + dx };
  return { ...f, x: f.x + dx, z: f.z + dz };
}

const outside = (plan: Plan, id: string) =>
  assess(plan, { on: DAY }).findings.filter(
    (f) => OUTSIDE.includes(f.code) && f.fixtures[0] === id,
  );

const whole = everything('plate');
const kinds = [...new Set(whole.fixtures.map((f) => f.kind))];

describe.each([
  ['to the right', 5, 0],
  ['to the left', -5, 0],
  ['through the roof', 0, 2.2],
] as const)('carried %s', (_, dx, dz) => {
  test.each(kinds)('a %s is told of, and its first remedy brings it back', (kind) => {
    const own = whole.fixtures.find((f) => f.kind === kind && !inRun(f));
    if (!own) throw new Error(kind);
    if (dz > 0 && (kind === 'dish' || kind === 'dustBath')) {
      expect('z' in own).toBe(false);
      return;
    }
    const moved = carried(own, dx, dz);
    const plan = { ...whole, fixtures: whole.fixtures.map((f) => (f.id === own.id ? moved : f)) };
    const [finding] = outside(plan, own.id);
    if (!finding) throw new Error(`${own.id} is not told of`);
    const before = assess(plan, { on: DAY });
    const [first] = remedies(plan, finding, before);
    if (!first) throw new Error(`${own.id} is not brought back`);
    expect(outside(first.plan, own.id).filter((f) => f.code === finding.code)).toEqual([]);
    // nothing else has moved but what the remedy says
    const named = new Set(first.steps.flatMap((step) => step.fixtures));
    for (const f of whole.fixtures.filter((one) => !named.has(one.id))) {
      expect(first.plan.fixtures.find((one) => one.id === f.id)).toEqual(f);
    }
  });
});
