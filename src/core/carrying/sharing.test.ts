import fc from 'fast-check';
import type { Shares } from './filling';
import { allShare, shareOut } from './sharing';

/** Whether all find room, by trying every number of every lot at every vessel. */
function bySlowSearch(shares: Shares, counts: readonly number[]): boolean {
  const [own, ...rest] = shares;
  if (counts.every((n) => n === 0)) return true;
  if (own === undefined) return false;
  const tried = (i: number, room: number, left: readonly number[]): boolean => {
    if (i === counts.length) return bySlowSearch(rest, left);
    for (
      let n = 0;
      n <= (left[i] as number) && (n === 0 || n * (own[i] as number) <= room + 1e-9);
      n++
    ) {
      const after = left.map((x, j) => (j === i ? x - n : x));
      if (tried(i + 1, n === 0 ? room : room - n * (own[i] as number), after)) return true;
    }
    return false;
  };
  return tried(0, 1, counts);
}

/** Ports, pedal boxes and rims, as their rules share them among bantams, light, medium and heavy birds. */
const vessel = fc.oneof(
  fc.integer({ min: 1, max: 3 }).map((n) => [1 / (5 * n), 1 / (5 * n), 1 / (4 * n), 1 / (4 * n)]),
  fc
    .integer({ min: 1, max: 2 })
    .map((n) => [Number.POSITIVE_INFINITY, 1 / (10 * n), 1 / (8 * n), 1 / (6 * n)]),
  fc
    .integer({ min: 15, max: 60 })
    .map((cm) => [0.7, 1.5, 2.2, 3.2].map((kg) => (0.04 * Math.cbrt(kg / 2.2)) / (cm / 100))),
);

test('sixteen hens and a bantam at four ports and a pedal box are all served, whatever the order', () => {
  const hens = [1 / 16, 1 / 8];
  const bantam = [1 / 20, Number.POSITIVE_INFINITY];
  for (const [first, second] of [
    [0, 1],
    [1, 0],
  ] as const) {
    const of = (own: readonly number[]) => [own[first] as number, own[second] as number];
    const vessels = [of(hens), of(bantam)];
    const shares = [0, 1].map((v) => vessels.map((lot) => lot[v] as number));
    expect(allShare(shares, [16, 1])).toBe(true);
    expect(shareOut(shares, [16, 1]).left).toEqual([0, 0]);
    expect(
      allShare(
        shares.map((own) => [...own].reverse()),
        [1, 16],
      ),
    ).toBe(true);
  }
});

test('exact against a slow search that tries everything, on 300 random flocks and vessels', () => {
  let fits = 0;
  let close = 0;
  fc.assert(
    fc.property(
      fc.array(vessel, { minLength: 1, maxLength: 3 }),
      fc.tuple(fc.nat(6), fc.nat(6), fc.nat(9), fc.nat(6)),
      (shares, counts) => {
        const slow = bySlowSearch(shares, counts);
        if (slow) fits++;
        expect(allShare(shares, counts)).toBe(slow);
        // near the edge: one bird more of some lot does not fit
        if (
          slow &&
          !bySlowSearch(
            shares,
            counts.map((n, i) => (i === 2 ? n + 1 : n)),
          )
        )
          close++;
        const { at, left, givenUp } = shareOut(shares, counts);
        expect(givenUp).toBe(false);
        expect(left.every((n) => n === 0)).toBe(slow);
        at.forEach((own, v) => {
          const used = own.reduce(
            (sum, n, i) => sum + (n === 0 ? 0 : n * ((shares[v] as number[])[i] as number)),
            0,
          );
          expect(used).toBeLessThanOrEqual(1 + 1e-6);
        });
        counts.forEach((n, i) => {
          expect(at.reduce((sum, own) => sum + (own[i] as number), 0) + (left[i] as number)).toBe(
            n,
          );
        });
      },
    ),
    { numRuns: 300, seed: 2026 },
  );
  expect(fits).toBeGreaterThan(60);
  expect(300 - fits).toBeGreaterThan(60);
  expect(close).toBeGreaterThan(3);
});

test('the order of vessels and of lots changes nothing', () => {
  fc.assert(
    fc.property(
      fc.array(vessel, { minLength: 1, maxLength: 4 }),
      fc.tuple(fc.nat(20), fc.nat(20), fc.nat(20), fc.nat(20)),
      (shares, counts) => {
        const turned = shares.map((own) => [...own].reverse());
        expect(allShare([...shares].reverse(), counts)).toBe(allShare(shares, counts));
        expect(allShare(turned, [...counts].reverse())).toBe(allShare(shares, counts));
      },
    ),
  );
});

test('a whole number of places is a whole number of birds, whatever their share is in binary', () => {
  for (let places = 1; places <= 500; places++) {
    expect(shareOut([[1 / places]], [places]).left).toEqual([0]);
    expect(shareOut([[1 / places]], [places + 1]).left).toEqual([1]);
  }
});

test('a bird that cannot open a pedal lid leaves the room to those that can', () => {
  expect(shareOut([[Number.POSITIVE_INFINITY, 1 / 8]], [3, 8]).left).toEqual([3, 0]);
  expect(shareOut([], [3]).left).toEqual([3]);
});

test('twelve lots at six vessels, all but full, are decided in a few thousandths of a second', () => {
  const kinds = Array.from({ length: 12 }, (_, i) => 0.6 + 0.35 * i);
  const shares = [0.9, 0.94, 1.1, 0.94, 0.7, 1.26].map((edge) =>
    kinds.map((kg) => (0.04 * Math.cbrt(kg / 2.2)) / edge),
  );
  const counts = kinds.map(() => 11);
  const total = (n: readonly number[]) =>
    n.reduce((sum, x, i) => sum + x * 0.04 * Math.cbrt((kinds[i] as number) / 2.2), 0);
  while (total(counts) > 5.84) counts[0] = (counts[0] as number) - 1;
  const { left, givenUp } = shareOut(shares, counts);
  expect([left.every((n) => n === 0), givenUp]).toEqual([true, false]);
});
