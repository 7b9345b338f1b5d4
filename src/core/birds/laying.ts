import { ruled } from '../rules/rules.data';

/** Most of the days that any hen lays on. */
const MOST_RATE = ruled('laying.most');
/** Share of the first laying year that the mean hen lays of her best. */
const YEAR_OF_BEST = ruled('laying.yearOfBest');
const RISE_DAYS = ruled('laying.rise');
/** Logistic with 2 % on the first day and 98 % after six weeks. */
const RISE_RATE = (2 * Math.log(49)) / RISE_DAYS;
const AGEING_PER_YEAR = ruled('laying.ageing');
export const MOULT_DAYS = ruled('laying.moult');
const IN_MOULT = ruled('laying.inMoult');
const HALF_LIGHT_H = ruled('laying.light.half');
const LIGHT_RATE = Math.log(19) / (ruled('laying.light.full') - HALF_LIGHT_H);
/** Young hens before their first moult do not fall below this for want of light. */
export const YOUNG_LEAST_LIGHT = ruled('laying.young.least');
/** Lines bred for eggs lay on through short days: from so many eggs a year, not below this. */
const LEAST_LIGHT = [
  [290, ruled('laying.light.least290')],
  [250, ruled('laying.light.least250')],
  [180, ruled('laying.light.least180')],
] as const;
const LEAST_LIGHT_OTHERS = ruled('laying.light.least');

/**
 * Below this a hen does not fall for want of light, in the winters after her first moult.
 * @param eggsYear  of her breed, in the first full year
 * @source          wide-rafter (assumption): lines bred for eggs lay on
 * @example         leastLightOf(310) // 0.45
 */
export const leastLightOf = (eggsYear: number): number =>
  LEAST_LIGHT.find(([from]) => eggsYear >= from)?.[1] ?? LEAST_LIGHT_OTHERS;

/** Cost of broodiness 1…5 in the half-year of long days. */
const BROODY_COST = [
  0,
  ruled('laying.broody.2'),
  ruled('laying.broody.3'),
  ruled('laying.broody.4'),
  ruled('laying.broody.5'),
] as const;

/**
 * Best rate of a breed: eggs in the first full year / 365 / 0.80, at most 0.97. Source: wide-rafter.
 * @example bestRate(290) // 0.97
 */
export const bestRate = (eggsYear: number): number =>
  Math.min(MOST_RATE, eggsYear / 365 / YEAR_OF_BEST);

/**
 * Rise to full lay over six weeks from the point of lay, then fading by age.
 * @param days  days since the point of lay; below 0 she does not lay
 * @example ageFactor(21) // 0.5
 */
export function ageFactor(days: number): number {
  if (days < 0) return 0;
  const rise = 1 / (1 + Math.exp(-RISE_RATE * (days - RISE_DAYS / 2)));
  const yearsSincePeak = Math.max(0, days - RISE_DAYS) / 365.25;
  return rise * Math.exp(-AGEING_PER_YEAR * yearsSincePeak);
}

/**
 * 0.5 at 11.2 hours of light, 0.95 at 13.5.
 * @example lightFactor(11.2) // 0.5
 */
export const lightFactor = (hours: number): number =>
  1 / (1 + Math.exp(-LIGHT_RATE * (hours - HALF_LIGHT_H)));

/** What is left of her laying in the moult. */
export const moultFactor = (moulting: boolean): number => (moulting ? IN_MOULT : 1);

/**
 * What broodiness leaves; only in the half-year of long days.
 * @param broodiness 1…5
 * @example broodyFactor(4, true) // 0.88
 */
export const broodyFactor = (broodiness: number, longDays: boolean): number =>
  1 - (longDays ? (BROODY_COST[broodiness - 1] ?? 0) : 0);
