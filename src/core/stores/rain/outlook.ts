import type { FlockByDay } from '../../birds/flock';
import type { Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { generateWeatherDays } from '../../weather/days';
import { weatherNormals } from '../../weather/normals';
import {
  type BarrelRun,
  barrelFor,
  MOST_BARREL_L,
  pickedYears,
  type RainDays,
  type RainStore,
  roofFor,
  runBarrel,
} from './barrel';
import { drunkByDay, rainStore } from './store';

/** Years that are counted, and the seed that they are drawn by. */
export const RAIN_YEARS = 30;
const SEED = 20_261;
/** Shares of the days that a barrel is looked for. */
export const SERVES = { most: ruled('rain.serves'), nearlyAll: 0.99 } as const;

/** What thirty years of the site's weather make of the barrel as it is, and what others would. */
export interface RainOutlook {
  readonly run: BarrelRun;
  readonly picked: { readonly dry: number; readonly middle: number; readonly wet: number };
  /** The smallest barrel that serves 95 and 99 days in a hundred, L; null where none does. */
  readonly barrel95: number | null;
  readonly barrel99: number | null;
  /** The smallest roof that does with this barrel, m²; with the largest barrel where no barrel does with this roof. */
  readonly roof95: number | null;
  readonly roof99: number | null;
}

/** Thirty-one years of days of a plan's place: the first only fills the barrel; null where the place is not known. */
export function rainDays({ climate }: Pick<FlockByDay, 'climate'>): RainDays | null {
  return climate === null
    ? null
    : generateWeatherDays(weatherNormals(climate), RAIN_YEARS + 1, SEED);
}

/** The rain's store of a plan; null where it collects none. */
export const storeOf = (
  plan: Pick<Plan, 'rain' | 'shell' | 'site'>,
  flock: Pick<FlockByDay, 'totals' | 'horizon' | 'climate'>,
): RainStore | null =>
  plan.rain === null
    ? null
    : rainStore(plan, plan.rain, drunkByDay(flock), flock.climate?.design.winterC ?? null);

/** A barrel through thirty years, and the barrel and roof that would serve. */
export function rainOutlook(days: RainDays, store: RainStore): RainOutlook {
  const run = runBarrel(days, store);
  const barrel95 = barrelFor(days, store, SERVES.most);
  const barrel99 = barrelFor(days, store, SERVES.nearlyAll);
  const largest = { ...store, barrelL: MOST_BARREL_L };
  return {
    run,
    picked: pickedYears(run),
    barrel95,
    barrel99,
    // with this barrel; where no barrel does with this roof, with the largest
    roof95: roofFor(days, barrel95 === null ? largest : store, SERVES.most),
    roof99: roofFor(days, barrel99 === null ? largest : store, SERVES.nearlyAll),
  };
}
