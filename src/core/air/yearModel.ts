import type { FlockByDay } from '../birds/flock';
import { type BirdsHeat, birdsHeat } from '../birds/flockHeat';
import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { WeatherHours } from '../weather/hours';
import { monthOfDay, YEAR_DAYS } from '../weather/yearCurve';
import { draughtReach } from './draughtReach';
import { WALL_DEG } from './house';
import { panesIn, planHouse } from './planHouse';
import { roofDropOf } from './shellHeat';
import { frontDegOf, sunFaces, sunGain } from './sunGain';
import { cpTable, windHere } from './windPressure';
import type { AmmoniaModel, YearModel } from './year';

/** How a coop is kept through the year, beside what its plan says. */
export interface Keeping {
  /** State of each month, a state a part of the day: shares of the openings by id; left out: as fixed, and shut. */
  readonly shares: (id: string, month: number, isNight: boolean) => number;
  /** Whether birds stay in by day, by month. */
  readonly shutIn: (month: number) => boolean;
  readonly heaterW: number;
}

const MONTHS = 12;

/**
 * The model of a plan's year, with the birds of the horizon's days.
 * @param weather  hours of one year or more
 */
export function yearModel(
  plan: Plan,
  flock: FlockByDay,
  weather: WeatherHours,
  keeping: Keeping,
): YearModel {
  const house = planHouse(plan);
  const fromMostly = WALL_DEG[plan.site.windFrom ?? 'front'];
  const frontDeg = frontDegOf(plan);
  const isDark = (hourOfYear: number): boolean => (weather.sun.sinHeight[hourOfYear] ?? 0) <= 0;
  const states = new Float64Array(2 * MONTHS * house.openings.length);
  for (let s = 0; s < 2 * MONTHS; s++) {
    house.openings.forEach((o, j) => {
      states[s * house.openings.length + j] = o.leak
        ? 1
        : keeping.shares(o.id, s >> 1, (s & 1) === 1);
    });
  }
  return {
    house,
    weather,
    windShare: windHere(plan, 1),
    windTurnDeg: weather.windFrom === 'mostly' ? fromMostly : -frontDeg,
    cp: cpTable(house.openings),
    sunW: sunGain(sunFaces(plan.shell, panesIn(plan), plan.site.treesOver), weather, frontDeg),
    heaterW: keeping.heaterW,
    birds: birdsOfYear(flock),
    insideByDay: Float64Array.from({ length: YEAR_DAYS }, (_, d) =>
      keeping.shutIn(monthOfDay(d)) ? 1 : ruled('air.inside.day'),
    ),
    states,
    stateOf: Uint8Array.from(
      { length: YEAR_DAYS * 24 },
      (_, i) => 2 * monthOfDay((i / 24) | 0) + (isDark(i) ? 1 : 0),
    ),
    reach: draughtReach(plan, house),
    ammonia: ammoniaOf(plan),
    roofDrop: roofDropOf(plan.shell),
  };
}

/** Those that live here on each day of a year: of the years of the horizon the one in which they are most. */
function birdsOfYear(flock: FlockByDay): BirdsHeat[] {
  const none: BirdsHeat = { layerW: 0, meatW: 0, hens: 0 };
  const year = Array<BirdsHeat>(YEAR_DAYS).fill(none);
  flock.horizon.dayOfYear.forEach((ofYear, d) => {
    const living = birdsHeat(flock, d);
    const most = year[ofYear] ?? none;
    if (living.layerW + living.meatW > most.layerW + most.meatW) year[ofYear] = living;
  });
  return year;
}

/** Ammonia by how litter is kept. Source: domain notes, "Ammonia" (uncertain by a factor of two). */
export function ammoniaOf({ litter }: Pick<Plan, 'litter'>): AmmoniaModel {
  if (litter.school !== 'deep') return { perHenG: ruled('air.ammonia.scraped'), leastC: null };
  return litter.turned
    ? { perHenG: ruled('air.ammonia.turned'), leastC: ruled('air.ammonia.turned.least') }
    : { perHenG: ruled('air.ammonia.wet'), leastC: ruled('air.ammonia.wet.least') };
}
