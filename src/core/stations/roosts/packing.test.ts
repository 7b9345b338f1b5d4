import fc from 'fast-check';
import { allSeated, isSure, isSureOf, packBars, surelySeated, widestFirst } from './packing';

const seats = (bars: number[], kinds: { widthM: number; count: number }[]) =>
  packBars(bars, kinds).seated.map((bar) => bar.join('+'));

test('whole birds sit on whole bars: three of 0.34 m on 1.20 m, never length divided by width', () => {
  const { seated, left } = packBars([1.2, 1.2], [{ widthM: 0.34, count: 8 }]);
  expect(seated).toEqual([[3], [3]]);
  expect(left).toEqual([2]);
});

test('the widest go first, and what is left of a bar takes the next kind', () => {
  // 1.00 m: two of 0.40 leave 0.20, in which one of 0.15 sits; the second bar takes the rest
  expect(
    seats(
      [1, 0.5],
      [
        { widthM: 0.15, count: 4 },
        { widthM: 0.4, count: 2 },
      ],
    ),
  ).toEqual(['1+2', '3+0']);
});

test('a narrow bird goes back to a bar that wide ones left room on', () => {
  // two of 0.34 leave 0.32 of the first metre; the third 0.34 takes the lower bar, and two of 0.20 find room on both
  expect(
    seats(
      [1, 0.7],
      [
        { widthM: 0.34, count: 3 },
        { widthM: 0.2, count: 2 },
      ],
    ),
  ).toEqual(['2+1', '1+1']);
});

test('a bird takes the highest bar that she gets up to, and no other', () => {
  const low = [false, true];
  const { seated, left } = packBars(
    [2, 0.5],
    [
      { widthM: 0.4, count: 2, reaches: low },
      { widthM: 0.3, count: 3 },
    ],
  );
  expect(seated).toEqual([
    [0, 3],
    [1, 0],
  ]);
  expect(left).toEqual([1, 0]);
});

test('a bar that holds its birds to the last millimetre holds them', () => {
  expect(packBars([1.24 - 0.1], [{ widthM: 0.38, count: 3 }]).left).toEqual([0]);
  expect(packBars([1.1399], [{ widthM: 0.38, count: 3 }]).left).toEqual([1]);
});

const kinds = fc.array(
  fc.record({ widthM: fc.integer({ min: 150, max: 500 }).map((n) => n / 1000), count: fc.nat(9) }),
  { minLength: 1, maxLength: 4 },
);
const bars = fc.array(
  fc.integer({ min: 100, max: 3000 }).map((n) => n / 1000),
  { maxLength: 5 },
);
const _leftOver = (b: number[], k: { widthM: number; count: number }[]) =>
  packBars(b, k).left.reduce((x, y) => x + y, 0);

test('birds seated and birds left are all the birds, and no bar is overfilled', () => {
  fc.assert(
    fc.property(bars, kinds, (b, k) => {
      const { seated, left } = packBars(b, k);
      k.forEach(({ count }, i) => {
        expect(seated.reduce((sum, bar) => sum + (bar[i] ?? 0), 0) + (left[i] ?? 0)).toBe(count);
      });
      seated.forEach((bar, i) => {
        const used = bar.reduce((sum, n, j) => sum + n * (k[j]?.widthM ?? 0), 0);
        expect(used).toBeLessThanOrEqual((b[i] ?? 0) + 1e-9);
      });
    }),
  );
});

test('birds of less length, or fewer, than are surely seated are seated, and all smaller flocks with them', () => {
  let sure = 0;
  fc.assert(
    fc.property(
      bars,
      kinds,
      fc.array(fc.boolean(), { minLength: 20, maxLength: 20 }),
      (b, k, can) => {
        const counts = k.map((x) => x.count);
        const widths = k.map((x) => x.widthM);
        const reaches = k.map((_, i) => b.map((_bar, j) => can[(i * 5 + j) % 20] as boolean));
        const own = { usableM: b, reaches };
        const bound = surelySeated(own, counts, widths);
        const of = counts.reduce((a, n) => a + n, 0);
        if (isSureOf(bound, of)) expect(isSure(bound, counts, widths)).toBe(true);
        fc.pre(counts.some((n) => n > 0) && isSure(bound, counts, widths));
        sure++;
        const order = widestFirst(widths);
        expect(allSeated(own, order, counts, widths)).toBe(true);
        counts.forEach((n, i) => {
          const fewer = counts.map((x, j) => (j === i ? Math.max(0, n - 1) : x));
          expect(allSeated(own, order, fewer, widths)).toBe(true);
        });
      },
    ),
    { numRuns: 300 },
  );
  expect(sure).toBeGreaterThan(150);
});

test('of birds of one width the bound is what the bars hold', () => {
  const bars = { usableM: [1, 0.7], reaches: [] };
  const bound = surelySeated(bars, [9], [0.3]);
  expect(bound).toEqual({ birds: 5, lengthM: expect.closeTo(1.4), widestM: 0.3 });
  expect(isSureOf(bound, 5)).toBe(true);
  expect(isSureOf(bound, 6)).toBe(false);
  expect(isSure(bound, [5], [0.3])).toBe(true);
  expect(isSure(bound, [6], [0.3])).toBe(false);
});

test('whether all are seated is what the seating itself says, for any bars and birds', () => {
  const size = fc.integer({ min: 0, max: 400 }).map((n) => n / 100);
  const lot = fc.record({
    widthM: fc.integer({ min: 0, max: 60 }).map((n) => n / 100),
    count: fc.integer({ min: 0, max: 12 }),
  });
  let seated = 0;
  fc.assert(
    fc.property(
      fc.array(size, { maxLength: 6 }),
      fc.array(lot, { minLength: 1, maxLength: 6 }),
      (bars, lots) => {
        const widths = lots.map((l) => l.widthM);
        const counts = lots.map((l) => l.count);
        const kinds = lots.map((l) =>
          l.widthM === 0 ? { widthM: 1, count: 0 } : { widthM: l.widthM, count: l.count },
        );
        const all = packBars(bars, kinds).left.every((n) => n === 0);
        if (all) seated++;
        expect(allSeated({ usableM: bars, reaches: [] }, widestFirst(widths), counts, widths)).toBe(
          all,
        );
      },
    ),
    { numRuns: 400 },
  );
  expect(seated).toBeGreaterThan(20);
});
