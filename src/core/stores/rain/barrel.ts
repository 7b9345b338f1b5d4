import { YEAR_DAYS } from '../../weather/yearCurve';

/** The weather of many whole years, a value a day; the first year only fills the barrel. */
export interface RainDays {
  readonly meanC: Float64Array;
  /** Rain and snow as water, mm. */
  readonly rainMm: Float64Array;
}

/** A roof, a barrel and what is drawn from it. */
export interface RainStore {
  /** Roof that drains into it, on plan, m². */
  readonly roofM2: number;
  /** Share of the rain that runs off the roof, and of that what the gutter brings, 0…1. */
  readonly runoff: number;
  readonly gutter: number;
  /** First water of each wet spell that is kept out, mm over the roof. */
  readonly flushMm: number;
  readonly barrelL: number;
  /** Barrel and line are kept from freezing. */
  readonly heated: boolean;
  /** Water that the birds drink on each day of the year, L, 365 of them. */
  readonly drawnL: Float64Array;
}

/** What one year of a barrel comes to. */
export interface BarrelYear {
  /** Days that it could not serve whole, and days served by hand because of frost. */
  readonly dryDays: number;
  readonly frostDays: number;
  /** Most dry days on end. */
  readonly longestDry: number;
  /** Run in, drawn, spilled over, slid off the roof and lost, and carried by can on dry days, L. */
  readonly inL: number;
  readonly drawnL: number;
  readonly spiltL: number;
  readonly slidL: number;
  readonly carriedL: number;
}

/** A run of a barrel over many years. */
export interface BarrelRun {
  readonly years: readonly BarrelYear[];
  /** Level at the end of each day of the counted years, L. */
  readonly levelL: Float32Array;
  /** Share of days, frost days apart, that were not dry, 0…1. */
  readonly reliability: number;
  /** Share of all days on which the barrel gave the water, 0…1: a frost day of an unheated one is served by hand. */
  readonly reliabilityAll: number;
  /** Most dry days on end in all but one of thirty years. */
  readonly longestDry95: number;
  /** Days by hand because of frost in a year, at the mean. */
  readonly frostDays: number;
  /** Spilled, and carried by can, in a mean year, L. */
  readonly spiltL: number;
  readonly carriedL: number;
}

/** Snow melts so much for each degree of the day's mean, and slides off at so much water. Source: domain notes. */
export const SNOW = { meltMmK: 4, slidesMm: 45 } as const;

/** What a day has done, beside the level it leaves, L. */
export interface BarrelDay {
  rainInL: number;
  spiltL: number;
  slidL: number;
  drawnL: number;
  isDry: boolean;
  isFrost: boolean;
}

/** What is carried from day to day: the level, L, snow on the roof and first flush still to be kept out, mm. */
export interface BarrelState {
  levelL: number;
  snowMm: number;
  flushLeftMm: number;
  wasWet: boolean;
}

/** Where a run begins. @example startState(40).levelL // 40 */
export const startState = (levelL: number): BarrelState => ({
  levelL,
  snowMm: 0,
  flushLeftMm: 0,
  wasWet: false,
});
/** A day to be written in. @example emptyDay().drawnL // 0 */
export const emptyDay = (): BarrelDay => ({
  ...{ rainInL: 0, spiltL: 0, slidL: 0, drawnL: 0 },
  ...{ isDry: false, isFrost: false },
});

/**
 * One day, in this order: rain and melt in, spill, then the day's water drawn.
 * @param state    changed in place
 * @param meanC    °C
 * @param mm       rain, or snow as water, mm
 * @param wantedL  L
 * @param day      written in place
 * @returns the level that it leaves, L
 * @source domain notes, "Settled", Rain
 * @example stepDay(startState(9), rainStore, 8, 0, 4, emptyDay()) // 5
 */
export function stepDay(
  state: BarrelState,
  store: RainStore,
  meanC: number,
  mm: number,
  wantedL: number,
  day: BarrelDay,
): number {
  const litresPerMm = store.roofM2 * store.runoff * store.gutter;
  const isSnow = meanC < 0;
  if (isSnow) state.snowMm += mm;
  const melt = isSnow ? 0 : Math.min(state.snowMm, SNOW.meltMmK * meanC);
  state.snowMm -= melt;
  day.slidL = 0;
  if (state.snowMm >= SNOW.slidesMm) {
    day.slidL = state.snowMm * litresPerMm;
    state.snowMm = 0;
  }
  const runsMm = (isSnow ? 0 : mm) + melt;
  const isWet = runsMm > 0;
  if (isWet && !state.wasWet) state.flushLeftMm = store.flushMm;
  state.wasWet = isWet;
  const flushed = Math.min(runsMm, state.flushLeftMm);
  state.flushLeftMm -= flushed;
  day.isFrost = isSnow && !store.heated;
  // unheated the line is drained: nothing comes in and nothing is drawn
  day.rainInL = day.isFrost ? 0 : (runsMm - flushed) * litresPerMm;
  const full = state.levelL + day.rainInL;
  day.spiltL = Math.max(0, full - store.barrelL);
  state.levelL = full - day.spiltL;
  // what is there is drunk, though it is not enough
  day.drawnL = day.isFrost ? 0 : Math.min(state.levelL, wantedL);
  day.isDry = !day.isFrost && day.drawnL < wantedL - 1e-9;
  state.levelL -= day.drawnL;
  return state.levelL;
}

/**
 * A barrel day by day. The run starts empty and its first year is not counted.
 * @param startL  level to begin with, L
 * @source domain notes, "Settled", Rain
 * @example runBarrel({ meanC: new Float64Array(730).fill(9), rainMm: new Float64Array(730) }, rainStore, 10).years.length // 1
 */
export function runBarrel(days: RainDays, store: RainStore, startL = 0): BarrelRun {
  const total = days.meanC.length;
  const counted = Math.max(0, Math.floor(total / YEAR_DAYS) - 1);
  const state = startState(startL);
  const day = emptyDay();
  const levelL = new Float32Array(counted * YEAR_DAYS);
  const years: BarrelYear[] = [];
  let year = freshYear();
  let run = 0;
  for (let i = 0; i < (counted + 1) * YEAR_DAYS; i++) {
    const dayOfYear = i % YEAR_DAYS;
    const wanted = store.drawnL[dayOfYear] ?? 0;
    stepDay(state, store, days.meanC[i] ?? 0, days.rainMm[i] ?? 0, wanted, day);
    if (dayOfYear === 0) {
      if (i > YEAR_DAYS) years.push(year);
      year = freshYear();
      run = 0;
    }
    if (i < YEAR_DAYS) continue;
    levelL[i - YEAR_DAYS] = state.levelL;
    run = day.isDry ? run + 1 : 0;
    year.longestDry = Math.max(year.longestDry, run);
    year.dryDays += day.isDry ? 1 : 0;
    year.frostDays += day.isFrost ? 1 : 0;
    year.inL += day.rainInL;
    year.drawnL += day.drawnL;
    year.spiltL += day.spiltL;
    year.slidL += day.slidL;
    year.carriedL += day.isDry ? wanted - day.drawnL : 0;
  }
  if (counted > 0) years.push(year);
  return summed(years, levelL);
}

const freshYear = (): { -readonly [K in keyof BarrelYear]: number } => ({
  dryDays: 0,
  frostDays: 0,
  longestDry: 0,
  inL: 0,
  drawnL: 0,
  spiltL: 0,
  slidL: 0,
  carriedL: 0,
});

function summed(years: readonly BarrelYear[], levelL: Float32Array): BarrelRun {
  const sum = (of: (y: BarrelYear) => number): number => years.reduce((all, y) => all + of(y), 0);
  const all = years.length * YEAR_DAYS;
  const open = all - sum((y) => y.frostDays);
  const runs = years.map((y) => y.longestDry).sort((a, b) => a - b);
  const mean = (of: (y: BarrelYear) => number): number =>
    years.length === 0 ? 0 : sum(of) / years.length;
  return {
    years,
    levelL,
    reliability: open === 0 ? 1 : 1 - sum((y) => y.dryDays) / open,
    reliabilityAll: all === 0 ? 1 : (open - sum((y) => y.dryDays)) / all,
    // by nearest rank: the 29th of thirty
    longestDry95: runs[Math.ceil(0.95 * runs.length) - 1] ?? 0,
    frostDays: mean((y) => y.frostDays),
    spiltL: mean((y) => y.spiltL),
    carriedL: mean((y) => y.carriedL),
  };
}

/**
 * Whole days that a barrel and the drinkers that it keeps full serve over some dates, and what they lack over all of
 * them. On a frost day the line is drained, and the drinkers have what is in them.
 * @param from    first day, counted from the first of the weather
 * @param wanted  L of each day
 * @param startL  the barrel's level to begin with, L
 * @param ownL    what the drinkers hold full, L
 * @example stepsOfBarrel({ meanC: new Float64Array(730).fill(9), rainMm: new Float64Array(730) }, rainStore, 0, [4, 4, 4], 7, 2).days // 2
 */
export function stepsOfBarrel(
  days: RainDays,
  store: RainStore,
  from: number,
  wanted: readonly number[],
  startL: number,
  ownL: number,
): { readonly days: number; readonly missingL: number } {
  const state = startState(startL);
  const day = emptyDay();
  let inDrinkersL = ownL;
  let served = 0;
  let missingL = 0;
  for (const [i, litres] of wanted.entries()) {
    const at = from + i;
    // what the birds drink, and what brings the drinkers up again
    const asked = litres + (ownL - inDrinkersL);
    stepDay(state, store, days.meanC[at] ?? 0, days.rainMm[at] ?? 0, asked, day);
    const there = inDrinkersL + day.drawnL;
    const lacks = Math.max(0, litres - there);
    inDrinkersL = Math.max(0, there - litres);
    if (lacks > 1e-9) missingL += lacks;
    else if (missingL === 0) served++;
  }
  return { days: served, missingL };
}

/** The largest barrel that is looked for, L. Source: domain notes, "Settled", 35. */
export const MOST_BARREL_L = 3000;
/** The largest roof that is looked for, m². */
const MOST_ROOF_M2 = 500;

/**
 * The smallest barrel that serves this share of the days, to the litre.
 * @param share  0…1
 * @example barrelFor({ meanC: new Float64Array(730).fill(9), rainMm: new Float64Array(730).fill(9) }, rainStore, 0.99) // 2
 * @returns null where not even the largest one does
 */
export function barrelFor(days: RainDays, store: RainStore, share: number): number | null {
  const serves = (barrelL: number): boolean =>
    runBarrel(days, { ...store, barrelL }).reliability >= share - 1e-12;
  if (!serves(MOST_BARREL_L)) return null;
  let [low, high] = [0, MOST_BARREL_L];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (serves(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/**
 * The smallest roof that serves this share of the days with this barrel, to a tenth of a square metre.
 * @param share  0…1
 * @example roofFor({ meanC: new Float64Array(730).fill(9), rainMm: new Float64Array(730).fill(9) }, rainStore, 0.99) // 0.3
 * @returns m²; null where no roof does: the barrel is too small
 */
export function roofFor(days: RainDays, store: RainStore, share: number): number | null {
  const serves = (tenths: number): boolean =>
    runBarrel(days, { ...store, roofM2: tenths / 10 }).reliability >= share - 1e-12;
  if (!serves(MOST_ROOF_M2 * 10)) return null;
  let [low, high] = [0, MOST_ROOF_M2 * 10];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (serves(middle)) high = middle;
    else low = middle;
  }
  return high / 10;
}

/** Which of the counted years is dry, middling and wet: the third, the middle and the third from the last by its rain. */
export function pickedYears({ years }: Pick<BarrelRun, 'years'>): {
  readonly dry: number;
  readonly middle: number;
  readonly wet: number;
} {
  const order = years
    .map((y, i) => ({ i, came: y.inL }))
    .sort((a, b) => a.came - b.came || a.i - b.i);
  const at = (rank: number): number => order[Math.max(0, Math.min(order.length - 1, rank))]?.i ?? 0;
  return {
    dry: at(Math.min(2, order.length - 1)),
    middle: at(Math.floor(order.length / 2)),
    wet: at(order.length - 3),
  };
}
