import { GRAVITY } from '../kernel/units/physics.data';
import { airDensity, overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import { roostSpeed } from './draughtReach';
import { AIR_CP, type HourIn, type HourOut } from './hour';
import type { House } from './house';
import { roofC } from './shellHeat';

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

/** What of a coop a moment is told by. */
export interface MomentOf {
  readonly house: House;
  /** Of each opening, 0…1. */
  readonly shares: Float64Array;
  /** How much of the speed in its face comes to the nearest sleeping bird (`draughtReach`). */
  readonly reach: Float64Array;
  /** Of the roof's skin (`roofDropOf`), and its highest place, m above the bare floor. */
  readonly roofDrop: number;
  readonly topM: number;
}

/** One hour that was worked, as it can be drawn and told. The solver's answer is read, not kept. */
export function momentOf(
  { house, shares, reach, roofDrop, topM }: MomentOf,
  hour: HourIn,
  out: HourOut,
  at: { readonly hour: number; readonly isNight: boolean },
): AirMoment {
  const vapour = vapourPa(out.wIn, hour.pressurePa);
  const rho = airDensity(hour.outC, hour.pressurePa);
  return {
    hour: at.hour,
    isNight: at.isNight,
    outC: hour.outC,
    outRh: vapourPa(hour.outW, hour.pressurePa) / overWaterPa(hour.outC),
    windMS: hour.windMS,
    tiC: out.tiC,
    rh: vapour / overWaterPa(out.tiC),
    ...flowsOf(house, out, rho),
    neutralM: neutralM(out, hour.outC, hour.pressurePa, topM),
    roofDew: vapour > saturationPa(roofC(out.tiC, hour.outC, roofDrop, at.isNight)),
    settlesKgH: out.condensedKgS * 3600,
    roostMS: roostSpeed(house, out.inKgS, shares, reach, rho),
    birdsW: out.sensibleW,
    sunW: hour.otherW,
    lossWK: house.uaWK,
    airWK: out.airKgS * AIR_CP,
  };
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
  const z = out.pPa / ((airDensity(out.tiC, air) - airDensity(outC, air)) * GRAVITY);
  return z > 0 && z < topM ? z : null;
}
