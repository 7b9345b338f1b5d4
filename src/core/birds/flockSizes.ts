import { REFERENCE_HEN_KG } from '../model/classes.data';
import type { Plan } from '../model/schema';
import { chosenSchool, RULE_BOOK, scaleToBird } from '../rules/book';
import type { FlockByDay } from './flock';
import { type BirdsHeat, birdsHeat, fullestDay, grownHeat } from './flockHeat';
import { highestOf, hopOf } from './hops';
import { type Lot, lotsOf } from './lots';

/** What a flock is measured by when something new is made for it. */
export interface FlockSizes {
  /** The smallest bird that feeds here when most do, and the tallest, kg. */
  readonly smallestKg: number;
  readonly tallestKg: number;
  /** The lightest that ever lives here, kg: a pullet on the day she comes. */
  readonly lightestKg: number;
  /** The heaviest that sleeps on bars, kg; null where none does. */
  readonly heaviestOnBarsKg: number | null;
  /** Box, pop door and lip of the largest hens, m. */
  readonly boxM: readonly [number, number, number];
  readonly doorM: readonly [number, number];
  /** The highest that all of them may sleep, over the litter, m; Infinity where none sleeps on bars. */
  readonly highestM: number;
  /** The lowest hop among them, and among those on bars, m. */
  readonly hopM: number;
  readonly rampM: readonly [steepestDeg: number, widthM: number];
  readonly birds: number;
  readonly layers: number;
  readonly ducks: boolean;
  /** Length of bar that all of them ask for by the school chosen, m. */
  readonly roostM: number;
  /** As medium hens by area: what a rule by the bird is multiplied by. */
  readonly mediums: number;
  /** Their heat on the day of most. */
  readonly heat: BirdsHeat;
}

/**
 * Sizes of a plan's birds, grown; with the flock by day, those of the day of most birds at the feeder.
 * @param flock  left out where nothing of the flock has been worked yet
 */
export function flockSizes(plan: Plan, flock?: FlockByDay): FlockSizes {
  const lots = flock?.lots ?? plan.flock.flatMap((g) => lotsOf(g, plan.ownBreeds));
  const d = flock?.peaks.rim?.d;
  const feeding = lots.flatMap((lot, i) => {
    if (d === undefined || !flock) return [lot.massKg];
    const column = flock.columns[i];
    return (column?.living[d] ?? 0) > 0 ? [column?.massKg[d] ?? lot.massKg] : [];
  });
  const chickens = lots.filter((lot) => lot.kind !== 'duck');
  const hens = lots.filter((lot) => lot.sex === 'hen' && lot.breed.eggsYear > 0);
  const school = chosenSchool(RULE_BOOK, plan.schools, 'roosts.hop');
  const heights = chosenSchool(RULE_BOOK, plan.schools, 'roosts.height');
  const length = chosenSchool(RULE_BOOK, plan.schools, 'roosts.length');
  const most = (list: readonly Lot[], of: (lot: Lot) => number, least: number): number =>
    Math.max(least, ...list.map(of));
  const count = (list: readonly Lot[]): number => list.reduce((n, lot) => n + lot.count, 0);
  return {
    smallestKg: feeding.length === 0 ? REFERENCE_HEN_KG : Math.min(...feeding),
    tallestKg: feeding.length === 0 ? REFERENCE_HEN_KG : Math.max(...feeding),
    lightestKg: lightestOf(flock, feeding),
    heaviestOnBarsKg:
      flock?.heaviestOnBarsKg ??
      (chickens.length === 0 ? null : Math.max(...chickens.map((lot) => lot.massKg))),
    boxM: [
      most(hens, (lot) => lot.class.nestBoxM[0], 0.3),
      most(hens, (lot) => lot.class.nestBoxM[1], 0.3),
      most(hens, (lot) => lot.class.nestBoxM[2], 0.33),
    ],
    doorM: [
      most(lots, (lot) => lot.class.popDoorM[0], 0.3),
      most(lots, (lot) => lot.class.popDoorM[1], 0.35),
    ],
    highestM: Math.min(...chickens.map((lot) => highestOf(lot, heights))),
    hopM: Math.min(1, ...chickens.map((lot) => hopOf(lot, school))),
    rampM: [
      Math.min(35, ...lots.map((lot) => lot.class.ramp[0])),
      most(lots, (lot) => lot.class.ramp[1], 0.2),
    ],
    birds: flock?.planned ?? count(lots),
    layers: flock?.peaks.inLay?.value ?? count(hens),
    ducks: lots.some((lot) => lot.kind === 'duck'),
    roostM: chickens.reduce(
      (sum, lot) => sum + lot.count * scaleToBird(length.value, lot.massKg, length.scale),
      0,
    ),
    mediums: lots.reduce((sum, lot) => sum + lot.count * scaleToBird(1, lot.massKg, 'area'), 0),
    // few ask for it
    get heat() {
      return flock ? birdsHeat(flock, fullestDay(flock)) : grownHeat(lots);
    },
  };
}

function lightestOf(flock: FlockByDay | undefined, feeding: readonly number[]): number {
  const kg = (flock?.looked ?? []).flatMap(({ d, counts }) =>
    counts.flatMap((n, i) => (n > 0 ? [flock?.columns[i]?.massKg[d] ?? 0] : [])),
  );
  const all = [...kg, ...feeding].filter((m) => m > 0);
  return all.length === 0 ? REFERENCE_HEN_KG : Math.min(...all);
}
