import fc from 'fast-check';
import { dayOf, type FlockByDay, flockByDay, massThen } from '../birds/flock';
import type { Group } from '../model/schema';
import { bareCoop, DAY, hens } from '../tests/plans';
import { runs } from '../tests/runs';
import { lotOrder } from './asked';
import { carryOf } from './carrying';
import type { StationDemand } from './fitting';
import { shortSpells, spellWith } from './spells';
import { createWebster } from './webster';

const flockOf = (groups: readonly Partial<Group>[], on = DAY): FlockByDay =>
  flockByDay(
    bareCoop({ flock: groups.map((g, i) => hens(g.count ?? 1, { ...g, id: g.id ?? `g${i}` })) }),
    on,
  );
const places =
  (most: number, each: (massKg: number) => number = () => 1) =>
  (flock: FlockByDay): StationDemand => ({
    measure: 'head',
    perBird: (d) => flock.lots.map((_, i) => each(massThen(flock, i, d))),
    fits: (taken, { perBird }) =>
      taken.reduce((n, x, i) => n + x * (perBird[i] ?? 0), 0) <= most + 1e-9,
  });
const told = (flock: FlockByDay, demand: StationDemand) => {
  const carry = carryOf(flock, demand);
  if (carry.state !== 'carries') return null;
  const spell = spellWith(shortSpells(flock, demand), carry.setOn);
  return (
    spell && {
      without: carry.present - carry.fitting,
      present: carry.present,
      from: dayOf(flock, spell.from),
      till: spell.till === null ? null : dayOf(flock, spell.till),
      another: spell.another === null ? null : dayOf(flock, spell.another),
    }
  );
};

test('ten places, sixteen birds for good and ten more in January: one shortage, told at its worst', () => {
  const flock = flockOf(
    [{ count: 16 }, { count: 10, arrivesOn: '2027-01-01', leavesOn: '2027-02-01' }],
    '2026-12-01',
  );
  expect(told(flock, places(10)(flock))).toEqual({
    without: 16,
    present: 26,
    from: '2026-12-01',
    till: null,
    another: null,
  });
});

test('of two shortages the one with the greater share without a place is told, and that there is another', () => {
  const flock = flockOf([
    { count: 9 },
    { count: 7, arrivesOn: '2027-01-10', leavesOn: '2027-02-01' },
    { count: 17, arrivesOn: '2027-06-01' },
  ]);
  expect(told(flock, places(9)(flock))).toEqual({
    without: 17,
    present: 26,
    from: '2027-06-01',
    till: null,
    another: '2027-01-10',
  });
});

test('of two as bad as one another the earlier is told', () => {
  const flock = flockOf([
    { count: 4 },
    { count: 6, massKg: 1.1, arrivesOn: '2027-01-10', leavesOn: '2027-02-01' },
    { count: 6, massKg: 3.3, arrivesOn: '2027-06-01', leavesOn: '2027-07-01' },
  ]);
  expect(told(flock, places(5)(flock))).toMatchObject({
    from: '2027-01-10',
    till: '2027-01-31',
    another: '2027-06-01',
  });
});

test('one lot short until the day on which another begins to be are two shortages', () => {
  const flock = flockOf([
    { count: 9, leavesOn: '2027-03-01' },
    { count: 12, arrivesOn: '2027-03-01' },
  ]);
  expect(told(flock, places(8)(flock))).toMatchObject({
    without: 4,
    present: 12,
    from: '2027-03-01',
    another: DAY,
  });
});

const days = ['2026-12-20', '2027-01-10', '2027-02-20', '2027-04-01', '2027-06-10'];
const group = fc
  .record({
    count: fc.integer({ min: 1, max: 9 }),
    massKg: fc.integer({ min: 8, max: 50 }).map((n) => n / 10),
    hatchedOn: fc.constantFrom(null, '2026-10-12'),
    at: fc.integer({ min: -1, max: 4 }),
    stays: fc.option(fc.integer({ min: 1, max: 5 }), { nil: null }),
  })
  .map(
    ({ at, stays, ...g }): Partial<Group> => ({
      ...g,
      arrivesOn: days[at] ?? g.hatchedOn ?? '2025-05-01',
      leavesOn: stays === null ? null : (days[at + stays] ?? null),
    }),
  );

/** Who finds no place on each day, each day seated alone, bird by bird. */
function dayByDay(flock: FlockByDay, demand: StationDemand) {
  return Array.from({ length: flock.horizon.length }, (_, d) => {
    const counts = flock.columns.map((c) => c.living[d] ?? 0);
    const present = counts.reduce((a, b) => a + b, 0);
    const perBird = demand.perBird(d);
    const order = lotOrder(flock, d, perBird);
    const seq = createWebster(counts, order);
    let n = 0;
    while (n < present && demand.fits(seq.of(n + 1), { perBird } as never)) n++;
    const taken = seq.of(n);
    const lots = counts.flatMap((c, i) => ((taken[i] ?? 0) < c ? [i] : []));
    return { d, present, without: present - n, lots: n < present ? lots : [] };
  });
}

test('the spell told is that of seating every day alone; it names no more birds than live there', () => {
  let many = 0;
  fc.assert(
    fc.property(
      fc.array(group, { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 2, max: 24 }),
      (groups, most) => {
        const flock = flockOf(groups);
        const demand = places(most, (kg) => Math.cbrt(kg / 2.2))(flock);
        const own = told(flock, demand);
        const all = dayByDay(flock, demand);
        const spells: (typeof all)[] = [];
        all.forEach((day, d) => {
          const before = all[d - 1];
          if (day.lots.length === 0) return;
          if (day.lots.some((lot) => before?.lots.includes(lot))) spells.at(-1)?.push(day);
          else spells.push([day]);
        });
        const worst = (spell: typeof all) => Math.max(...spell.map((x) => x.without / x.present));
        const first = spells.reduce<typeof all | null>(
          (a, b) => (a === null || worst(b) > worst(a) + 1e-12 ? b : a),
          null,
        );
        if (first === null) return expect(own).toBeNull();
        if (spells.length > 1) many++;
        const last = first.at(-1)?.d ?? 0;
        expect(own).toMatchObject({
          from: dayOf(flock, first[0]?.d ?? 0),
          till: last === all.length - 1 ? null : dayOf(flock, last),
          another: spells.length > 1 ? expect.any(String) : null,
        });
        // as many are named as find no place on some day of it, of as many as live there on that day
        expect(first.map((x) => [x.without, x.present])).toContainEqual([
          own?.without,
          own?.present,
        ]);
        expect((own?.without ?? 0) / (own?.present ?? 1)).toBeCloseTo(worst(first), 12);
      },
    ),
    { numRuns: runs(60, 2000) },
  );
  expect(many).toBeGreaterThan(2);
});
