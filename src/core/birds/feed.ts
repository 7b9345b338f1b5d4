import { ruled } from '../rules/rules.data';
import type { Lot } from './lots';

/** Metabolisable energy of feeds, kcal/kg. Source: keepers (bags). */
export const FEED_ENERGY = {
  starter: ruled('feed.energy.starter'),
  grower: ruled('feed.energy.grower'),
  layer: ruled('feed.energy.layer'),
  meat: ruled('feed.energy.meat'),
} as const;
export type FeedKind = keyof typeof FEED_ENERGY;

/** Where a bird lives is held within this for feed, °C. */
export const FEED_RANGE_C = [ruled('feed.coldest'), ruled('feed.warmest')] as const;

const KCAL_PER_G_GROWN = ruled('feed.gain');
const KCAL_PER_G_GROWING = ruled('feed.gain.growing');

/** Energy that a gram of growth asks for, kcal. */
export const kcalPerGram = (growing: boolean): number =>
  growing ? KCAL_PER_G_GROWING : KCAL_PER_G_GROWN;

/** Grown birds never eat less than at this warmth, °C. */
const GROWN_WARMEST_C = ruled('feed.warmest.grown');

/**
 * Where a bird lives, held within what the formula is good for, °C: grown birds' intake falls no further from 30 °C on.
 * @example heldForFeedC(41, false) // 30
 */
export const heldForFeedC = (airC: number, growing: boolean): number =>
  Math.min(growing ? FEED_RANGE_C[1] : GROWN_WARMEST_C, Math.max(FEED_RANGE_C[0], airC));

const KCAL_PER_G_EGG = ruled('feed.egg');
/** For upkeep at 0 °C, and less for each degree, kcal per kg^0.75. */
const [UPKEEP_KCAL, LESS_KCAL] = [ruled('feed.upkeep'), ruled('feed.upkeep.less')];

/**
 * Energy a bird asks for in a day, kcal.
 * @param massKg   live mass, kg
 * @param airC     mean temperature where she lives, °C; held within −25…35, grown birds −25…30
 * @param gainG    growth, g a day
 * @param growing  growing birds put on flesh more cheaply: 3.0 instead of 5.5 kcal/g
 * @param eggG     egg mass laid, g a day
 * @source         nrc-1994: laying hens
 * @example energyKcal(2.2, 20, 0, false, 50) // 345.56
 */
export const energyKcal = (
  massKg: number,
  airC: number,
  gainG: number,
  growing: boolean,
  eggG: number,
): number => energyOfKcal(massKg ** 0.75, airC, gainG, growing, eggG);

/**
 * `energyKcal` where mass^0.75 is known already.
 * @param metabolicMass  live mass to the power 0.75, kg^0.75
 * @example energyOfKcal(2.2 ** 0.75, 20, 0, false, 50) // 345.56
 */
export function energyOfKcal(
  metabolicMass: number,
  airC: number,
  gainG: number,
  growing: boolean,
  eggG: number,
): number {
  const t = heldForFeedC(airC, growing);
  const perGram = kcalPerGram(growing);
  return metabolicMass * (UPKEEP_KCAL - LESS_KCAL * t) + perGram * gainG + KCAL_PER_G_EGG * eggG;
}

/** Weeks of age and feed, g a bird a day, of a pullet that will weigh 2.0 kg. Source: keepers (rearers' tables). */
export const PULLET_TABLE: readonly (readonly [week: number, gramsDay: number])[] = [
  [1, 13],
  [2, 20],
  [3, 25],
  [4, 30],
  [6, 42],
  [8, 51],
  [10, 58],
  [12, 64],
  [14, 70],
  [16, 76],
  [18, 84],
];
const PULLET_KG = ruled('feed.pullet');

/** Least that any other growing bird eats, kg per kg^0.75 a day. */
const LEAST_PER_MASS = ruled('feed.least');

/**
 * The rearers' table for one day of a layer pullet's life, kg.
 * Between the weeks it names it runs straight; after the eighteenth it stays.
 * @param day      days from hatch
 * @param adultKg  what she will weigh grown
 * @example pulletTableKg(70, 2) // 0.061
 */
export function pulletTableKg(day: number, adultKg: number): number {
  const week = Math.floor(day / 7) + 1;
  const last = PULLET_TABLE[PULLET_TABLE.length - 1] ?? [18, 84];
  const above = PULLET_TABLE.findIndex(([w]) => w >= week);
  const [w1, g1] = PULLET_TABLE[above] ?? last;
  const [w0, g0] = PULLET_TABLE[above - 1] ?? [w1, g1];
  const grams = above < 0 || w1 === w0 ? g1 : g0 + ((g1 - g0) * (week - w0)) / (w1 - w0);
  return ((grams / 1000) * adultKg) / PULLET_KG;
}

/**
 * Least feed of a growing bird that the pullet table is not for, kg a day. Grown birds go by the formula alone.
 * @param metabolicMass  mass^0.75, kg^0.75
 * @source               wide-rafter (assumption)
 * @example leastFeedKg(2.2 ** 0.75) // 0.10838
 */
export const leastFeedKg = (metabolicMass: number): number => LEAST_PER_MASS * metabolicMass;

const STARTER_TO_DAYS = ruled('feed.starter.days');
const LAYER_FEED_BEFORE_DAYS = ruled('feed.layer.before');

/**
 * What a lot is fed at an age.
 * @param toLay days until the point of lay; null for birds that do not lay
 * @example feedKindOf({ ...lot, breed: { ...lot.breed, kind: 'chicken' } }, 130, 10) // 'layer'
 */
export function feedKindOf(lot: Lot, ageDays: number, toLay: number | null): FeedKind {
  if (lot.breed.kind === 'meat') return 'meat';
  if (ageDays < STARTER_TO_DAYS) return 'starter';
  return toLay !== null && toLay <= LAYER_FEED_BEFORE_DAYS ? 'layer' : 'grower';
}
