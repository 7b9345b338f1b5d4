import type { Assessment } from '../assessment';
import type { Plan } from '../model/schema';
import { capacityL, drinkersOf } from '../stations/vessels/vessels';
import { designFrostC } from '../stations/water/frost';
import { barrelOptions, type FrostOption, frostOptions } from '../stores/frost/compare';
import { generateHours } from '../weather/hours';
import { weatherNormals } from '../weather/normals';

/** Years of hours that a winter's energy is the mean of, and their seed. */
const FROST_YEARS = 10;
const SEED = 20_261;
/** The rain barrel's own id among the drinkers. */
export const BARREL_ID = 'rain-barrel';

/** Ways to keep each drinker open through the winters of a plan's place. */
export function frostWays(
  plan: Plan,
  { flock }: Pick<Assessment, 'flock'>,
): { id: string; options: FrostOption[] }[] {
  const air = designFrostC({ flock });
  const { climate } = flock;
  if (air === null || climate === null) return [];
  const { tempC } = generateHours(weatherNormals(climate), FROST_YEARS, SEED);
  const ways = drinkersOf(plan).map((v) => ({
    id: v.id,
    options: frostOptions(v, capacityL(v), plan, air, tempC),
  }));
  return plan.rain === null
    ? ways
    : [...ways, { id: BARREL_ID, options: barrelOptions(plan.rain, air, tempC) }];
}
