import type { Breed, Growth } from '../model/breeds.data';
import type { BirdClass } from '../model/classes.data';
import { ruled } from '../rules/rules.data';

/** A bird's growth: W(d) = A·exp(−exp(−b·(d − t*))), d in days from hatch. */
export interface GrowthCurve {
  /** A, kg. */
  readonly adultKg: number;
  /** b, 1/day. */
  readonly rate: number;
  /** t*, day of fastest growth. */
  readonly fastestDay: number;
}

/** Share of the adult mass from which a bird counts as grown and is held at it (assumption). */
export const GROWN_SHARE = ruled('growth.grown');

/** Chick at hatch, as a share of the egg. */
const CHICK_OF_EGG = ruled('growth.chickOfEgg');

/** Rate and, where it is not found from the hatch mass, the day of fastest growth. */
const CURVES: Readonly<Record<Growth, { readonly rate: number; readonly fastestDay?: number }>> = {
  layer: { rate: ruled('growth.layer') },
  fastMeat: { rate: ruled('growth.fastMeat'), fastestDay: ruled('growth.fastMeat.day') },
  slowMeat: { rate: ruled('growth.slowMeat'), fastestDay: ruled('growth.slowMeat.day') },
  meatDuck: { rate: ruled('growth.meatDuck'), fastestDay: ruled('growth.meatDuck.day') },
  duck: { rate: ruled('growth.heavyDuck') },
};
const GIANT_RATE = ruled('growth.giant');
const LIGHT_DUCK_RATE = ruled('growth.lightDuck');
const DUCKLING_KG = {
  lightDuck: ruled('growth.duckling.light'),
  heavyDuck: ruled('growth.duckling.heavy'),
};

/**
 * How a bird of a breed grows to her adult mass.
 * @param adultKg  this bird's own adult mass, kg: a cock's or an overridden one too
 * @source         wide-rafter (assumption: Gompertz, fitted to breeders' tables)
 * @example        growthCurve({ growth: 'layer', eggKg: 0.0588 }, 'medium', 2.4).fastestDay // 62.654
 */
export function growthCurve(
  breed: Pick<Breed, 'growth' | 'eggKg'>,
  birdClass: BirdClass,
  adultKg: number,
): GrowthCurve {
  const rate = rateOf(breed.growth, birdClass);
  const fastestDay =
    CURVES[breed.growth].fastestDay ??
    Math.log(Math.log(adultKg / hatchKg(breed, birdClass))) / rate;
  return { adultKg, rate, fastestDay };
}

/**
 * Live mass, kg; the adult mass itself once 99 % of it is reached.
 * @param day  days from hatch, 0 or more
 * @example massKg({ adultKg: 2.4, rate: 0.0225, fastestDay: 62.6 }, 42) // 0.4896
 */
export function massKg({ adultKg, rate, fastestDay }: GrowthCurve, day: number): number {
  const share = Math.exp(-Math.exp(-rate * (day - fastestDay)));
  return share >= GROWN_SHARE ? adultKg : adultKg * share;
}

/**
 * Growth, kg a day: the curve's slope; 0 once grown.
 * @example gainKg({ adultKg: 2.4, rate: 0.0225, fastestDay: 62.6 }, 62.6) // 0.019865
 */
export function gainKg(curve: GrowthCurve, day: number, mass = massKg(curve, day)): number {
  if (mass >= curve.adultKg) return 0;
  return curve.rate * mass * Math.exp(-curve.rate * (day - curve.fastestDay));
}

/** First day from hatch on which the bird counts as grown. */
export const grownOnDay = ({ rate, fastestDay }: GrowthCurve): number =>
  Math.ceil(fastestDay - Math.log(-Math.log(GROWN_SHARE)) / rate);

/**
 * First day from hatch on which a bird weighs so much; null where she never does.
 * @param mass  kg, above 0
 * @example     ageOfMass(growthCurve({ growth: 'layer', eggKg: 0.0588 }, 'medium', 2.4), 0.489) // 43 (on day 42 she is a little lighter)
 */
export function ageOfMass({ adultKg, rate, fastestDay }: GrowthCurve, mass: number): number | null {
  if (mass > adultKg) return null;
  const share = mass / adultKg;
  if (share >= GROWN_SHARE) return grownOnDay({ adultKg, rate, fastestDay });
  return Math.max(0, Math.ceil(fastestDay - Math.log(-Math.log(share)) / rate));
}

function rateOf(growth: Growth, birdClass: BirdClass): number {
  if (growth === 'layer' && birdClass === 'giant') return GIANT_RATE;
  if (growth === 'duck' && birdClass === 'lightDuck') return LIGHT_DUCK_RATE;
  return CURVES[growth].rate;
}

function hatchKg({ growth, eggKg }: Pick<Breed, 'growth' | 'eggKg'>, birdClass: BirdClass): number {
  if (growth === 'duck') return DUCKLING_KG[birdClass === 'lightDuck' ? 'lightDuck' : 'heavyDuck'];
  return CHICK_OF_EGG * eggKg;
}
