import fc from 'fast-check';
import { daysOf, store } from '../../tests/rain';
import { YEAR_DAYS } from '../../weather/yearCurve';
import {
  barrelFor,
  emptyDay,
  type RainDays,
  type RainStore,
  roofFor,
  runBarrel,
  startState,
  stepDay,
} from './barrel';
import { flushPipeM, gutterLs, peakLs, sheetM } from './gutter';

describe('gutters by Manning, brim-full at 1:200', () => {
  test.each([
    [{ shape: 'channel', wideM: 0.04, deepM: 0.04 }, 0.58],
    [{ shape: 'half', acrossM: 0.075 }, 1.0],
    [{ shape: 'half', acrossM: 0.1 }, 2.16],
    [{ shape: 'vee', sideM: 0.075 }, 1.28],
  ] as const)('%j carries %f L/s', (shape, litres) => {
    expect(gutterLs(shape, 1 / 200)).toBeCloseTo(litres, 2);
  });

  test('ten millimetres of freeboard leave 0.40 of the 0.58 L/s', () => {
    expect(gutterLs({ shape: 'channel', wideM: 0.04, deepM: 0.03 }, 1 / 200)).toBeCloseTo(0.4, 2);
  });

  test('two square metres in 75 mm an hour bring 0.04 L/s', () => {
    expect(peakLs(2, 75)).toBeCloseTo(0.04167, 5);
  });

  test('a V of two sides and its two hems is folded from one sheet; a standpipe holds its first flush', () => {
    expect(sheetM({ shape: 'vee', sideM: 0.075 })).toBeCloseTo(0.17, 12);
    expect(sheetM({ shape: 'half', acrossM: 0.1 })).toBeNull();
    // 1 mm over 6 m² is 6 L
    expect(flushPipeM(6, 1, 0.1) * (Math.PI / 4) * 0.01 * 1000).toBeCloseTo(6, 9);
  });
});

/** The same rules in plain words, one object a day, beside the fast one. */
function plainly(
  days: RainDays,
  s: RainStore,
): { dry: number; frost: number; longest: number[]; levels: number[]; balance: number } {
  const levels: number[] = [];
  let [level, snow, left, wet] = [0, 0, 0, false];
  let [dry, frost, balance, run] = [0, 0, 0, 0];
  const longest: number[] = [];
  for (let i = 0; i < days.meanC.length; i++) {
    const mean = days.meanC[i] as number;
    const fell = days.rainMm[i] as number;
    const perMm = s.roofM2 * s.runoff * s.gutter;
    let water = 0;
    if (mean < 0) snow = snow + fell;
    else {
      const melted = Math.min(snow, 4 * mean);
      snow = snow - melted;
      water = fell + melted;
    }
    if (snow >= 45) snow = 0;
    if (water > 0 && !wet) left = s.flushMm;
    wet = water > 0;
    const dirty = Math.min(left, water);
    left = left - dirty;
    const hand = mean < 0 && !s.heated;
    const before = level;
    const came = hand ? 0 : (water - dirty) * perMm;
    const spilt = Math.max(0, level + came - s.barrelL);
    level = level + came - spilt;
    const want = s.drawnL[i % YEAR_DAYS] as number;
    const drunk = hand ? 0 : Math.min(level, want);
    level = level - drunk;
    balance = Math.max(balance, Math.abs(before + came - spilt - drunk - level));
    if (i < YEAR_DAYS) continue;
    levels.push(level);
    if (hand) frost++;
    else if (drunk < want - 1e-9) dry++;
    // runs lie within calendar years, and a day by hand ends one
    const year = Math.floor(i / YEAR_DAYS) - 1;
    if (i % YEAR_DAYS === 0) run = 0;
    run = !hand && drunk < want - 1e-9 ? run + 1 : 0;
    longest[year] = Math.max(longest[year] ?? 0, run);
  }
  return { dry, frost, longest, levels, balance };
}

const random = fc.record({
  id: fc.constantFrom(
    'wet-upland',
    'cold-continental',
    'mediterranean',
    'hot-desert',
    'far-north',
    'monsoon',
  ),
  seed: fc.integer({ min: 1, max: 999 }),
  roofM2: fc.integer({ min: 1, max: 20 }),
  barrelL: fc.integer({ min: 20, max: 1200 }),
  flushMm: fc.constantFrom(0.5, 1, 2),
  heated: fc.boolean(),
  litres: fc.integer({ min: 1, max: 12 }),
});
const made = (r: {
  roofM2: number;
  barrelL: number;
  flushMm: number;
  heated: boolean;
  litres: number;
}) =>
  store({
    ...r,
    drawnL: new Float64Array(YEAR_DAYS).map((_, d) => r.litres * (1 + 0.3 * Math.sin(d / 58))),
  });

describe('a barrel day by day', () => {
  test('on every single day what came in is what spilled, what was drawn and what is more in it', () => {
    fc.assert(
      fc.property(random, (r) => {
        const days = daysOf(r.id, 3, r.seed);
        const own = made(r);
        const [state, day] = [startState(r.barrelL / 3), emptyDay()];
        for (let i = 0; i < days.meanC.length; i++) {
          const before = state.levelL;
          const wanted = own.drawnL[i % YEAR_DAYS] ?? 0;
          const after = stepDay(state, own, days.meanC[i] ?? 0, days.rainMm[i] ?? 0, wanted, day);
          const open = before + day.rainInL - day.spiltL - day.drawnL - after;
          if (Math.abs(open) > 1e-9 || after < 0 || after > own.barrelL)
            throw new Error(`day ${i}`);
          if (day.drawnL > wanted || day.spiltL < 0) throw new Error(`day ${i}`);
        }
      }),
      { numRuns: 60 },
    );
  });

  test('what comes in is what goes out and what is left, on every day and over every year', () => {
    fc.assert(
      fc.property(random, (r) => {
        const days = daysOf(r.id, 4, r.seed);
        const run = runBarrel(days, made(r));
        const { levels, balance } = plainly(days, made(r));
        expect(balance).toBeLessThan(1e-9);
        run.years.forEach((y, k) => {
          const start = k === 0 ? undefined : run.levelL[k * YEAR_DAYS - 1];
          const end = run.levelL[(k + 1) * YEAR_DAYS - 1] ?? 0;
          if (start !== undefined) {
            expect(start + y.inL - y.spiltL - y.drawnL).toBeCloseTo(end, 1);
          }
        });
        expect(levels.length).toBe(run.levelL.length);
        levels.forEach((l, i) => {
          if (Math.abs(l - (run.levelL[i] ?? 0)) > 1e-2) throw new Error(`day ${i}: ${l}`);
        });
      }),
      { numRuns: 40 },
    );
  });

  test('the fast run counts as the plain one does', () => {
    fc.assert(
      fc.property(random, (r) => {
        const days = daysOf(r.id, 5, r.seed);
        const { years, reliability } = runBarrel(days, made(r));
        const plain = plainly(days, made(r));
        expect(years.reduce((n, y) => n + y.dryDays, 0)).toBe(plain.dry);
        expect(years.reduce((n, y) => n + y.frostDays, 0)).toBe(plain.frost);
        expect(years.map((y) => y.longestDry)).toEqual(plain.longest);
        const open = 4 * YEAR_DAYS - plain.frost;
        expect(reliability).toBeCloseTo(open === 0 ? 1 : 1 - plain.dry / open, 12);
      }),
      { numRuns: 40 },
    );
  });

  test('a larger barrel or roof never serves fewer days', () => {
    fc.assert(
      fc.property(
        random,
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 1, max: 8 }),
        (r, moreL, moreM2) => {
          const days = daysOf(r.id, 6, r.seed);
          const base = runBarrel(days, made(r)).reliability;
          const larger = runBarrel(days, made({ ...r, barrelL: r.barrelL + moreL })).reliability;
          const wider = runBarrel(days, made({ ...r, roofM2: r.roofM2 + moreM2 })).reliability;
          expect(larger).toBeGreaterThanOrEqual(base);
          expect(wider).toBeGreaterThanOrEqual(base);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('the barrel found is the smallest, to the litre', () => {
    const days = daysOf('wet-upland');
    for (const share of [0.95, 0.99]) {
      const litres = barrelFor(days, store(), share);
      if (litres === null) throw new Error('it rains there');
      expect(runBarrel(days, store({ barrelL: litres })).reliability).toBeGreaterThanOrEqual(share);
      expect(runBarrel(days, store({ barrelL: litres - 1 })).reliability).toBeLessThan(share);
    }
  });

  test('where a year brings less than it takes no barrel is found, and a roof is', () => {
    const days = daysOf('hot-desert');
    const dry = store({ roofM2: 4, drawnL: new Float64Array(YEAR_DAYS).fill(5) });
    expect(barrelFor(days, dry, 0.95)).toBeNull();
    const wide = roofFor(days, { ...dry, barrelL: 3000 }, 0.95);
    if (wide === null) throw new Error('a roof is found');
    expect(
      runBarrel(days, { ...dry, barrelL: 3000, roofM2: wide }).reliability,
    ).toBeGreaterThanOrEqual(0.95);
    expect(runBarrel(days, { ...dry, barrelL: 3000, roofM2: wide - 0.1 }).reliability).toBeLessThan(
      0.95,
    );
  });
});
