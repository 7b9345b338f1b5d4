import { DAY_MS } from '../kernel/units/day';
import { KILOGRAMS_PER_POUND, LITRES_PER_CUBIC_FOOT } from '../kernel/units/factors.data';
import type { Brooder, Group, OwnBreed, Plan, Roof, Run, Shell } from '../model/schema';
import { FILLS, KEEPER, LITTER, PRICES } from '../model/schema';
import { freeNumber } from './freeNumber';

/** What a keeper says to begin with. */
export interface PlanStart {
  readonly id: string;
  readonly name: string;
  readonly units: Plan['units'];
  readonly timeZone: string;
  readonly lengthM: number;
  readonly widthM: number;
  readonly roof: Roof;
  readonly climate?: Plan['climate'];
  /** The birds that live there already: how many, of what breed, on the day they are entered. */
  readonly birds?: { readonly count: number; readonly breed: string; readonly on: string };
}

/** Litter to begin with, m: ten centimetres, or four inches. */
const START_DEPTH_M = { metric: 0.1, imperial: 0.1016 } as const;

/** A bag of feed as it is sold, kg: twenty kilograms, or fifty pounds. */
const BAG_KG = { metric: FILLS.bagKg, imperial: 50 * KILOGRAMS_PER_POUND } as const;

/** A bale of shavings, shaken out, L: five hundred litres, or eighteen cubic feet. */
const BALE_L = { metric: LITTER.baleL, imperial: 18 * LITRES_PER_CUBIC_FOOT } as const;

/** What of a shell is not known yet. */
export const PLAIN_SHELL = {
  storage: null,
  floorBuild: 'sealed',
  upturnM: null,
  apronM: null,
  meshFixedBy: null,
  boardM: null,
  studsM: null,
  leakTimes: 1,
} as const satisfies Partial<Shell>;

/** An empty coop: a shell, the birds named, no fixtures, the default schools. */
export function newPlan(start: PlanStart): Plan {
  return {
    format: 'wide-rafter-plan',
    version: 1,
    id: start.id,
    name: start.name,
    units: start.units,
    climate: start.climate ?? null,
    timeZone: start.timeZone,
    horizonYears: 2,
    schools: {},
    keeper: { statureM: 1.68, ...KEEPER, tape: null },
    litter: {
      school: 'deep',
      depthM: START_DEPTH_M[start.units],
      ...LITTER,
      baleL: BALE_L[start.units],
    },
    fills: { ...FILLS, bagKg: BAG_KG[start.units] },
    prices: { ...PRICES },
    ration: null,
    rain: null,
    run: null,
    site: { windFrom: null, treesOver: false, wet: false, animals: null, leadM: null, plugC: 0 },
    partition: null,
    brooder: null,
    limits: {
      mostBirds: null,
      permitFrom: null,
      cocksAllowed: null,
      setbackM: null,
      standsM: null,
      housingOrder: false,
    },
    ownBreeds: [],
    shell: {
      lengthM: start.lengthM,
      widthM: start.widthM,
      roof: start.roof,
      floorAboveGroundM: 0,
      wallBuild: 'board18',
      roofBuild: 'sheetMetal',
      ...PLAIN_SHELL,
    },
    flock: start.birds ? [firstGroup(start.birds)] : [],
    fixtures: [],
    pinned: [],
    roughly: [],
    soldFor: null,
  };
}

/** What a group has until the keeper says otherwise. */
export const GROUP_DEFAULTS = {
  raisedHere: false,
  eggsSet: null,
  sorted: null,
  figures: {},
  sexedWrong: null,
  ifCock: null,
} as const;

/** Hens that live in the coop from a day on; what is not known of them is left open. */
export const firstGroup = ({ count, breed, on }: NonNullable<PlanStart['birds']>): Group => ({
  id: 'group-1',
  name: 'Hens',
  breed,
  massKg: null,
  count,
  sex: 'hen',
  hatchedOn: null,
  arrivesOn: on,
  leavesOn: null,
  ...GROUP_DEFAULTS,
});

/** A further group of six hens, arriving on the day given. */
export function newGroup(plan: Plan, arrivesOn: string): Group {
  const n = freeNumber('group', plan.flock);
  return {
    id: `group-${n}`,
    name: `Group ${n}`,
    breed: 'brown-hybrid',
    massKg: null,
    count: 6,
    sex: 'hen',
    hatchedOn: null,
    arrivesOn,
    leavesOn: null,
    ...GROUP_DEFAULTS,
  };
}

/** When chicks are hatched in spring, month and day: north of the equator, and south of it. */
const SPRING = { north: '04-15', south: '10-15' } as const;
const WEEKS_TO_THE_COOP = 8;

/**
 * The year in which the next spring's chicks hatch after a day, and so many springs later.
 * @param springsLater  0 for the next spring, 1 for the one after
 * @example springHatch(plan, today, 0) // '2027-04-15'
 */
export function springHatch(plan: Pick<Plan, 'climate'>, on: string, springsLater: number): string {
  const day = plan.climate !== null && plan.climate.latitudeDeg < 0 ? SPRING.south : SPRING.north;
  const year = Number(on.slice(0, 4));
  const next = `${year}-${day}` > on ? year : year + 1;
  return `${next + springsLater}-${day}`;
}

/**
 * Six hens more, of the breed last entered, hatched in the next spring or a later one.
 * @param springsLater  0 for the next spring, 1 for the one after
 * @example springGroup(plan, today, 0).hatchedOn // '2027-04-15'
 */
export function springGroup(plan: Plan, on: string, springsLater: number): Group {
  const hatchedOn = springHatch(plan, on, springsLater);
  const moves = Date.parse(`${hatchedOn}T00:00:00Z`) + WEEKS_TO_THE_COOP * 7 * DAY_MS;
  const last = plan.flock.at(-1);
  return {
    ...newGroup(plan, new Date(moves).toISOString().slice(0, 10)),
    name: `Spring ${hatchedOn.slice(0, 4)}`,
    breed: last?.breed ?? 'brown-hybrid',
    hatchedOn,
  };
}

/**
 * A dozen chicks, of the breed last entered, hatched on a day and reared here in a brooder until they move out.
 * @example chickGroup(plan, '2027-03-01').arrivesOn // '2027-04-26'
 */
export function chickGroup(plan: Plan, hatchedOn: string): Group {
  const moves = Date.parse(`${hatchedOn}T00:00:00Z`) + WEEKS_TO_THE_COOP * 7 * DAY_MS;
  const group = newGroup(plan, new Date(moves).toISOString().slice(0, 10));
  return {
    ...group,
    name: `Chicks ${group.id.replace(/^group-/, '')}`,
    breed: plan.flock.at(-1)?.breed ?? group.breed,
    count: 12,
    sex: 'unsexed',
    hatchedOn,
    raisedHere: true,
  };
}

/** A breed of the keeper's own, as another is until she changes it. */
export function ownBreedFrom(plan: Plan, breed: Omit<OwnBreed, 'id'>): OwnBreed {
  const id = `own-${freeNumber('own', plan.ownBreeds)}`;
  const { name, kind, growth, henKg, eggsYear, eggKg, eggColour, comb, flight } = breed;
  const { broodiness, coldHardy, heatHardy } = breed;
  return {
    id,
    name: `My ${name}`.slice(0, 80),
    kind,
    growth,
    henKg,
    eggsYear,
    eggKg,
    eggColour,
    comb,
    flight,
    broodiness,
    coldHardy,
    heatHardy,
  };
}

/** A covered run beside the coop, as long as it, with a dry floor. */
export const newRun = (plan: Plan): Run => ({
  lengthM: Math.max(2, plan.shell.lengthM),
  widthM: 3,
  roof: 'full',
  eavesM: 0.2,
  skirtingM: 0.2,
  solidSides: ['rear'],
  cover: 'mesh13',
  pastimes: 0,
});

/** A brooder box with a plate, in a room at 18 °C. */
export const newBrooder = (): Brooder => ({
  lengthM: 1,
  widthM: 0.6,
  wallM: 0.45,
  lid: true,
  shape: 'box',
  lidKg: 0,
  drawer: true,
  cornersFilled: true,
  airC: 18,
  heat: { kind: 'plate', widthM: 0.4, depthM: 0.3 },
  feedEdgeM: 0.6,
  waterRimM: 0.4,
  ventM2: null,
});
