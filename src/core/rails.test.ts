import fc from 'fast-check';
import { type Assessment, assess } from './assess';
import type { Finding } from './kernel/finding';
import type { Plan } from './model/schema';
import { badCoop, DAY } from './tests/plans';
import { runs } from './tests/runs';

// A rail and the shortage that is told of it are two readings of one question: the same lots, days and birds.

/** So many plans: a hundred before a release. */
const PLANS = runs(40, 100);

/** Told of the birds that a station has no place for. */
const OF_THE_RAIL: ReadonlySet<string> = new Set([
  'floor.area.short',
  'roosts.length.short',
  'roosts.places.short',
  'roosts.reach.short',
  'nests.boxes.short',
  'nests.boxes.sizeShort',
  'feed.access.short',
  'water.access.short',
]);

/** Some come and some go, so that the hardest day is not always the first or the last. */
const DATES = [
  [null, null],
  ['2026-06-01', '2027-02-01'],
  ['2027-01-10', '2027-03-01'],
  ['2027-06-01', null],
] as const;

const dated = (plan: Plan, parted: boolean): Plan => {
  const flock = plan.flock.map((g, i) => {
    const [arrives, leaves] = DATES[i % DATES.length] ?? [null, null];
    return { ...g, arrivesOn: arrives ?? g.arrivesOn, leavesOn: leaves ?? g.leavesOn };
  });
  const beyond = flock.filter((_, i) => i % 2 === 1).map((g) => g.id);
  const atM = Math.round(plan.shell.lengthM * 500) / 1000;
  return { ...plan, flock, partition: parted ? { axis: 'x', atM, beyond } : null };
};

const coops: Assessment[] = fc
  .sample(fc.tuple(badCoop, fc.boolean()), { seed: 31, numRuns: PLANS })
  .flatMap(([plan, parted]) => {
    const whole = assess(dated(plan, parted), { on: DAY });
    return whole.zones === null ? [whole] : Object.values(whole.zones);
  });

const told = coops.flatMap((a) =>
  a.findings.filter((f) => OF_THE_RAIL.has(f.code)).map((f) => ({ a, f })),
);
const railOf = (a: Assessment, f: Finding) => {
  const rail = a.staves.find((s) => s.station === f.station);
  if (!rail) throw new Error(f.station);
  return rail;
};

test('a rail and its shortage name the same days', () => {
  for (const { a, f } of told) {
    const { shortFrom, shortTill } = railOf(a, f);
    expect([f.code, f.from ?? null, f.till ?? null]).toEqual([f.code, shortFrom, shortTill]);
  }
  expect(told.length).toBeGreaterThan(PLANS);
  expect(told.filter(({ f }) => f.till).length).toBeGreaterThan(0.2 * PLANS);
  expect(told.filter(({ f }) => f.another).length).toBeGreaterThan(0.05 * PLANS);
});

test('a rail and its shortage name the same birds', () => {
  let [seen, ofADay] = [0, 0];
  for (const { a, f } of told) {
    const rail = railOf(a, f);
    const present = f.numbers.present ?? (f.code.endsWith('access.short') && f.numbers.needed);
    const { without } = f.numbers;
    if (!present || !without) continue;
    seen++;
    // the day that sets the rail: of the birds then here so many find a place
    const { of, birds } = rail.pair ?? { of: a.planned, birds: rail.carries ?? 0 };
    if (rail.pair) ofADay++;
    // the rail fills by shares and may stop before the bars are full: no more are told than it leaves without
    expect([f.code, present.value]).toEqual([f.code, of]);
    expect(without.value).toBeGreaterThan(0);
    expect(without.value).toBeLessThanOrEqual(of - birds);
  }
  expect(seen).toBeGreaterThan(0.5 * PLANS);
  expect(ofADay).toBeGreaterThan(0.1 * PLANS);
});

test('the day that sets a short rail lies in the days of its shortage', () => {
  for (const { a, f } of told) {
    const { setOn, shortFrom, shortTill, verdict } = railOf(a, f);
    expect([f.code, verdict]).toEqual([f.code, 'short']);
    expect((shortFrom ?? '') <= (setOn ?? '')).toBe(true);
    expect(shortTill === null || (setOn ?? '') <= shortTill).toBe(true);
  }
});
