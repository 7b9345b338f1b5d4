import { dayNumber } from '../kernel/units/day';
import { BREEDS, type Breed } from '../model/breeds.data';
import type { ClassRow } from '../model/classes.data';
import type { Group, OwnBreed, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { type GrowthCurve, growthCurve } from './growth';
import { classOfHen, grownBird } from './size';

/** Birds of one group and sex: what grows, lays and leaves together. */
export interface Lot {
  /** The group's id; of an unsexed group's cocks, `<group>.cocks`. */
  readonly id: string;
  readonly group: Group;
  /** Whether these are the cocks of an unsexed group. */
  readonly cocksOf: boolean;
  readonly sex: 'hen' | 'cock';
  readonly kind: 'chicken' | 'duck';
  /** The breed with the keeper's own figures for the group in it. */
  readonly breed: Breed;
  readonly class: ClassRow;
  /** One grown bird, kg. */
  readonly massKg: number;
  /** Null for meat birds whose hatch is not known: they are grown on arrival. */
  readonly curve: GrowthCurve | null;
  readonly count: number;
  /** Birds that stay once the cocks have been taken out, and when that is (a day number). */
  readonly sortedOn: number | null;
  readonly kept: number;
  /** As the keeper knows it. */
  readonly hatchedOn: number | null;
  /** The hatch that her age is counted from: the known one, or a year before she came; null for meat birds of unknown age. */
  readonly bornOn: number | null;
  readonly arrivesOn: number;
  /** First day on the place: in the brooder or in the coop. */
  readonly comesOn: number;
  /** First day no longer here; null where they stay. */
  readonly leavesOn: number | null;
  /** The point of lay, by age, wherever she lived then; null for birds that do not lay. */
  readonly laysFrom: number | null;
}

/** A bird whose hatch is not known counts as so old when she comes, days. */
export const UNKNOWN_AGE_DAYS = 7 * ruled('flock.unknownAge');

/** Age at slaughter where the plan names no day, days. Source: keepers; the duck's is wide-rafter's. */
export const SLAUGHTER_DAYS = {
  fastMeat: ruled('flock.slaughter.fast'),
  slowMeat: ruled('flock.slaughter.slow'),
  meatDuck: ruled('flock.slaughter.duck'),
} as const;

/** Every breed a plan may use: the catalogue and the keeper's own. */
export const breedsOf = (plan: Pick<Plan, 'ownBreeds'>): readonly Breed[] => [
  ...plan.ownBreeds,
  ...BREEDS,
];

/**
 * A group's birds, lot by lot: one, or hens and cocks of an unsexed group.
 * Of an odd number the odd bird is taken for a hen.
 * @throws Error where the group's breed is not known; `parsePlan` refuses such plans first
 */
export function lotsOf(group: Group, ownBreeds: readonly OwnBreed[]): Lot[] {
  if (group.sex !== 'unsexed') return [lotOf(group, group.sex, group.count, false, ownBreeds)];
  const cocks = Math.floor(group.count / 2);
  const hens = lotOf(group, 'hen', group.count - cocks, false, ownBreeds);
  return cocks === 0 ? [hens] : [hens, lotOf(group, 'cock', cocks, true, ownBreeds)];
}

function lotOf(
  group: Group,
  sex: 'hen' | 'cock',
  count: number,
  cocksOf: boolean,
  ownBreeds: readonly OwnBreed[],
): Lot {
  const standard =
    ownBreeds.find((b) => b.id === group.breed) ?? BREEDS.find((b) => b.id === group.breed);
  if (!standard) throw new Error(`no breed has the id ${group.breed}`);
  const { layWeek, ...figures } = group.figures;
  const breed: Breed = { ...standard, ...withoutGaps(figures) };
  const bird = grownBird(breed, sex, ownMassKg(group, breed, cocksOf));
  const hatchedOn = group.hatchedOn === null ? null : dayNumber(group.hatchedOn);
  const arrivesOn = dayNumber(group.arrivesOn);
  const bornOn = hatchedOn ?? (breed.kind === 'meat' ? null : arrivesOn - UNKNOWN_AGE_DAYS);
  return {
    id: cocksOf ? `${group.id}.cocks` : group.id,
    group,
    cocksOf,
    sex,
    kind: breed.kind === 'duck' || breed.growth === 'meatDuck' ? 'duck' : 'chicken',
    breed,
    ...bird,
    curve: bornOn === null ? null : growthCurve(breed, bird.class.id, bird.massKg),
    count,
    sortedOn: cocksOf && group.sorted ? dayNumber(group.sorted.on) : null,
    kept: group.sorted?.cocksKept ?? 0,
    hatchedOn,
    bornOn,
    arrivesOn,
    comesOn: group.raisedHere && hatchedOn !== null ? Math.min(hatchedOn, arrivesOn) : arrivesOn,
    leavesOn: leavesOn(group, breed, hatchedOn),
    laysFrom: laysFrom(breed, sex, bird.class, bornOn, layWeek),
  };
}

/** Of an unsexed group the keeper's figure is a hen's; its cocks weigh more in proportion. */
function ownMassKg(group: Group, breed: Breed, cocksOf: boolean): number | null {
  if (group.massKg === null || !cocksOf) return group.massKg;
  return group.massKg * classOfHen(breed.kind, group.massKg).cockToHen;
}

/** The keeper's figures that are there; an absent one must not hide the breed's. */
const withoutGaps = <T extends object>(figures: T): Partial<T> =>
  Object.fromEntries(Object.entries(figures).filter(([, v]) => v !== undefined)) as Partial<T>;

function leavesOn(group: Group, breed: Breed, hatchedOn: number | null): number | null {
  if (group.leavesOn !== null) return dayNumber(group.leavesOn);
  const { growth } = breed;
  if (hatchedOn === null || growth === 'layer' || growth === 'duck') return null;
  return hatchedOn + SLAUGHTER_DAYS[growth];
}

function laysFrom(
  breed: Breed,
  sex: 'hen' | 'cock',
  birdClass: ClassRow,
  bornOn: number | null,
  layWeek: number | undefined,
): number | null {
  if (sex === 'cock' || breed.eggsYear === 0 || bornOn === null) return null;
  return bornOn + 7 * (layWeek ?? birdClass.layWeeks[0]);
}
