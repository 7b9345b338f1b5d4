import { ruled } from '../rules/rules.data';

/** Parts of water to one of feed. */
export const PARTS_OF_FEED = ruled('water.ofFeed');
const PER_DEGREE = ruled('water.perKelvin');
const WARM_FROM_C = ruled('water.warmFrom');
const MOST_IN_HEAT = ruled('water.most');
/** A duck drinks so many times as much. */
export const DUCK_TIMES = ruled('water.duck');

/**
 * Water a bird drinks in a day, L.
 * @param feedKg    feed a day without waste, kg
 * @param feltC     the day's mean where she lives with 40 % of the way to its maximum added, °C
 * @source          keepers: two parts of water to one of feed at 21 °C, some 7 % more a degree above it
 * @example         waterL(0.12, 31, false) // 0.449
 */
export function waterL(feedKg: number, feltC: number, duck: boolean): number {
  return feedKg * PARTS_OF_FEED * warmTimes(feltC) * (duck ? DUCK_TIMES : 1);
}

/**
 * How many times as much is drunk for warmth: 7 % more a degree above 21 °C, three times at most.
 * @example warmTimes(31) // 1.9672
 */
export const warmTimes = (feltC: number): number =>
  Math.min(MOST_IN_HEAT, PER_DEGREE ** Math.max(0, feltC - WARM_FROM_C));

const TO_THE_MOST = ruled('water.felt');

/**
 * The temperature that drinking goes by: the day's mean with 40 % of the way to its maximum added, °C.
 * @example feltC(20, 30) // 24
 */
export const feltC = (meanC: number, maxC: number): number => meanC + TO_THE_MOST * (maxC - meanC);
