import { bareCoop, DAY, hens } from '@/core/tests/plans';
import { dayOf, flockByDay } from '../birds/flock';
import { carryOf, largestFitting, nextByWebster, shortFrom } from './carrying';
import { verdictOf } from './verdict';

/** The order in which birds enter a flock, worked with the function under test. */
function order(counts: number[], perBird: number[], birds: number): string {
  const taken = counts.map(() => 0);
  let names = '';
  for (let i = 0; i < birds; i++) {
    const next = nextByWebster(counts, taken, perBird);
    taken[next] = (taken[next] ?? 0) + 1;
    names += 'ABC'[next] ?? '?';
  }
  return names;
}

describe("Webster's order", () => {
  test('four, four and six birds enter as worked by hand', () => {
    // C 6; A 4; B 4; C 6/3 = 2; A 4/3; B 4/3; C 6/5; C 6/7 = 0.857; A 4/5; B 4/5 … see 0.857 > 0.8
    expect(order([4, 4, 6], [3, 2, 1], 9)).toBe('CABCABCCA');
    expect(order([4, 4, 6], [3, 2, 1], 14)).toHaveLength(14);
  });

  test('at the planned number it is exactly the planned flock, and goes on by the same rule', () => {
    const first = order([4, 4, 6], [3, 2, 1], 14);
    expect([...first].filter((c) => c === 'A')).toHaveLength(4);
    expect([...first].filter((c) => c === 'C')).toHaveLength(6);
    // 4/9 = 0.444 for A and B; 6/13 = 0.4615 for C
    expect(order([4, 4, 6], [3, 2, 1], 15).at(-1)).toBe('C');
  });

  test('a tie goes to the greater demand, then to the earlier group', () => {
    expect(order([2, 2], [1, 5], 1)).toBe('B');
    expect(order([2, 2], [5, 5], 1)).toBe('A');
  });

  test('a group without birds never enters', () => {
    expect(nextByWebster([0, 0], [0, 0], [1, 1])).toBe(-1);
    expect(order([0, 3], [9, 1], 3)).toBe('BBB');
  });
});

describe('the largest flock that fits', () => {
  test('it stops before the first that does not, even where a later one would', () => {
    const odd = (taken: readonly number[]) => (taken[0] ?? 0) !== 4;
    expect(largestFitting([10], [1], odd)).toEqual([3]);
  });

  test('no more than 500 birds are said to fit', () => {
    expect(largestFitting([3], [1], () => true)).toEqual([500]);
  });
});

describe('what a station carries', () => {
  const demandOfHens = (most: number, perHen = 1) => ({
    measure: 'head' as const,
    perBird: () => [perHen, perHen],
    fits: (taken: readonly number[]) => (taken[0] ?? 0) + (taken[1] ?? 0) <= most,
  });

  test('the day of the largest demand sets it', () => {
    const groups = [hens(4, { id: 'a' }), hens(6, { id: 'b', arrivesOn: '2027-06-10' })];
    const flock = flockByDay(bareCoop({ flock: groups }), DAY);
    const carry = carryOf(flock, demandOfHens(7));
    expect(carry).toMatchObject({ carries: 7, present: 10 });
    expect(carry.state === 'carries' && dayOf(flock, carry.setOn)).toBe('2027-06-10');
    expect(dayOf(flock, shortFrom(flock, demandOfHens(7)) ?? 0)).toBe('2027-06-10');
    expect(shortFrom(flock, demandOfHens(10))).toBeNull();
  });

  test('a station nobody asks anything of carries nothing', () => {
    const flock = flockByDay(bareCoop({ flock: [hens(4)] }), DAY);
    const laying = { measure: 'inLay' as const, perBird: () => [0], fits: () => true };
    const cocks = flockByDay(bareCoop({ flock: [hens(4, { sex: 'cock' })] }), DAY);
    expect(carryOf(cocks, laying).state).toBe('notApplicable');
    expect(carryOf(flock, laying).state).toBe('carries');
    expect(carryOf(flockByDay(bareCoop(), DAY), laying).state).toBe('notApplicable');
  });

  test('set by a day with fewer birds than planned, it reaches the plan exactly when that day fits', () => {
    // twelve light birds leave on the day on which four heavy ones come: those four ask most
    const groups = [
      hens(12, { id: 'light', massKg: 0.5, leavesOn: '2027-03-01' }),
      hens(4, { id: 'heavy', massKg: 14, arrivesOn: '2027-03-01' }),
    ];
    const flock = flockByDay(bareCoop({ flock: groups }), DAY);
    const demand = (most: number) => ({
      measure: 'area' as const,
      perBird: () => [1, 5],
      fits: (taken: readonly number[]) => (taken[0] ?? 0) + 5 * (taken[1] ?? 0) <= most,
    });
    expect(carryOf(flock, demand(20))).toMatchObject({ carries: 12, fitting: 4, present: 4 });
    expect(carryOf(flock, demand(19))).toMatchObject({ carries: 9, fitting: 3, present: 4 });
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
