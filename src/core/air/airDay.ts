import type { FlockByDay } from '../birds/flock';
import { birdsHeat, fullestDay } from '../birds/flockHeat';
import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Climate } from '../weather/climate';
import { type DesignDay, designDay } from '../weather/designHours';
import { weatherNormals } from '../weather/normals';
import { airDensity, overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import { bareOf, hourIn } from './bare';
import { draughtReach } from './draughtReach';
import { AIR_CP, type HourOut, solverOf } from './hour';
import type { House } from './house';
import { planHouse } from './planHouse';
import { seasonShares } from './seasonShares';
import { roofC, roofDropOf } from './shellHeat';
import { shutInOf } from './shutIn';
import { cpOfWind } from './windPressure';

/** What flows through one opening, as outdoor air, L/s; what flows both ways has both. */
export interface Flow {
  readonly id: string;
  readonly inLS: number;
  readonly outLS: number;
}

/** One hour of a design day in a coop, as it can be drawn. */
export interface AirMoment {
  /** 0…23, by the sun. */
  readonly hour: number;
  readonly isNight: boolean;
  readonly outC: number;
  /** Over water, 0…1. */
  readonly outRh: number;
  readonly windMS: number;
  readonly tiC: number;
  readonly rh: number;
  /** Through each opening that somebody made, and through all gaps together. */
  readonly flows: readonly Flow[];
  readonly gaps: Flow;
  /** Where in still air neither in nor out is driven, m above the bare floor; null where that is not in the coop. */
  readonly neutralM: number | null;
  readonly roofDew: boolean;
  readonly settlesKgH: number;
  /** At the nearest sleeping bird, m/s. */
  readonly roostMS: number;
  /** The balance: heat of birds and sun, W, of shell and air, W/K. */
  readonly birdsW: number;
  readonly sunW: number;
  readonly lossWK: number;
  readonly airWK: number;
}

const SLIGHT_K = 0.02;
const G = 9.80665;

/**
 * The hours of the design day in a coop, with its openings as they stand in that season: at night all birds are in, by
 * day the share that lays or shelters.
 */
export function airDay(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  which: DesignDay,
): AirMoment[] {
  const house = planHouse(plan);
  const solver = solverOf(house);
  const cp = cpOfWind(plan, house);
  const reach = draughtReach(plan, house);
  const bare = bareOf(plan, birdsHeat(flock, fullestDay(flock)));
  const drop = roofDropOf(plan.shell);
  const isShutIn = shutInOf(plan, climate);
  const hours = designDay(weatherNormals(climate), climate.design, which);
  return hours.map((design): AirMoment => {
    const isNight = design.sinHeight <= 0;
    const whole = hourIn(bare, design, isNight);
    const inside = isNight || isShutIn(design.month) ? 1 : ruled('air.inside.day');
    const hour = { ...whole, layerW: whole.layerW * inside, meatW: whole.meatW * inside };
    const { shares } = seasonShares(plan, house, which === 'hot', isNight);
    const out = solver.solve(hour, cp, 0, shares);
    const vapour = vapourPa(out.wIn, hour.pressurePa);
    const rho = airDensity(hour.outC, hour.pressurePa);
    return {
      hour: design.hour,
      isNight,
      outC: hour.outC,
      outRh: vapourPa(hour.outW, hour.pressurePa) / overWaterPa(hour.outC),
      windMS: hour.windMS,
      tiC: out.tiC,
      rh: vapour / overWaterPa(out.tiC),
      ...flowsOf(house, out, rho),
      neutralM: neutralM(out, hour.outC, hour.pressurePa, plan.shell.roof.highM),
      roofDew: vapour > saturationPa(roofC(out.tiC, hour.outC, drop, isNight)),
      settlesKgH: out.condensedKgS * 3600,
      roostMS: roostMS(house, out, shares, reach, rho),
      birdsW: out.sensibleW,
      sunW: hour.otherW,
      lossWK: house.uaWK,
      airWK: out.airKgS * AIR_CP,
    };
  });
}

function flowsOf({ openings }: House, out: HourOut, rho: number) {
  const of = (j: number, id: string): Flow => ({
    id,
    inLS: ((out.inKgS[j] ?? 0) / rho) * 1000,
    outLS: ((out.outKgS[j] ?? 0) / rho) * 1000,
  });
  const all = openings.map((o, j) => ({ o, flow: of(j, o.id) }));
  const gaps = all.filter(({ o }) => o.leak).map(({ flow }) => flow);
  const sum = (way: 'inLS' | 'outLS'): number => gaps.reduce((total, g) => total + g[way], 0);
  return {
    flows: all.filter(({ o }) => !o.leak).map(({ flow }) => flow),
    gaps: { id: 'gaps', inLS: sum('inLS'), outLS: sum('outLS') },
  };
}

/** Height at which inside and outside press alike, wind apart. */
function neutralM(out: HourOut, outC: number, air: number, topM: number): number | null {
  if (Math.abs(out.tiC - outC) < SLIGHT_K) return null;
  const z = out.pPa / ((airDensity(out.tiC, air) - airDensity(outC, air)) * G);
  return z > 0 && z < topM ? z : null;
}

/** The fastest air at the sleeping birds, of all openings. */
function roostMS(
  house: House,
  out: HourOut,
  shares: Float64Array,
  reach: Float64Array,
  rho: number,
): number {
  let most = 0;
  for (let j = 0; j < shares.length; j++) {
    const open = (shares[j] ?? 0) * (house.netM2[j] ?? 0);
    if (open > 0) most = Math.max(most, ((reach[j] ?? 0) * (out.inKgS[j] ?? 0)) / open / rho);
  }
  return most;
}
