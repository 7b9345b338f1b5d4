// What a station carries, held against the plainest reading of the notes: every day looked at, bird by bird.
import fc from 'fast-check';
import { type FlockByDay, flockByDay, massThen } from '../birds/flock';
import type { Group } from '../model/schema';
import { allSeated, isSure, isSureOf, surelySeated } from '../stations/roosts/packing';
import { bareCoop, DAY, hens } from '../tests/plans';
import { askedDays, askedOn, demandOf, lotOrder, type PerBird } from './asked';
import { carryOf, MOST_ASKED } from './carrying';
import type { StationDemand } from './fitting';
import { shortSpells, spellWith } from './spells';
import { nextByWebster } from './webster';

const group = fc.record({
  count: fc.integer({ min: 1, max: 9 }),
  massKg: fc.integer({ min: 5, max: 60 }).map((n) => n / 10),
  hatchedOn: fc.constantFrom(null, '2026-09-01', '2026-10-12', '2027-02-03'),
  arrivesOn: fc.constantFrom('2025-05-01', '2026-12-20', '2027-04-01'),
  leavesOn: fc.constantFrom(null, '2027-03-01', '2027-09-15'),
});
const flockOf = (groups: readonly Partial<Group>[]): FlockByDay =>
  flockByDay(
    bareCoop({
      flock: groups.map((g, i) =>
        hens(g.count ?? 1, {
          ...g,
          id: `g${i}`,
          // nobody comes before she is hatched
          arrivesOn:
            g.hatchedOn && g.arrivesOn && g.arrivesOn < g.hatchedOn
              ? '2027-04-01'
              : (g.arrivesOn ?? '2025-05-01'),
        }),
      ),
    }),
    DAY,
  );
const flocks = fc.array(group, { minLength: 1, maxLength: 5 }).map(flockOf);

/** Lots as ties go, sorted plainly. */
function plainOrder(flock: FlockByDay, d: number, perBird: readonly number[]): number[] {
  const mass = (i: number): number => flock.columns[i]?.massKg[d] ?? 0;
  const id = (i: number): string => flock.lots[i]?.id ?? '';
  return flock.lots
    .map((_, i) => i)
    .sort(
      (a, b) =>
        (perBird[b] ?? 0) - (perBird[a] ?? 0) || mass(b) - mass(a) || (id(a) < id(b) ? -1 : 1),
    );
}

/** The largest flock of a day that fits with all smaller ones, bird by bird. */
function plainFitting(
  flock: FlockByDay,
  d: number,
  perBird: readonly number[],
  fits: (taken: readonly number[]) => boolean,
): { fitting: number; present: number; asked: number } {
  const counts = flock.columns.map((c) => c.living[d] ?? 0);
  const present = counts.reduce((a, b) => a + b, 0);
  const order = plainOrder(flock, d, perBird);
  const taken = counts.map(() => 0);
  let fitting = 0;
  while (fitting < Math.max(MOST_ASKED, 2 * present)) {
    const next = nextByWebster(counts, taken, order);
    taken[next] = (taken[next] ?? 0) + 1;
    if (!fits(taken)) break;
    fitting++;
  }
  return { fitting, present, asked: demandOf(counts, perBird) };
}

/** The setting day by trying them all, and the first day with a share as small. */
function plainCarry(
  flock: FlockByDay,
  perBird: PerBird,
  fits: (taken: readonly number[], d: number) => boolean,
) {
  let best: { d: number; fitting: number; present: number; asked: number } | null = null;
  let first = 0;
  for (const d of flock.steps) {
    const own = perBird(d);
    const day = plainFitting(flock, d, own, (taken) => fits(taken, d));
    if (day.present === 0 || !(day.asked > 0)) continue;
    const worse = best === null ? 1 : best.fitting * day.present - day.fitting * best.present;
    if (worse > 0) first = d;
    const ahead: number =
      best === null ? 1 : worse || day.asked - best.asked || day.present - best.present;
    if (ahead > 0) best = { d, ...day };
  }
  return best && { ...best, first };
}

test('a floor: the setting day and what fits on it are those of trying every day, bird by bird', () => {
  let short = 0;
  fc.assert(
    fc.property(flocks, fc.integer({ min: 5, max: 300 }), (flock, tenths) => {
      const have = tenths / 10;
      const perBird: PerBird = (d) => flock.lots.map((_, i) => massThen(flock, i, d) ** (2 / 3));
      const demand: StationDemand = {
        measure: 'area',
        perBird,
        fits: (taken, day) => demandOf(taken, day.perBird) <= have,
      };
      const plain = plainCarry(flock, perBird, (taken, d) => demandOf(taken, perBird(d)) <= have);
      const carry = carryOf(flock, demand);
      if (plain === null) return expect(carry.state).toBe('notApplicable');
      if (carry.state !== 'carries') throw new Error('nobody asks');
      // of days with the same share one of the earliest spell is told: on it, as many find a place as when tried alone
      expect(carry.fitting * plain.present).toBe(plain.fitting * carry.present);
      const own = plainFitting(
        flock,
        carry.setOn,
        perBird(carry.setOn),
        (taken) => demandOf(taken, perBird(carry.setOn)) <= have,
      );
      expect(carry).toMatchObject({ fitting: own.fitting, present: own.present });
      const spells = shortSpells(flock, demand);
      const spell = spellWith(spells, carry.setOn);
      expect(spell !== null).toBe(plain.fitting < plain.present);
      if (spell) expect(spell).toEqual(spellWith(spells, plain.first));
      if (spell) short++;
    }),
    { numRuns: 60 },
  );
  expect(short).toBeGreaterThan(5);
});

test('bars of any lengths, which some lots do not get up to: the same', () => {
  const bars = fc.array(
    fc.integer({ min: 20, max: 300 }).map((n) => n / 100),
    { minLength: 1, maxLength: 4 },
  );
  fc.assert(
    fc.property(
      flocks,
      bars,
      fc.array(fc.boolean(), { minLength: 20, maxLength: 20 }),
      (flock, usableM, can) => {
        const reaches = flock.lots.map((_, i) =>
          usableM.map((_m, b) => can[(i * 4 + b) % 20] === true),
        );
        const own = { usableM, reaches };
        const perBird: PerBird = (d) =>
          flock.lots.map((_, i) => 0.23 * (massThen(flock, i, d) / 2.2) ** (1 / 3));
        const demand: StationDemand = {
          measure: 'length',
          perBird,
          fits: (taken, day) => allSeated(own, day.order, taken, day.perBird),
          sure: (n, day) => {
            const bound = surelySeated(own, day.counts, day.perBird);
            return isSureOf(bound, n) || isSure(bound, day.seq.of(n), day.perBird);
          },
        };
        const plain = plainCarry(flock, perBird, (taken, d) => {
          const widths = perBird(d);
          return allSeated(own, plainOrder(flock, d, widths), taken, widths);
        });
        const carry = carryOf(flock, demand);
        if (plain === null) return expect(carry.state).toBe('notApplicable');
        if (carry.state !== 'carries') throw new Error('nobody asks');
        // of days with the same share one of the earliest spell is told, as above
        if (plain.fitting < plain.present) {
          const spells = shortSpells(flock, demand);
          expect(spellWith(spells, carry.setOn)).toEqual(spellWith(spells, plain.first));
        }
        expect(carry.fitting * plain.present).toBe(plain.fitting * carry.present);
        const widths = perBird(carry.setOn);
        const order = plainOrder(flock, carry.setOn, widths);
        const tried = plainFitting(flock, carry.setOn, widths, (taken) =>
          allSeated(own, order, taken, widths),
        );
        expect(carry).toMatchObject({ fitting: tried.fitting, present: tried.present });
      },
    ),
    { numRuns: 60 },
  );
});

test('each day looked at is stood for by one with the same birds that ask for the same', () => {
  fc.assert(
    fc.property(flocks, (flock) => {
      const perBird: PerBird = (d) => flock.lots.map((_, i) => massThen(flock, i, d));
      const { days, of } = askedDays(flock, perBird);
      for (const { d, counts, present } of flock.looked) {
        const day = of.get(d);
        if (present === 0) {
          expect(day).toBeUndefined();
          continue;
        }
        expect(day?.counts).toEqual(counts);
        expect(day && days.includes(day)).toBe(true);
        expect(day && demandOf(counts, perBird(day.d))).toBeCloseTo(
          demandOf(counts, perBird(d)),
          9,
        );
        expect([...lotOrder(flock, d, perBird(d))]).toEqual(plainOrder(flock, d, perBird(d)));
        // the whole flock is what is drawn when all have entered
        expect(askedOn(flock, d, perBird).seq.of(present)).toEqual(counts);
      }
      // worked once for as long as the same demand is asked of
      expect(askedDays(flock, perBird)).toBe(askedDays(flock, perBird));
      const falling = [...days].map((day) => day.asked);
      expect(falling).toEqual([...falling].sort((a, b) => b - a));
    }),
    { numRuns: 40 },
  );
});
