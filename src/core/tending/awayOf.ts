import { assess } from '../assess';
import type { Assessment } from '../assessment';
import { isReached } from '../birds/vesselReach';
import { zonePlan } from '../edit/zones';
import { outsideCode } from '../geometry/outside';
import { dayNumber } from '../kernel/units/day';
import type { Plan, Vessel } from '../model/schema';
import { ZONES } from '../model/scope';
import { capacityL, contentsKg, drinkersOf, feedersOf, wasteOf } from '../stations/vessels/vessels';
import {
  type Away,
  type AwayAsk,
  type AwayWeather,
  away,
  drinkableL,
  eatableKg,
  joined,
} from '../stores/away/away';
import { isOnBarrel } from '../stores/frost/open';
import { RAIN_YEARS, rainDays, storeOf } from '../stores/rain/outlook';
import { generateHours } from '../weather/hours';
import { weatherNormals } from '../weather/normals';

/** Hours that frost is looked for in: as many years as the rain's. */
const SEED = 20_261;

/**
 * What birds take while nobody looks after them.
 * @param leaves  first day away, YYYY-MM-DD
 * @param back    the day of coming back, YYYY-MM-DD, after it
 */
export function askAway(
  plan: Plan,
  { flock, figures }: Assessment,
  leaves: string,
  back: string,
): AwayAsk {
  const board = figures.get('roosts.board.days');
  const { thick, thickness } = board?.parts ?? {};
  // what nobody gets at, or what lies outside the shell, serves nobody
  const d = dayNumber(leaves) - flock.horizon.first;
  const masses = flock.columns.flatMap((c) => ((c.living[d] ?? 0) > 0 ? [c.massKg[d] ?? 0] : []));
  const serves = (v: Vessel): boolean =>
    outsideCode(v, plan) === null &&
    (masses.length === 0 || masses.some((kg) => isReached(v, plan, kg)));
  return {
    plan,
    flock,
    leaves: dayNumber(leaves),
    back: dayNumber(back),
    feedKg: eatableKg(feedersOf(plan).filter(serves), contentsKg, wasteOf),
    waterL: drinkableL(drinkersOf(plan).filter(serves), capacityL),
    litresOf: capacityL,
    boardDays:
      typeof thick === 'number' && typeof thickness === 'number' ? thick / thickness : null,
  };
}

/** Thirty years of the place's weather, for rain and for frost. */
export function awayWeather(plan: Plan, { flock }: Pick<Assessment, 'flock'>): AwayWeather {
  const days = rainDays(flock);
  const store = storeOf(plan, flock);
  const { climate } = flock;
  return {
    rain: days && store ? { days, store } : null,
    hours: climate && generateHours(weatherNormals(climate), RAIN_YEARS, SEED),
  };
}

/**
 * How long the birds of a plan can be left over some dates, worked from the day of leaving. In a parted coop the birds
 * of one zone do not get at what stands in the other: each is worked by itself, and the worse of the two is told.
 */
export function awayOf(plan: Plan, leaves: string, back: string): Away {
  const assessment = assess(plan, { on: leaves });
  const one = (own: Plan, of: Assessment): Away =>
    away(askAway(own, of, leaves, back), awayWeather(own, of));
  const { zones } = assessment;
  if (zones === null) return one(plan, assessment);
  const own = ZONES.map((id) => ({ plan: zonePlan(plan, id), assessment: zones[id] }));
  const lived = own.filter((z) => z.plan.flock.length > 0);
  if (lived.length === 0) return one(plan, assessment);
  const hang = lived.filter((z) =>
    z.plan.fixtures.some((f) => f.kind === 'drinker' && isOnBarrel(f, plan)),
  );
  const apart = lived.map((z) => one(z.plan, z.assessment));
  // two zones on one barrel drink it together
  return hang.length > 1 ? joined(apart, one(plan, assessment)) : joined(apart, null);
}
