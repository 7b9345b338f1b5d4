import { bareCoop, DAY, hens } from '@/core/tests/plans';
import { dayOf, flockByDay } from '../birds/flock';
import { askedOn } from './asked';
import { carryOf, MOST_ASKED } from './carrying';
import { fittingUpTo, type StationDemand } from './fitting';
import { shortSpells, spellWith } from './spells';
import { verdictOf } from './verdict';

const flockOf = (...groups: Parameters<typeof hens>[]) =>
  flockByDay(bareCoop({ flock: groups.map(([count, parts]) => hens(count, parts)) }), DAY);

/** Asks so much for each lot's bird, and has so much. */
const demandOf = (most: number, each: readonly number[], parts: Partial<StationDemand> = {}) => ({
  measure: 'head' as const,
  perBird: () => each,
  fits: (taken: readonly number[]) => taken.reduce((n, x, i) => n + x * (each[i] ?? 0), 0) <= most,
  ...parts,
});

/** The spell that is told. */
const shortSpell = (flock: ReturnType<typeof flockOf>, demand: StationDemand) => {
  const carry = carryOf(flock, demand);
  return carry.state === 'carries' ? spellWith(shortSpells(flock, demand), carry.setOn) : null;
};

describe('the largest flock that fits', () => {
  const one = askedOn(flockOf([10]), 0, () => [1]);

  test('where a smaller flock never fits worse it is found by halving', () => {
    for (const most of [0, 1, 7, 99, 499, 500]) {
      expect(fittingUpTo(one, demandOf(most, [1]), 500)).toBe(most);
    }
    expect(fittingUpTo(one, demandOf(900, [1]), 20)).toBe(20);
    expect(fittingUpTo(one, demandOf(900, [1]), 0)).toBe(0);
  });

  test('where one may fit though a smaller does not, it stops before the first that does not', () => {
    const odd = { fits: (taken: readonly number[]) => taken[0] !== 4, sure: () => false };
    expect(fittingUpTo(one, odd, 500)).toBe(3);
    const sure = { ...odd, sure: (n: number) => n <= 2 };
    expect(fittingUpTo(one, sure, 500)).toBe(3);
  });
});

describe('what a station carries', () => {
  test('the day with the least share of its birds served sets it', () => {
    const flock = flockOf([4, { id: 'a' }], [6, { id: 'b', arrivesOn: '2027-06-10' }]);
    const carry = carryOf(flock, demandOf(7, [1, 1]));
    expect(carry).toMatchObject({ carries: 7, fitting: 7, present: 10, orMore: false });
    expect(carry.state === 'carries' && dayOf(flock, carry.setOn)).toBe('2027-06-10');
    const short = shortSpell(flock, demandOf(7, [1, 1]));
    expect([short && dayOf(flock, short.from), short?.till]).toEqual(['2027-06-10', null]);
    expect(shortSpell(flock, demandOf(10, [1, 1]))).toBeNull();
  });

  test('a station nobody asks anything of carries nothing', () => {
    const flock = flockOf([4]);
    const nothing = demandOf(0, [0]);
    expect(carryOf(flock, nothing).state).toBe('notApplicable');
    expect(carryOf(flock, demandOf(0, [1])).state).toBe('carries');
    expect(carryOf(flockByDay(bareCoop(), DAY), nothing).state).toBe('notApplicable');
  });

  test('a few birds that find nothing set it, however many were served before', () => {
    // twelve leave on the day on which four come that ask for five times as much each
    const flock = flockOf(
      [12, { id: 'light', leavesOn: '2027-03-01' }],
      [4, { id: 'heavy', arrivesOn: '2027-03-01' }],
    );
    expect(carryOf(flock, demandOf(20, [1, 5]))).toMatchObject({ carries: 12, fitting: 4 });
    expect(carryOf(flock, demandOf(19, [1, 5]))).toMatchObject({
      carries: 9,
      fitting: 3,
      present: 4,
    });
    // and the other way round: those of today are judged too
    const today = carryOf(flock, demandOf(9, [1, 1]));
    expect(today).toMatchObject({ carries: 9, fitting: 9, present: 12, setOn: 0 });
    const now = shortSpell(flock, demandOf(9, [1, 1]));
    expect([now?.from, now && dayOf(flock, now.till ?? 0)]).toEqual([0, '2027-02-28']);
  });

  test('a shortage of a single day is found, with its day', () => {
    const flock = flockOf(
      [5, { id: 'old', leavesOn: '2027-05-04' }],
      [5, { id: 'new', arrivesOn: '2027-05-03' }],
    );
    const spell = shortSpell(flock, demandOf(9, [1, 1]));
    expect(spell && [dayOf(flock, spell.from), dayOf(flock, spell.till ?? 0)]).toEqual([
      '2027-05-03',
      '2027-05-03',
    ]);
    expect(carryOf(flock, demandOf(9, [1, 1]))).toMatchObject({ carries: 9, present: 10 });
  });

  test('a shortage that comes with growth is narrowed to its day, though only Mondays are looked at', () => {
    const flock = flockOf([6, { id: 'chicks', hatchedOn: '2026-11-01', arrivesOn: '2026-12-15' }]);
    const mass = (d: number): number => flock.columns[0]?.massKg[d] ?? 0;
    const demand: StationDemand = {
      measure: 'massKg',
      perBird: (d) => [mass(d)],
      fits: (taken, { d }) => (taken[0] ?? 0) * mass(d) <= 6,
    };
    const spell = shortSpell(flock, demand);
    const first = Array.from({ length: flock.horizon.length }, (_, d) => d).find(
      (d) => (flock.columns[0]?.living[d] ?? 0) * mass(d) > 6,
    );
    expect(first).toBeGreaterThan(0);
    expect(spell?.from).toBe(first);
  });

  test('no end found is said to be so, and a flock larger than what is asked about is still judged whole', () => {
    expect(carryOf(flockOf([3]), demandOf(9999, [1]))).toMatchObject({
      fitting: MOST_ASKED,
      orMore: true,
    });
    const many = flockOf([700, { massKg: 1 }]);
    expect(carryOf(many, demandOf(700, [1]))).toMatchObject({ carries: 700, orMore: false });
    expect(carryOf(many, demandOf(650, [1]))).toMatchObject({ carries: 650 });
    expect(carryOf(many, demandOf(9999, [1]))).toMatchObject({ carries: 1400, orMore: true });
  });

  test('reversing the groups changes nothing', () => {
    const groups = [
      hens(5, { id: 'a', massKg: 1.4 }),
      hens(5, { id: 'b', massKg: 3.1, leavesOn: '2027-09-01' }),
      hens(5, { id: 'c', massKg: 0.8, arrivesOn: '2027-04-01' }),
    ];
    const told = (list: typeof groups) => {
      const flock = flockByDay(bareCoop({ flock: list }), DAY);
      const each = flock.lots.map((lot) => Math.round(10 * lot.massKg));
      const carry = carryOf(flock, demandOf(150, each));
      if (carry.state !== 'carries') throw new Error('nobody asks');
      const { carries, setOn, fitting, present } = carry;
      const by = Object.fromEntries(flock.lots.map((lot, i) => [lot.id, carry.taken[i]]));
      return { carries, setOn, fitting, present, by };
    };
    expect(told([...groups].reverse())).toEqual(told(groups));
  });
});

describe('a verdict', () => {
  test.each([
    [13, 14, 'short'],
    [14, 14, 'tight'],
    [15, 14, 'tight'],
    [11, 10, 'enough'],
    [10.99, 10, 'tight'],
    [14, 10, 'enough'],
    [15, 10, 'ample'],
    [0, 1, 'short'],
  ])('%d for %d is %s', (have, need, verdict) => {
    expect(verdictOf(have, need)).toBe(verdict);
  });

  test('without anything to hold against there is none', () => {
    expect(() => verdictOf(3, 0)).toThrow(RangeError);
    expect(() => verdictOf(3, Number.NaN)).toThrow(RangeError);
  });
});
