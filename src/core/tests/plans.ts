import fc from 'fast-check';
import { produce } from 'immer';
import { GROUP_DEFAULTS, newPlan } from '@/core/edit/defaults';
import { newBar } from '@/core/edit/new/bars';
import { newDish, newDrinker, newFeeder } from '@/core/edit/new/floorThings';
import { newNestBank } from '@/core/edit/new/nests';
import { newDoor, newHatch, newPopDoor, newVent } from '@/core/edit/new/openings';
import { samplePlans } from '@/core/edit/samples.data';
import { BREEDS } from '@/core/model/breeds.data';
import { CLIMATES } from '@/core/model/climates.data';
import { fixtureOf } from '@/core/model/fixtures.schema';
import type { Bar, Fixture, Group, NestBank, OfKind, Plan, PlanClimate } from '@/core/model/schema';

/** An assessment works two years day by day: half the usual number of random plans, by the seed that is set. */
fc.configureGlobal({ ...fc.readConfigureGlobal(), numRuns: 50 });

/** The day that tests stand on. */
export const DAY = '2026-11-24';

/** A sample plan by its id, dated from DAY. */
export function sample(id: 'pell-garth' | 'tamar-flats' | 'osk-landing'): Plan {
  const plan = samplePlans(DAY).find((p) => p.id === id);
  if (!plan) throw new Error(`no sample ${id}`);
  return plan;
}

/** The climate of one of the shipped places. */
export function sampleClimate(id: string): PlanClimate {
  const row = CLIMATES.find((c) => c.id === id);
  if (!row) throw new Error(`no climate ${id}`);
  const { latitudeDeg, altitudeM } = row;
  return { source: { kind: 'shipped', id }, latitudeDeg, altitudeM, exposure: 'garden' };
}

/** A plain coop, 4 m by 3 m and 2 m high, its litter 0.10 m, without birds or fixtures. */
export function bareCoop(parts: Partial<Plan> = {}): Plan {
  const start = newPlan({
    id: 'test',
    name: 'Test coop',
    units: 'metric',
    timeZone: 'UTC',
    lengthM: 4,
    widthM: 3,
    roof: { kind: 'flat', lowM: 2, highM: 2 },
  });
  return { ...start, ...parts };
}

export const hens = (count: number, parts: Partial<Group> = {}): Group => ({
  id: 'hens',
  name: 'Hens',
  breed: 'marans',
  massKg: null,
  count,
  sex: 'hen',
  hatchedOn: null,
  arrivesOn: '2026-01-01',
  leavesOn: null,
  ...GROUP_DEFAULTS,
  ...parts,
});

export const bar = (parts: Partial<Bar> = {}): Bar => ({
  ...newBar(bareCoop()),
  x: 1,
  y: 2.5,
  z: 0.7,
  lengthM: 2.4,
  brackets: 0,
  ...parts,
});

export const bank = (parts: Partial<NestBank> = {}): NestBank => ({
  ...newNestBank(bareCoop()),
  x: 0,
  y: 0.1,
  lipZ: 0.55,
  boxes: 2,
  boxW: 0.36,
  boxD: 0.4,
  boxH: 0.4,
  faces: 'right',
  ...parts,
});

/** A coop whose floor, bars and nests are all entered: bars to the rear, nests to the front. */
export const fittedCoop = (parts: Partial<Plan> = {}): Plan =>
  bareCoop({ flock: [hens(6)], fixtures: [bar({ lengthM: 2 }), bank()], ...parts });

/** A coop with everything entered and nothing wrong: six medium hens, no climate. */
export function soundCoop(recipe: (draft: Plan) => void = () => {}): Plan {
  const bare = bareCoop();
  const plan: Plan = {
    ...bare,
    flock: [hens(6, { massKg: 2.2 })],
    // cleaned out before the litter has grown by a centimetre
    schools: { 'litter.cleanOut': { custom: 30 }, 'air.area': 'air.area.tenthOfFloor' },
    fixtures: [
      bar({ id: 'bar', x: 0.8, y: 2.55, z: 0.7, lengthM: 2.4, brackets: 2 }),
      bar({ id: 'step', x: 0.8, y: 2.1, z: 0.4, lengthM: 2.4, use: 'step' }),
      bank({ id: 'bank', x: 0, y: 0.1, lipZ: 0.55, boxes: 2 }),
      newVent(bare, {
        id: 'vent',
        wall: 'rear',
        alongM: 0.2,
        widthM: 3.6,
        heightM: 0.4,
        sillZ: 1.5,
      }),
      fixtureOf({
        kind: 'window',
        id: 'window',
        name: 'Window',
        wall: 'right',
        alongM: 0.2,
        sillZ: 0.9,
        widthM: 2.6,
        heightM: 0.6,
        opens: 'closable',
        cover: 'mesh13',
      }),
      { ...newDoor(bare), id: 'door', wall: 'front', alongM: 1.6 },
      newPopDoor(bare, {
        id: 'pop',
        wall: 'front',
        alongM: 3.4,
        sillZ: 0.16,
        widthM: 0.35,
        heightM: 0.4,
      }),
      newFeeder(bare, {
        id: 'feeder',
        type: 'port',
        outlets: 2,
        capacityL: 10,
        x: 1.2,
        y: 0.9,
        onWall: false,
        rimZ: 0.34,
      }),
      newDrinker(bare, { id: 'drinker', capacityL: 6, x: 2.6, y: 0.9, rimZ: 0.34 }),
      { ...newDish(bare), id: 'shell', x: 3, y: 1.5 },
    ],
  };
  return produce(plan, recipe);
}

/** Changes one fixture of a draft. */
export function change<K extends Fixture['kind']>(
  draft: Plan,
  kind: K,
  id: string,
  parts: Partial<OfKind<K>>,
): void {
  const own = draft.fixtures.find((f) => f.id === id && f.kind === kind);
  if (!own) throw new Error(`no ${kind} ${id}`);
  Object.assign(own, parts);
}

const mm = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).map((n) => n / 1000);

/** Any small flock. */
export const anyFlock = fc
  .array(
    fc.record({
      breed: fc.constantFrom(...BREEDS.map((b) => b.id)),
      count: fc.integer({ min: 1, max: 20 }),
      sex: fc.constantFrom('hen' as const, 'cock' as const),
      arrivesOn: fc.constantFrom('2025-05-01', '2027-03-01', '2028-01-15'),
      leavesOn: fc.constantFrom(null, '2028-06-01'),
      massKg: fc.option(mm(500, 6000)),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((groups) =>
    groups.map((g, i): Group => ({ ...hens(1), ...g, id: `g${i}`, name: `G ${i}` })),
  );

/** Any coop with some bars, nests and birds. */
export const anyPlan = fc
  .record({
    flock: anyFlock,
    bars: fc.array(
      fc.record({ lengthM: mm(300, 3500), y: mm(200, 2800), z: mm(300, 1500), x: mm(0, 1500) }),
      { maxLength: 4 },
    ),
    banks: fc.array(
      fc.record({ boxes: fc.integer({ min: 1, max: 6 }), boxW: mm(250, 400), lipZ: mm(150, 900) }),
      { maxLength: 3 },
    ),
    lengthM: mm(1000, 6000),
    litterM: mm(0, 300),
  })
  .map(({ flock, bars, banks, lengthM, litterM }): Plan => {
    const plan = bareCoop({ flock });
    return {
      ...plan,
      litter: { ...plan.litter, depthM: litterM },
      shell: { ...plan.shell, lengthM },
      fixtures: [
        ...bars.map((b, i) => bar({ ...b, id: `bar-${i}` })),
        ...banks.map((b, i) => bank({ ...b, id: `nests-${i}` })),
      ],
    };
  });

const SIDES = ['front', 'rear', 'left', 'right'] as const;

/** Any coop with anything in it, most of it wrong: the fixtures are put where chance has them. */
export const badCoop = fc
  .record({
    plan: anyPlan,
    climate: fc.constantFrom(null, 'cold-continental', 'hot-desert', 'wet-upland'),
    vents: fc.array(
      fc.record({
        wall: fc.constantFrom(...SIDES),
        alongM: mm(100, 1200),
        sillZ: mm(300, 1700),
        widthM: mm(100, 900),
        heightM: mm(50, 300),
        opens: fc.constantFrom('open' as const, 'closable' as const),
        cover: fc.constantFrom('none' as const, 'mesh13' as const, 'mesh25' as const),
        stay: fc.boolean(),
      }),
      { maxLength: 3 },
    ),
    feeders: fc.array(
      fc.record({
        type: fc.constantFrom(
          'tube' as const,
          'port' as const,
          'pedal' as const,
          'trough' as const,
        ),
        x: mm(200, 900),
        y: mm(200, 2800),
        rimZ: mm(100, 700),
        diameterM: mm(150, 400),
        hung: fc.boolean(),
        fixing: fc.constantFrom('hook' as const, 'bolt' as const),
        flatTop: fc.boolean(),
      }),
      { maxLength: 2 },
    ),
    drinkers: fc.array(
      fc.record({
        type: fc.constantFrom('fount' as const, 'nipple' as const, 'cup' as const),
        x: mm(200, 900),
        y: mm(200, 2800),
        rimZ: mm(100, 700),
        diameterM: mm(150, 400),
        tray: fc.boolean(),
      }),
      { maxLength: 2 },
    ),
    doors: fc.array(
      fc.record({
        wall: fc.constantFrom(...SIDES),
        alongM: mm(0, 600),
        sillZ: mm(0, 700),
        widthM: mm(200, 450),
        heightM: mm(250, 500),
        works: fc.constantFrom('manual' as const, 'light' as const),
        lampInView: fc.boolean(),
        latch: fc.constantFrom('single' as const, 'double' as const),
      }),
      { maxLength: 2 },
    ),
    hatches: fc.array(fc.record({ wall: fc.constantFrom(...SIDES), widthM: mm(300, 800) }), {
      maxLength: 1,
    }),
    raisedM: fc.constantFrom(0, 0.3, 0.7),
  })
  .map(({ plan, climate, vents, feeders, drinkers, doors, hatches, raisedM }): Plan => {
    const named = <T extends Fixture>(made: T, stem: string, i: number): T => ({
      ...made,
      id: `${stem}-${i}`,
    });
    return {
      ...plan,
      climate: climate === null ? null : sampleClimate(climate),
      shell: { ...plan.shell, floorAboveGroundM: raisedM },
      fixtures: [
        ...plan.fixtures,
        ...vents.map((v, i) => named(newVent(plan, v), 'vent', i)),
        ...feeders.map((f, i) => named(newFeeder(plan, f), 'feeder', i)),
        ...drinkers.map((d, i) => named(newDrinker(plan, d), 'drinker', i)),
        ...doors.map((d, i) => named(newPopDoor(plan, d), 'pop-door', i)),
        ...hatches.map((h, i) => named({ ...newHatch(plan), ...h }, 'hatch', i)),
      ],
    };
  });
