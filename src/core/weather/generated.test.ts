import { CLIMATES } from '../model/climates.data';
import { generateWeatherDays } from './days';
import { weatherNormals } from './normals';
import { monthOfDay, YEAR_DAYS } from './yearCurve';

const YEARS = 200;

/** Of each year the month's sum or mean; then the mean of the years, and its standard error. */
function byMonth(days: ArrayLike<number>, month: number, of: 'mean' | 'sum' | 'count') {
  const years: number[] = [];
  for (let y = 0; y < YEARS; y++) {
    let [sum, n] = [0, 0];
    for (let d = 0; d < YEAR_DAYS; d++) {
      if (monthOfDay(d) !== month) continue;
      const value = days[y * YEAR_DAYS + d] ?? 0;
      sum += of === 'count' ? Number(value > 0) : value;
      n++;
    }
    years.push(of === 'mean' ? sum / n : sum);
  }
  const mean = years.reduce((a, b) => a + b, 0) / YEARS;
  const spread = years.reduce((a, b) => a + (b - mean) ** 2, 0) / (YEARS - 1);
  return { mean, error: Math.sqrt(spread / YEARS) };
}

describe('two hundred generated years keep each month of their normals, within four standard errors', () => {
  test.each(CLIMATES.map((c) => [c.name, c] as const))('%s', (_, climate) => {
    const normals = weatherNormals(climate);
    const days = generateWeatherDays(normals, YEARS, 11);
    const held: [string, number, number][] = [];
    for (let m = 0; m < 12; m++) {
      const near = (
        what: string,
        column: ArrayLike<number>,
        of: 'mean' | 'sum' | 'count',
        to = 0,
      ) => {
        const { mean, error } = byMonth(column, m, of);
        held.push([`${what} of month ${m}`, Math.abs(mean - to) / Math.max(error, 1e-9), to]);
      };
      near('mean', days.meanC, 'mean', normals.meanC[m]);
      near('minimum', days.minC, 'mean', normals.minC[m]);
      near('maximum', days.maxC, 'mean', normals.maxC[m]);
      near('rain', days.rainMm, 'sum', normals.rainMm[m]);
      near('rain days', days.rainMm, 'count', normals.rainDays[m]);
      near('wind', days.windMS, 'mean', normals.windMS[m]);
    }
    expect(held.filter(([, errors]) => errors > 4)).toEqual([]);
    expect(held).toHaveLength(72);
  });
});
