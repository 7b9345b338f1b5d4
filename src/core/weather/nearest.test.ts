import { CLIMATES } from '../model/climates.data';
import { nearestClimate } from './nearest';

test('each shipped climate is the nearest to itself', () => {
  for (const row of CLIMATES) {
    const means = row.months.map((m) => m.meanC);
    const rain = row.months.reduce((sum, m) => sum + m.rainMm, 0);
    const found = nearestClimate({
      coldestC: Math.min(...means),
      warmestC: Math.max(...means),
      wet: rain >= 700,
    });
    expect(found.id).toBe(row.id);
  }
});

test('a hard dry winter with a mild summer is the cold continental one, a hot dry year the desert', () => {
  expect(nearestClimate({ coldestC: -14, warmestC: 20, wet: false }).id).toBe('cold-continental');
  expect(nearestClimate({ coldestC: 13, warmestC: 34, wet: false }).id).toBe('hot-desert');
});
