import { brooderC } from '../../birds/daily';
import { massKg } from '../../birds/growth';
import type { Lot } from '../../birds/lots';
import { birdSize } from '../../birds/size';
import { isoDay } from '../../kernel/units/day';
import { wholeDown } from '../../kernel/units/number';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import type { Group } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { Climate } from '../../weather/climate';
import { dayOfYear } from '../../weather/climate';
import { YEAR_DAYS } from '../../weather/yearCurve';
import type { StationContext } from '../context';

/** What eggs set come to. */
export interface Hatch {
  readonly eggs: number;
  readonly rate: number;
  /** Chicks that hatch. */
  readonly hatched: number;
  /** Share of them that the group is made of: half of them are cocks unless it takes both. */
  readonly share: number;
  /** Chicks for the group. */
  readonly forGroup: number;
}

/**
 * Chicks to expect of eggs set: three in four of the own flock's, half of those that came by post;
 * half of them are cocks.
 * @source  keepers (domain notes, "Losses and sex")
 * @example hatchOf({ eggsSet: { eggs: 40, posted: false }, sex: 'hen' }) // { eggs: 40, rate: 0.75, hatched: 30, share: 0.5, forGroup: 15 }
 */
export function hatchOf({ eggsSet, sex }: Pick<Group, 'eggsSet' | 'sex'>): Hatch | null {
  if (eggsSet === null) return null;
  const rate = ruled(eggsSet.posted ? 'brooder.hatch.posted' : 'brooder.hatch.home');
  const hatched = wholeDown(eggsSet.eggs * rate);
  const share = sex === 'unsexed' ? 1 : ruled('brooder.hens.share');
  return { eggs: eggsSet.eggs, rate, hatched, share, forGroup: wholeDown(hatched * share) };
}

/** Chicks that hatch together and are reared here. */
export interface Brood {
  readonly groupId: string;
  readonly lot: Lot;
  /** In the box: all that hatch, where eggs are set, or those of the group. */
  readonly chicks: number;
  /** What the eggs set give; null where chicks are bought. */
  readonly hatch: Hatch | null;
  readonly hatchedOn: number;
  readonly movesOn: number;
  /** Age on the last day in the brooder, days. */
  readonly lastDay: number;
  readonly meat: boolean;
}

/** Broods that are in the brooder on some day of the horizon. */
export function broodsOf(ctx: StationContext): Brood[] {
  const { flock } = ctx;
  const { first, length } = flock.horizon;
  const broods: Brood[] = [];
  for (const lot of flock.lots) {
    if (!lot.group.raisedHere || lot.hatchedOn === null || lot.cocksOf) continue;
    const { hatchedOn, arrivesOn } = lot;
    if (arrivesOn <= hatchedOn || arrivesOn < first || hatchedOn >= first + length) continue;
    const hatch = hatchOf(lot.group);
    broods.push({
      groupId: lot.group.id,
      lot,
      chicks: Math.max(lot.group.count, hatch?.hatched ?? 0),
      hatch,
      hatchedOn,
      movesOn: arrivesOn,
      lastDay: arrivesOn - hatchedOn - 1,
      meat: lot.breed.kind === 'meat',
    });
  }
  return broods;
}

/** Floor by age, m² a chick of a medium breed, and of a fast meat bird. Source: keepers. */
export const SPACE_STEPS = [
  { toDay: 14, m2: 0.0464 },
  { toDay: 28, m2: 0.09 },
  { toDay: 42, m2: 0.1393 },
  { toDay: Number.POSITIVE_INFINITY, m2: 0.1858 },
] as const;
export const MEAT_SPACE_STEPS = [
  { toDay: 7, m2: 0.05 },
  { toDay: 14, m2: 0.07 },
  { toDay: 21, m2: 0.09 },
  { toDay: 28, m2: 0.12 },
  { toDay: 42, m2: 0.15 },
  { toDay: Number.POSITIVE_INFINITY, m2: 0.19 },
] as const;

/**
 * Floor one chick asks for at an age, m². Layers scale with their adult mass; meat birds have their own steps.
 * @param ageDays  days from hatch, 0 and up; day 14 is still of the first step
 * @example        chickM2(20, 2.2, false) // 0.09
 */
export function chickM2(ageDays: number, adultKg: number, meat: boolean): number {
  const steps = meat ? MEAT_SPACE_STEPS : SPACE_STEPS;
  const step = steps.find((s) => ageDays <= s.toDay) ?? SPACE_STEPS[3];
  return meat ? step.m2 : step.m2 * (adultKg / REFERENCE_HEN_KG) ** (2 / 3);
}

const EARLY_TO_DAY = ruled('brooder.edge.earlyTo');

/**
 * Feed edge and water rim of one chick at an age, m. Source: keepers.
 * @example chickEdgeM(20) // 0.04
 */
export const chickEdgeM = (ageDays: number): number =>
  ruled(ageDays <= EARLY_TO_DAY ? 'brooder.feed.early' : 'brooder.feed.later');
/**
 * Rim of water that one chick has, m. Source: keepers.
 * @example chickRimM(7) // 0.01
 */
export const chickRimM = (ageDays: number): number =>
  ruled(ageDays <= EARLY_TO_DAY ? 'brooder.water.early' : 'brooder.water.later');

const PLATE_FULL_DAY = ruled('brooder.plate.fullDay');

/**
 * Plate one chick asks for at an age, m²: from 0.0064 at hatch evenly to 0.0128 at three weeks.
 * @example chickPlateM2(0) // 0.0064
 */
export function chickPlateM2(ageDays: number): number {
  const early = ruled('brooder.plate.hatch');
  const later = ruled('brooder.plate.threeWeeks');
  return early + (later - early) * Math.min(1, ageDays / PLATE_FULL_DAY);
}

const [PER_SPOT_W, SPOT_M2] = [ruled('brooder.lamp.perSpot'), ruled('brooder.lamp.spread')];

/**
 * Lamp that so many chicks ask for, W: 10·max(0, T_comfort − T_air)·A_spot/0.6.
 * @example lampW(30, 35, 0) // 175
 */
export function lampW(chicks: number, comfortC: number, airC: number): number {
  const spot = Math.max(ruled('brooder.lamp.chick') * chicks, ruled('brooder.lamp.spot'));
  return (PER_SPOT_W * Math.max(0, comfortC - airC) * spot) / SPOT_M2;
}

/** Lamps as they are sold, W. */
export const LAMPS = [60, 100, 150, 175, 250] as const;

/**
 * The lamp to buy: the next as sold; 0 where none is needed, null where none is strong enough.
 * @example lampToBuy(160) // 175
 */
export const lampToBuy = (watts: number): number | null =>
  watts === 0 ? 0 : (LAMPS.find((w) => w >= watts - 1e-9) ?? null);

/** Coldest night a young bird bears, °C, by age in weeks; adult from fourteen. Source: keepers. */
const TOLERANCE = [
  { fromWeek: 0, nightC: Number.POSITIVE_INFINITY },
  { fromWeek: 6, nightC: ruled('brooder.out.week6') },
  { fromWeek: 7, nightC: ruled('brooder.out.week7') },
  { fromWeek: 8, nightC: ruled('brooder.out.week8') },
  { fromWeek: 10, nightC: ruled('brooder.out.week10') },
  { fromWeek: ruled('brooder.out.grown'), nightC: Number.NEGATIVE_INFINITY },
] as const;
/** Meat birds go out at three to four weeks where nights keep above this, °C. */
const MEAT_OUT = {
  fromDay: ruled('brooder.out.meatDay'),
  nightC: ruled('brooder.out.meatNight'),
} as const;

/**
 * Coldest night that birds of this age bear, °C.
 * @example toleratedC(49, false) // 5
 */
export function toleratedC(ageDays: number, meat: boolean): number {
  if (meat) return ageDays < MEAT_OUT.fromDay ? Number.POSITIVE_INFINITY : MEAT_OUT.nightC;
  const weeks = Math.floor(ageDays / 7);
  return TOLERANCE.findLast((t) => weeks >= t.fromWeek)?.nightC ?? Number.POSITIVE_INFINITY;
}

/** Nights looked ahead when birds move out. */
export const NIGHTS_AHEAD = ruled('brooder.out.nights');

/**
 * Share of the generated years with a night colder than this among the ten from a day of the year on.
 * @example colderNightChance(climate, 15, 0) // 1
 */
export function colderNightChance(climate: Climate, yearDay: number, nightC: number): number {
  const { nightsC } = climate;
  const years = Math.floor(nightsC.length / YEAR_DAYS);
  let cold = 0;
  for (let y = 0; y < years; y++) {
    for (let k = 0; k < NIGHTS_AHEAD; k++) {
      const night = nightsC[(y * YEAR_DAYS + yearDay + k) % nightsC.length] ?? 0;
      if (night < nightC) {
        cold++;
        break;
      }
    }
  }
  return years === 0 ? 0 : cold / years;
}

/**
 * Mean night of a day of the year over the generated years, °C.
 * @example meanNightC(climate, 15) // -18.867
 */
export function meanNightC(climate: Climate, yearDay: number): number {
  const { nightsC } = climate;
  let sum = 0;
  let n = 0;
  for (let i = yearDay; i < nightsC.length; i += YEAR_DAYS) {
    sum += nightsC[i] ?? 0;
    n++;
  }
  return n === 0 ? 0 : sum / n;
}

export interface MoveOut {
  /** First day on which birds are old enough and nights, on average, mild enough. */
  readonly day: string;
  readonly ageDays: number;
  readonly toleratedC: number;
  /** Chance of a colder night in the ten that follow; null without a climate. */
  readonly chance: number | null;
}

/** From this age birds bear what grown ones do, days. */
const GROWN_DAYS = 7 * ruled('brooder.out.grown');

/**
 * The first likely day out. Outdoor nights are taken as the coop's: what a coop adds is not counted.
 * @source keepers (domain notes, "Out"); the chance by the generator
 */
export function moveOut(brood: Brood, climate: Climate | null): MoveOut {
  const from = brood.meat ? MEAT_OUT.fromDay : ruled('brooder.out.feathered');
  for (let age = from; age < GROWN_DAYS; age++) {
    const day = isoDay(brood.hatchedOn + age);
    const borne = toleratedC(age, brood.meat);
    if (climate === null || meanNightC(climate, dayOfYear(day)) >= borne) {
      const chance = climate === null ? null : colderNightChance(climate, dayOfYear(day), borne);
      return { day, ageDays: age, toleratedC: borne, chance };
    }
  }
  return {
    day: isoDay(brood.hatchedOn + GROWN_DAYS),
    ageDays: GROWN_DAYS,
    toleratedC: toleratedC(GROWN_DAYS, brood.meat),
    chance: null,
  };
}

/** One week in the brooder. */
export interface BroodWeek {
  readonly week: number;
  readonly ageDays: number;
  readonly comfortC: number;
  /** Standing back of a chick, m: where rims stand. */
  readonly backM: number;
  readonly spaceM2: number;
  readonly feedEdgeM: number;
  readonly waterRimM: number;
  readonly wallM: number;
  readonly massKg: number;
}

const WALL_FIRST_DAYS = ruled('brooder.wall.firstTo');

/**
 * A brood week by week to its last day, as at the end of each week.
 * @param times  room that the keeper gives, times what the rule asks for
 * @example broodWeeks({ lot, chicks: 10, lastDay: 20, meat: false }, 1).length // 3
 */
export function broodWeeks(brood: Brood, times: number): BroodWeek[] {
  const weeks = Math.max(1, Math.ceil((brood.lastDay + 1) / 7));
  return Array.from({ length: weeks }, (_, i) => {
    const ageDays = Math.min(brood.lastDay, (i + 1) * 7 - 1);
    const mass = brood.lot.curve === null ? brood.lot.massKg : massKg(brood.lot.curve, ageDays);
    return {
      week: i + 1,
      ageDays,
      comfortC: brooderC(ageDays),
      backM: birdSize(mass).backM,
      spaceM2: brood.chicks * chickM2(ageDays, brood.lot.massKg, brood.meat) * times,
      feedEdgeM: brood.chicks * chickEdgeM(ageDays),
      waterRimM: brood.chicks * chickRimM(ageDays),
      wallM: ruled(ageDays <= WALL_FIRST_DAYS ? 'brooder.wall.first' : 'brooder.wall.later'),
      massKg: mass,
    };
  });
}
