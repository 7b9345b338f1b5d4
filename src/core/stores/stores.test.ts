import fc from 'fast-check';
import { levelsOf } from './levels';
import { mixOf } from './ration';

const NONE = { scratch: 0, scraps: 0, sunflower: 0 };

describe('levels over the coming days', () => {
  test('two feeders empty together, each with its own waste, and are filled on the same day', () => {
    const vessels = [
      { id: 'a', full: 13, waste: 1.3 },
      { id: 'b', full: 10.4, waste: 1.04 },
    ];
    // both hold ten kilograms that can be eaten
    const { levels, emptyOn } = levelsOf(vessels, [4, 4, 4, 4, 4], 4);
    expect(levels[0]?.map((l) => Number(l.toFixed(6)))).toEqual([10.4, 7.8, 5.2, 2.6, 10.4]);
    expect(levels[1]?.map((l) => Number(l.toFixed(6)))).toEqual([8.32, 6.24, 4.16, 2.08, 8.32]);
    expect(emptyOn).toEqual([]);
  });

  test('days on which nothing is left are told', () => {
    expect(levelsOf([{ id: 'a', full: 10, waste: 1 }], [4, 4, 4, 4], 9).emptyOn).toEqual([2, 3]);
    expect(levelsOf([], [1, 1], 7)).toEqual({ levels: [], emptyOn: [0, 1] });
  });

  test('what leaves the vessels is what was eaten and what was spilt', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 4 }),
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 1, maxLength: 20 }),
        (fulls, daily) => {
          const vessels = fulls.map((full, i) => ({ id: String(i), full, waste: 1 + i / 10 }));
          const { levels } = levelsOf(vessels, daily, 99);
          const eaten = vessels.reduce(
            (sum, v, i) => sum + (v.full - (levels[i]?.at(-1) ?? 0)) / v.waste,
            0,
          );
          const held = vessels.reduce((sum, v) => sum + v.full / v.waste, 0);
          const wanted = daily.reduce((a, b) => a + b, 0);
          expect(eaten).toBeCloseTo(Math.min(held, wanted), 6);
        },
      ),
    );
  });
});

describe('a ration by its shares', () => {
  test('nothing beside the feed is the feed', () => {
    expect(mixOf(NONE, false)).toMatchObject({ kcalKg: 2750, main: 1 });
    expect(mixOf(NONE, true).protein).toBeCloseTo(0.19, 9);
  });

  test('a fifth of scratch takes protein and calcium from a layer’s feed, by hand', () => {
    const mix = mixOf({ ...NONE, scratch: 0.2 }, false);
    expect(mix.main).toBeCloseTo(0.8, 12);
    expect(mix.protein).toBeCloseTo(0.8 * 0.17 + 0.2 * 0.1, 9);
    expect(mix.calcium).toBeCloseTo(0.8 * 0.038 + 0.2 * 0.0003, 9);
    expect(mix.kcalKg).toBeCloseTo(0.8 * 2750 + 0.2 * 3200, 6);
  });
});
