import fc from 'fast-check';
import { CLIMATES } from '@/core/air/weather/climates.data';
import { BREEDS } from '@/core/birds/breeds.data';
import { GROUP_DEFAULTS, newBar, newNestBank, newPlan } from '@/core/plan/defaults';
import { samplePlans } from '@/core/plan/samples.data';
import type { Bar, Group, NestBank, Plan, PlanClimate } from '@/core/plan/schema';

/** An assessment works two years day by day: half the usual number of random plans. */
fc.configureGlobal({ numRuns: 50 });

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

export const bar = (parts: Partial<Bar> = {}): Bar => ({ ...newBar(bareCoop()), x: 1, ...parts });

export const bank = (parts: Partial<NestBank> = {}): NestBank => ({
  ...newNestBank(bareCoop()),
  ...parts,
});

/** A coop whose floor, bars and nests are all entered: bars to the rear, nests to the front. */
export const fittedCoop = (parts: Partial<Plan> = {}): Plan =>
  bareCoop({ flock: [hens(6)], fixtures: [bar({ lengthM: 2 }), bank()], ...parts });

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
    const plan = bareCoop({ flock, litter: { school: 'deep', depthM: litterM } });
    return {
      ...plan,
      shell: { ...plan.shell, lengthM },
      fixtures: [
        ...bars.map((b, i) => bar({ ...b, id: `bar-${i}` })),
        ...banks.map((b, i) => bank({ ...b, id: `nests-${i}` })),
      ],
    };
  });
