import type { FlockByDay } from '../birds/flock';
import type { Plan } from '../model/schema';
import type { Climate } from '../weather/climate';
import { DAY_HOURS, generateHours, YEAR_HOURS } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import { isDraughty } from './draughty';

import { feltC } from './indicators';
import { shutInOf } from './shutIn';
import { isFrosty, type Tender, tenderOf } from './tender';
import { stepperOf, workHours, type YearColumns, type YearModel, yearColumns } from './year';
import { type Keeping, yearModel } from './yearModel';

/** Something counted in each of many years: the least, the middle and the most. */
export interface Spread {
  readonly least: number;
  readonly middle: number;
  readonly most: number;
}

/** What many years may bring, with the openings kept as in the typical year. */
export interface Extremes {
  readonly years: number;
  /** Inside, the coldest and the hottest hour of all, °C. */
  readonly coldestC: number;
  readonly hottestC: number;
  /** Nights in a year in which frost bites combs, days on which birds are in danger of the heat, nights on which water settles. */
  readonly frostNights: Spread;
  readonly hotDays: Spread;
  readonly dripNights: Spread;
  /** Most hot days, and most frost nights, on end. */
  readonly hotRun: number;
  readonly frostRun: number;
}

/** Years worked, and what their weather is drawn by. */
const [YEARS, SEED] = [20, 2003];
/** So much water is some, kg/s; below this no heat index is dangerous, °C. */
const [DRIPS_KG_S, NEVER_HOT_C] = [1e-9, 20];

/**
 * Works twenty years of weather.
 * @param shares  how openings are kept: as the calendar has them
 * @returns       steps that tell how much is done, 0…1, and at the end what the years bring
 */
export function* airExtremes(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  shares: Keeping['shares'],
): Generator<number, Extremes> {
  const weather = generateHours(weatherNormals(climate), YEARS, SEED);
  const keeping = { shares, shutIn: shutInOf(plan, climate), heaterW: 0 };
  const model = yearModel(plan, flock, weather, keeping);
  const hours = weather.tempC.length;
  const columns = yearColumns(hours);
  const stepper = stepperOf(model);
  for (let from = 0; from < hours; from += YEAR_HOURS) {
    workHours(model, stepper, columns, from, from + YEAR_HOURS);
    yield (from + YEAR_HOURS) / hours;
  }
  return extremesOf(model, columns, tenderOf(flock));
}

/** What the years of some columns bring. */
export function extremesOf(model: YearModel, columns: YearColumns, tender: Tender): Extremes {
  const days = columns.tiC.length / DAY_HOURS;
  const years = Math.round(columns.tiC.length / YEAR_HOURS);
  const [frosty, hot, drips] = [new Uint8Array(days), new Uint8Array(days), new Uint8Array(days)];
  let [coldestC, hottestC] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (let i = 0; i < columns.tiC.length; i++) {
    const day = (i / DAY_HOURS) | 0;
    const tiC = columns.tiC[i] as number;
    coldestC = Math.min(coldestC, tiC);
    hottestC = Math.max(hottestC, tiC);
    const rh = columns.rh[i] as number;
    if (isFrosty(tender, tiC, rh, isDraughty(model, columns, i))) frosty[day] = 1;
    if ((columns.condensedKgS[i] as number) > DRIPS_KG_S) drips[day] = 1;
    if (tiC <= NEVER_HOT_C) continue;
    const air = model.weather.pressurePa[i] as number;
    if (feltC(tiC, columns.humRatio[i] as number, air) >= tender.heatC[1]) hot[day] = 1;
  }
  return {
    years,
    coldestC,
    hottestC,
    frostNights: spreadOf(frosty, years),
    hotDays: spreadOf(hot, years),
    dripNights: spreadOf(drips, years),
    hotRun: longestRun(hot),
    frostRun: longestRun(frosty),
  };
}

/** How many days of each year are marked. */
function spreadOf(marked: Uint8Array, years: number): Spread {
  const days = marked.length / years;
  const counts = Array.from({ length: years }, (_, y) =>
    marked.subarray(y * days, (y + 1) * days).reduce((sum, one) => sum + one, 0),
  ).sort((a, b) => a - b);
  return {
    least: counts[0] ?? 0,
    middle: counts[years >> 1] ?? 0,
    most: counts.at(-1) ?? 0,
  };
}

/** The most marked days on end. */
function longestRun(marked: Uint8Array): number {
  let [run, most] = [0, 0];
  for (const one of marked) {
    run = one === 1 ? run + 1 : 0;
    most = Math.max(most, run);
  }
  return most;
}
