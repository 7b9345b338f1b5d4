import { daysOf, store } from '../../tests/rain';
import { YEAR_DAYS } from '../../weather/yearCurve';
import { type BarrelRun, pickedYears, type RainDays, type RainStore, runBarrel } from './barrel';

/** Weather told day by day; a first year of nothing before it. */
const told = (list: readonly (readonly [meanC: number, mm: number])[]): RainDays => {
  const meanC = new Float64Array(2 * YEAR_DAYS).fill(10);
  const rainMm = new Float64Array(2 * YEAR_DAYS);
  list.forEach(([c, mm], i) => {
    meanC[YEAR_DAYS + i] = c;
    rainMm[YEAR_DAYS + i] = mm;
  });
  return { meanC, rainMm };
};
const plain = (parts: Partial<RainStore> = {}): RainStore =>
  store({
    roofM2: 1,
    runoff: 1,
    gutter: 1,
    flushMm: 0,
    barrelL: 1000,
    drawnL: new Float64Array(YEAR_DAYS),
    ...parts,
  });
const levels = (run: BarrelRun, n: number): number[] => [...run.levelL.subarray(0, n)];

describe('rain, snow and the first flush, by hand', () => {
  test('the first flush is taken once a wet spell, and carried over where a day brings less', () => {
    const days = told([
      [10, 0.4],
      [10, 3],
      [10, 0],
      [10, 5],
    ]);
    // 1 mm kept out: 0.4 and 0.6 of the first spell, 1 of the second
    expect(levels(runBarrel(days, plain({ flushMm: 1 })), 4)).toEqual([
      0,
      expect.closeTo(2.4, 5),
      expect.closeTo(2.4, 5),
      expect.closeTo(6.4, 5),
    ]);
  });

  test('snow lies and melts by four millimetres a degree; forty-five of it slide and are lost', () => {
    const days = told([
      [-2, 20],
      [-1, 20],
      [2, 0],
      [1, 0],
      [-3, 30],
      [5, 0],
    ]);
    // heated: 8 melt, 4 melt, 28 + 30 slide, nothing is left to melt
    const run = runBarrel(days, plain({ heated: true }));
    expect(levels(run, 6)).toEqual([0, 0, 8, 12, 12, 12]);
    expect(run.years[0]?.slidL).toBeCloseTo(58, 9);
  });

  test('a frost day is served by hand where nothing is heated, and counts apart', () => {
    const days = told([
      [5, 10],
      [-1, 0],
      [5, 0],
    ]);
    const drawnL = new Float64Array(YEAR_DAYS).fill(4);
    const cold = runBarrel(days, plain({ drawnL }));
    expect(levels(cold, 3)).toEqual([6, 6, 2]);
    expect(cold.years[0]?.frostDays).toBe(1);
    expect(cold.reliability).toBeCloseTo(2 / 364, 9);
    const warm = runBarrel(days, plain({ drawnL, heated: true }));
    expect(levels(warm, 3)).toEqual([6, 2, 0]);
    // the third day has two of its four litres: it is dry, and two are carried
    expect(warm.years[0]?.dryDays).toBe(363);
    expect(warm.years[0]?.carriedL).toBeCloseTo(2 + 362 * 4, 9);
  });

  test('it spills before the birds have drunk', () => {
    const days = told([[5, 30]]);
    const run = runBarrel(
      days,
      plain({ barrelL: 20, drawnL: new Float64Array(YEAR_DAYS).fill(5) }),
    );
    expect(run.levelL[0]).toBe(15);
    expect(run.years[0]?.spiltL).toBe(10);
  });

  test('the longest dry run of thirty years is the twenty-ninth, and a year of little, middling and much rain is picked', () => {
    const run = runBarrel(daysOf('mediterranean'), store());
    expect(run.years).toHaveLength(30);
    const sorted = run.years.map((y) => y.longestDry).sort((a, b) => a - b);
    expect(run.longestDry95).toBe(sorted[28]);
    const { dry, middle, wet } = pickedYears(run);
    const inL = (k: number): number => run.years[k]?.inL ?? 0;
    expect(run.years.filter((y) => y.inL < inL(dry))).toHaveLength(2);
    expect(run.years.filter((y) => y.inL > inL(wet))).toHaveLength(2);
    expect(inL(dry)).toBeLessThan(inL(middle));
  });
});
