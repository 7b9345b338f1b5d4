import { REFERENCE_HEN_KG } from '../model/classes.data';
import { ruled } from '../rules/rules.data';
import type { Climate } from '../weather/climate';
import {
  energyOfKcal,
  FEED_ENERGY,
  type FeedKind,
  feedKindOf,
  leastFeedKg,
  pulletTableKg,
} from './feed';
import { gainKg, grownOnDay, massKg } from './growth';
import { birdHeat, heatOfW } from './heat';
import {
  ageFactor,
  bestRate,
  broodyFactor,
  leastLightOf,
  lightFactor,
  moultFactor,
  YOUNG_LEAST_LIGHT,
} from './laying';
import type { Lot } from './lots';
import { firstMoult, inMoultSeason } from './moult';
import { feltC, waterL } from './water';

/** Days of the horizon, and the day of the year of each. */
export interface Horizon {
  /** Day number of the first, and how many there are. */
  readonly first: number;
  readonly length: number;
  /** 0…364, a value a day of the horizon. */
  readonly dayOfYear: Int16Array;
}

/** What one bird of a lot is and asks, day by day; `living` and `here` count the lot's birds. */
export interface LotDays {
  /** Birds living in the coop. */
  readonly living: Float64Array;
  /** Birds on the place: in the coop or in the brooder. */
  readonly here: Float64Array;
  readonly massKg: Float64Array;
  /** (mass/2.2)^(2/3) and ^(1/3): what scaled rules are multiplied by. */
  readonly areaFactor: Float64Array;
  /** 0 for birds that take no bar: ducks, and chicks under eight weeks. */
  readonly lengthFactor: Float64Array;
  /** 1 where a hen is in lay, past the point of lay. */
  readonly inLay: Float64Array;
  /** Eggs a hen a day. */
  readonly eggs: Float64Array;
  /** Without waste. */
  readonly feedKg: Float64Array;
  readonly waterL: Float64Array;
  readonly heatW: Float64Array;
  readonly vapourKgDay: Float64Array;
}

/** Chicks take no bar before this age. */
const ROOSTS_FROM_DAYS = ruled('flock.barFrom');
/** Taken where no climate is set, °C. */
export const NO_CLIMATE_C = ruled('flock.noClimate');
const BROODER_FIRST_WEEK_C = ruled('brooder.comfort.first');
const BROODER_LESS_A_WEEK_C = ruled('brooder.comfort.lessWeek');
const BROODER_LEAST_C = ruled('brooder.comfort.least');
const LONG_DAY_H = 12;

/**
 * Comfort temperature in the brooder at an age, °C. Source: keepers.
 * @example brooderC(15) // 29.4
 */
export const brooderC = (days: number): number =>
  Math.max(BROODER_LEAST_C, BROODER_FIRST_WEEK_C - BROODER_LESS_A_WEEK_C * Math.floor(days / 7));

/** Everything one bird's feed follows from on a day; the figures' workings show these. */
export interface BirdDay {
  readonly ageDays: number | null;
  readonly massKg: number;
  readonly gainG: number;
  readonly growing: boolean;
  readonly placeC: number;
  readonly feltC: number;
  readonly best: number;
  readonly byAge: number;
  /** Hours of light; null without a climate. */
  readonly lightH: number | null;
  readonly byHours: number;
  readonly leastLight: number;
  readonly byLight: number;
  readonly byMoult: number;
  readonly byBrood: number;
  readonly eggs: number;
  readonly eggG: number;
  readonly feedKind: FeedKind;
  readonly askedKcal: number;
  readonly leastKg: number;
  readonly feedKg: number;
  readonly waterL: number;
}

/** What a bird is on a day, whatever the weather. */
interface Body {
  readonly massKg: number;
  /** mass^0.75. */
  readonly metabolic: number;
  readonly gainG: number;
  readonly growing: boolean;
}

function bodyOf(lot: Lot, ageDays: number | null): Body {
  const { curve } = lot;
  const mass = curve === null || ageDays === null ? lot.massKg : massKg(curve, ageDays);
  const growing = curve !== null && ageDays !== null && mass < lot.massKg;
  const gainG = growing ? gainKg(curve, ageDays, mass) * 1000 : 0;
  return { massKg: mass, metabolic: mass ** 0.75, gainG, growing };
}

/**
 * One bird of a lot on one day, worked in full.
 * @param dayNo    day number
 * @param yearDay  its day of the year, 0…364
 * @example birdDay(lot, flock.horizon.first, 0, null).feltC // 20
 */
export function birdDay(
  lot: Lot,
  dayNo: number,
  yearDay: number,
  climate: Climate | null,
): BirdDay {
  const body = bodyOf(lot, lot.bornOn === null ? null : dayNo - lot.bornOn);
  return workDay(lot, body, dayNo, yearDay, climate, firstMoult(lot, climate));
}

function workDay(
  lot: Lot,
  body: Body,
  dayNo: number,
  yearDay: number,
  climate: Climate | null,
  moultsFrom: number,
): BirdDay {
  const ageDays = lot.bornOn === null ? null : dayNo - lot.bornOn;
  const indoors = ageDays !== null && dayNo < lot.arrivesOn;
  const outC = climate?.meanC[yearDay] ?? NO_CLIMATE_C;
  const placeC = indoors ? brooderC(ageDays) : outC;
  const felt = indoors || climate === null ? placeC : feltC(outC, climate.maxC[yearDay] ?? outC);
  const lay = layingOn(lot, dayNo, yearDay, climate, moultsFrom);
  const eggG = lay.eggs * lot.breed.eggKg * 1000;
  const toLay = lot.laysFrom === null ? null : lot.laysFrom - dayNo;
  const feedKind = feedKindOf(lot, ageDays ?? Number.POSITIVE_INFINITY, toLay);
  const askedKcal = energyOfKcal(body.metabolic, placeC, body.gainG, body.growing, eggG);
  const pullet =
    ageDays !== null &&
    lot.breed.growth === 'layer' &&
    lot.sex === 'hen' &&
    toLay !== null &&
    toLay > 0;
  const leastKg = pullet
    ? pulletTableKg(ageDays, lot.massKg)
    : body.growing
      ? leastFeedKg(body.metabolic)
      : 0;
  const feedKg = Math.max(leastKg, askedKcal / FEED_ENERGY[feedKind]);
  return {
    ageDays,
    massKg: body.massKg,
    gainG: body.gainG,
    growing: body.growing,
    placeC,
    feltC: felt,
    best: lay.best,
    byAge: lay.byAge,
    lightH: lay.lightH,
    byHours: lay.byHours,
    leastLight: lay.leastLight,
    byLight: lay.byLight,
    byMoult: lay.byMoult,
    byBrood: lay.byBrood,
    eggs: lay.eggs,
    eggG,
    feedKind,
    askedKcal,
    leastKg,
    feedKg,
    waterL: waterL(feedKg, felt, lot.kind === 'duck'),
  };
}

/**
 * A lot's life over the horizon, a value a day.
 * Grown birds are worked anew only where weather, light or age asks for it.
 */
export function lotDays(lot: Lot, horizon: Horizon, climate: Climate | null): LotDays {
  const column = (): Float64Array => new Float64Array(horizon.length);
  const days: LotDays = {
    living: column(),
    here: column(),
    massKg: column(),
    areaFactor: column(),
    lengthFactor: column(),
    inLay: column(),
    eggs: column(),
    feedKg: column(),
    waterL: column(),
    heatW: column(),
    vapourKgDay: column(),
  };
  const heatKind = lot.breed.kind === 'meat' ? 'meat' : 'layer';
  const moultsFrom = firstMoult(lot, climate);
  let body: Body | null = null;
  let area = 0;
  let length = 0;
  for (let d = 0; d < horizon.length; d++) {
    const dayNo = horizon.first + d;
    const here = birdsHere(lot, dayNo);
    if (here === 0) continue;
    if (body === null || body.growing) {
      body = bodyOf(lot, lot.bornOn === null ? null : dayNo - lot.bornOn);
      length = Math.cbrt(body.massKg / REFERENCE_HEN_KG);
      area = length * length;
    }
    const bird = workDay(lot, body, dayNo, horizon.dayOfYear[d] ?? 0, climate, moultsFrom);
    const lives = dayNo >= lot.arrivesOn;
    days.here[d] = here;
    days.living[d] = lives ? here : 0;
    days.massKg[d] = bird.massKg;
    days.areaFactor[d] = area;
    days.lengthFactor[d] = takesBar(lot, bird.ageDays) ? length : 0;
    days.inLay[d] = lot.laysFrom !== null && dayNo >= lot.laysFrom ? 1 : 0;
    days.eggs[d] = bird.eggs;
    days.feedKg[d] = bird.feedKg;
    days.waterL[d] = bird.waterL;
    const at20 = heatOfW(body.metabolic, bird.eggG / 1000, heatKind);
    const given = birdHeat(at20, bird.placeC, heatKind, true);
    days.heatW[d] = given.totalW;
    days.vapourKgDay[d] = given.vapourKgH * 24;
  }
  return days;
}

/**
 * Birds of a lot on the place on a day.
 * @example birdsHere(lot, flock.horizon.first) // 6
 */
export function birdsHere(lot: Lot, dayNo: number): number {
  if (dayNo < lot.comesOn || (lot.leavesOn !== null && dayNo >= lot.leavesOn)) return 0;
  return lot.sortedOn !== null && dayNo >= lot.sortedOn ? lot.kept : lot.count;
}

/** Ducks sleep on the floor, and chicks do not go up before eight weeks. */
const takesBar = (lot: Lot, ageDays: number | null): boolean =>
  lot.kind !== 'duck' && (ageDays === null || ageDays >= ROOSTS_FROM_DAYS);

/** Day (number) on which a lot's birds count as grown; null where their age is not known. */
export const grownOn = (lot: Lot): number | null =>
  lot.curve === null || lot.bornOn === null ? null : lot.bornOn + grownOnDay(lot.curve);

const NO_LAY = {
  best: 0,
  byAge: 0,
  lightH: null,
  byHours: 0,
  leastLight: 0,
  byLight: 0,
  byMoult: 0,
  byBrood: 0,
  eggs: 0,
} as const;

function layingOn(
  lot: Lot,
  dayNo: number,
  yearDay: number,
  climate: Climate | null,
  moultsFrom: number,
) {
  if (lot.laysFrom === null || dayNo < lot.laysFrom) return NO_LAY;
  const hours = climate?.daylightH[yearDay];
  const byHours = hours === undefined ? 1 : lightFactor(hours);
  const leastLight = dayNo < moultsFrom ? YOUNG_LEAST_LIGHT : leastLightOf(lot.breed.eggsYear);
  const best = bestRate(lot.breed.eggsYear);
  const byAge = ageFactor(dayNo - lot.laysFrom);
  const byLight = Math.max(leastLight, byHours);
  const byMoult = moultFactor(dayNo >= moultsFrom && inMoultSeason(yearDay, climate));
  const byBrood = broodyFactor(lot.breed.broodiness, hours !== undefined && hours > LONG_DAY_H);
  return {
    best,
    byAge,
    lightH: hours ?? null,
    byHours,
    leastLight,
    byLight,
    byMoult,
    byBrood,
    eggs: best * byAge * byLight * byMoult * byBrood,
  };
}
