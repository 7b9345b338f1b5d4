import { assess } from '../../assess';
import { newDrinker } from '../../edit/new/floorThings';
import { newRain } from '../../edit/new/rain';
import { roughOut } from '../../layout/roughOut';
import type { Drinker, Plan } from '../../model/schema';
import { remedies } from '../../remedies/remedies';
import { awayOf } from '../../tending/awayOf';
import { frostWays } from '../../tending/frostWays';
import { DAY, sampleClimate, soundCoop } from '../../tests/plans';
import { barrelWay, drinkerWay, takeBarrelWay, takeDrinkerWay } from './choose';
import { barrelLump } from './lumps';
import { holdingW, pumpedLump } from './open';

const KINDS = ['fount', 'cup', 'nipple', 'trough', 'bucket'] as const;

/** A sound coop in hard winters, with one drinker of a kind and a barrel. */
function cold(type: Drinker['type']): Plan {
  const plan = soundCoop();
  const drinker: Drinker = { ...newDrinker(plan, { type }), id: 'own' };
  const others = plan.fixtures.filter((f) => f.kind !== 'drinker');
  return {
    ...plan,
    climate: sampleClimate('cold-continental'),
    rain: newRain(plan),
    fixtures: [...others, drinker],
  };
}

const waysOf = (plan: Plan) => frostWays(plan, assess(plan, { on: DAY }));
const drinkerIn = (plan: Plan): Drinker =>
  plan.fixtures.find((f): f is Drinker => f.kind === 'drinker' && f.id === 'own') as Drinker;

test.each(KINDS)(
  'each way chosen for a %s is the one that is marked, and it is kept open',
  (type) => {
    const plan = cold(type);
    const options = waysOf(plan).find((w) => w.id === 'own')?.options ?? [];
    expect(options.length).toBeGreaterThan(1);
    expect(drinkerWay(drinkerIn(plan))).toBeNull();
    for (const option of options) {
      const own = structuredClone(plan);
      takeDrinkerWay(drinkerIn(own), option, own.units);
      const { findings } = assess(own, { on: DAY });
      const told = findings.filter((f) => f.fixtures.includes('own')).map((f) => f.code);
      if (option.heater !== null && option.heater.sizeW === null) {
        expect(own).toEqual(plan);
        continue;
      }
      // a fount in its place is a fount with a heater from then on
      expect(drinkerWay(drinkerIn(own))).toBe(option.way === 'fountHeater' ? 'heater' : option.way);
      expect(told).not.toContain('water.frost.ice');
      expect(told).not.toContain('water.heater.weak');
      expect(told.includes('water.heater.insulate')).toBe(option.insulateFirst);
    }
  },
);

test('water is offered to be carried only where somebody keeps up with the ice', () => {
  const offered = (type: Drinker['type'], place: string): string[] => {
    const plan: Plan = { ...cold(type), climate: sampleClimate(place) };
    const before = assess(plan, { on: DAY });
    const finding = before.findings.find(
      (f) => f.code === 'water.frost.ice' && f.fixtures.includes('own'),
    );
    return finding ? remedies(plan, finding, before).map((r) => r.code) : [];
  };
  // a metre of line is blocked within the half hour
  expect(offered('nipple', 'cold-continental')).toContain('frost.fount');
  expect(offered('nipple', 'cold-continental')).not.toContain('frost.carry');
  expect(offered('fount', 'wet-upland')).toContain('frost.carry');
});

test('each way chosen for the barrel is the one that is marked, and its line is kept open', () => {
  const plan = cold('cup');
  const options = waysOf(plan).find((w) => w.id === 'rain-barrel')?.options ?? [];
  expect(options.map((o) => o.way)).toEqual(['drained', 'pumped', 'foamPumped']);
  for (const option of options) {
    const { rain } = structuredClone(plan);
    if (!rain) throw new Error('no rain');
    rain.line.drain = false;
    expect(barrelWay(rain)).toBeNull();
    takeBarrelWay(rain, option);
    const made = option.way === 'drained' || option.heater?.sizeW;
    expect(barrelWay(rain)).toBe(made ? option.way : null);
    const { findings } = assess({ ...plan, rain }, { on: DAY });
    const told = findings.map((f) => f.code);
    expect(told.includes('water.line.undrained')).toBe(!made);
  }
});

test('drained again after a pump, nothing is left switched on', () => {
  const { rain } = cold('cup');
  if (!rain) throw new Error('no rain');
  takeBarrelWay(rain, { way: 'pumped', heater: { needW: 90, sizeW: 100 } });
  takeBarrelWay(rain, { way: 'drained', heater: null });
  expect(rain.barrel.winter).toEqual({ kind: 'nothing' });
  expect(rain.line).toMatchObject({ pump: false, drain: true });
});

test('what was said of a heater stays with the next one', () => {
  const v: Drinker = {
    ...newDrinker(soundCoop()),
    wrap: 'tyre',
    winter: { kind: 'heated', watts: 25, by: 'water', immersed: true, cutOut: false },
  };
  expect(drinkerWay(v)).toBeNull();
  takeDrinkerWay(v, { way: 'heaterByAir', heater: { needW: 70, sizeW: 100 } }, 'metric');
  expect([v.wrap, v.winter]).toEqual([
    'bare',
    { kind: 'heated', watts: 100, by: 'air', immersed: true, cutOut: false },
  ]);
});

describe('heaters count by watts and by place', () => {
  const told = (plan: Plan) =>
    assess(plan, { on: DAY })
      .findings.filter((f) => f.code.startsWith('water.'))
      .map((f) => [f.code, f.severity]);
  const heatedBy = (watts: number) =>
    ({ kind: 'heated', watts, by: 'water', immersed: false, cutOut: true }) as const;

  test('too weak for the coldest night is short, and days away end with the first night it loses', () => {
    const plan = cold('fount');
    drinkerIn(plan).winter = heatedBy(5);
    expect(told(plan)).toContainEqual(['water.heater.weak', 'short']);
    const days = (p: Plan) =>
      awayOf(p, '2027-01-04', '2027-01-18').lasts.find((l) => l.limit === 'frost')?.days;
    expect(days(plan)).toBeLessThan(14);
    drinkerIn(plan).winter = heatedBy(250);
    expect(days(plan)).toBe(Number.POSITIVE_INFINITY);
  });

  test('25 W in a barrel of 200 L on the hardest nights is short, not merely too much to buy', () => {
    const plan = cold('nipple');
    if (!plan.rain) throw new Error('no rain');
    plan.rain.barrel.winter = heatedBy(25);
    plan.rain.line.pump = true;
    expect(told(plan)).toContainEqual(['water.heater.weak', 'short']);
  });

  test('a heated tank does not keep its cups open; its pump does', () => {
    for (const type of ['cup', 'nipple'] as const) {
      const plan = cold(type);
      drinkerIn(plan).winter = heatedBy(1000);
      expect(told(plan)).toContainEqual(['water.heater.past', 'short']);
      if (!plan.rain) throw new Error('no rain');
      plan.rain.barrel.winter = heatedBy(1000);
      expect(told(plan)).toContainEqual(['water.heater.past', 'short']);
      plan.rain.line.pump = true;
      plan.rain.barrel.wrap = 'foam';
      expect(told(plan).filter(([c]) => /past|frost.ice|weak/.test(c ?? ''))).toEqual([]);
      // the heater is sized for tank and line together
      const joint = holdingW(pumpedLump(plan.rain), -26);
      expect(joint).toBeGreaterThan(holdingW(barrelLump(plan.rain), -26));
    }
  });

  test('what is roughed out where it freezes has founts on a heated stand, and no line that blocks', () => {
    const got = roughOut({ ...cold('cup'), fixtures: [], rain: null }, DAY);
    if (got.kind !== 'fits') throw new Error(got.kind);
    const drinkers = got.plan.fixtures.filter((f): f is Drinker => f.kind === 'drinker');
    expect(new Set(drinkers.map((v) => v.type))).toEqual(new Set(['fount']));
    expect(told(got.plan)).toEqual([]);
  });
});
