import type { FlockByDay } from '../birds/flock';
import { wholeDown } from '../units/number';

/** No station is said to carry more. */
export const MOST_CARRIED = 500;

/** What a station asks: the demand of one bird of each group on a day, and whether a flock fits. */
export interface StationDemand {
  /** Demand of one bird of each group, in the station's own unit; 0 where it asks nothing. */
  perBird(day: string): readonly number[];
  /** Whether so many birds of each group fit, on that day. */
  fits(taken: readonly number[], day: string): boolean;
}

export type Carry =
  | { readonly state: 'notApplicable' }
  | {
      readonly state: 'carries';
      readonly carries: number;
      /** The day that sets the station, its flock and the largest flock of it that fits. */
      readonly setOn: string;
      readonly flock: readonly number[];
      readonly taken: readonly number[];
      /** Birds in the largest flock that fits, and birds living there on the setting day. */
      readonly fitting: number;
      readonly present: number;
      readonly shortFrom: string | null;
    };

/**
 * The next group in Webster's order: the greatest count/(2·taken + 1);
 * ties go to the greater demand, then to the earlier group.
 * @param counts   birds of each group in the flock
 * @param taken    birds of each group taken so far
 * @param perBird  demand of one bird of each group on the station
 * @returns        index of the group; −1 for an empty flock
 * @source         domain notes, "What carries N birds means"
 * @example        nextByWebster([4, 4, 6], [4, 4, 6], [3, 2, 1]) // 2: 6/13 is above 4/9
 */
export function nextByWebster(
  counts: readonly number[],
  taken: readonly number[],
  perBird: readonly number[],
): number {
  let best = -1;
  counts.forEach((count, i) => {
    if (count === 0) return;
    if (best < 0) {
      best = i;
      return;
    }
    // cross-multiplied, so that whole numbers compare exactly
    const left = count * (2 * (taken[best] ?? 0) + 1);
    const right = (counts[best] ?? 0) * (2 * (taken[i] ?? 0) + 1);
    const ahead = left - right || (perBird[i] ?? 0) - (perBird[best] ?? 0);
    if (ahead > 0) best = i;
  });
  return best;
}

/**
 * The largest flock that fits, growing it bird by bird in Webster's order until one does not fit.
 * @param counts   birds of each group living in the coop on the setting day
 * @param perBird  demand of one bird of each group
 * @param fits     whether so many birds of each group fit
 * @returns        birds of each group in the largest flock of at most 500 that fits
 */
export function largestFitting(
  counts: readonly number[],
  perBird: readonly number[],
  fits: (taken: readonly number[]) => boolean,
): readonly number[] {
  const taken = counts.map(() => 0);
  for (let n = 1; n <= MOST_CARRIED; n++) {
    const next = nextByWebster(counts, taken, perBird);
    if (next < 0) break;
    taken[next] = (taken[next] ?? 0) + 1;
    if (!fits(taken)) {
      taken[next] = (taken[next] ?? 0) - 1;
      break;
    }
  }
  return taken;
}

/**
 * What a station carries, set by the day of its largest demand (ties: most birds, then the earliest).
 * Where fewer birds than planned live in the coop on that day, the figure is brought to the planned
 * flock in proportion, so that it reaches `planned` exactly when the setting day's flock fits.
 */
export function carryOf(flock: FlockByDay, demand: StationDemand): Carry {
  const setting = settingDay(flock, demand);
  if (setting === null) return { state: 'notApplicable' };
  const { day: setOn, counts } = setting;
  const taken = largestFitting(counts, demand.perBird(setOn), (t) => demand.fits(t, setOn));
  const fitting = total(taken);
  const present = total(counts);
  const carries = Math.min(MOST_CARRIED, wholeDown((fitting * flock.planned) / present));
  const short = flock.days.findIndex((day, d) => !demand.fits(flock.counts[d] ?? [], day));
  const shortFrom = short < 0 ? null : (flock.days[short] ?? null);
  return { state: 'carries', carries, setOn, flock: counts, taken, fitting, present, shortFrom };
}

/** Σ count × demand of one bird. */
export const demandOf = (counts: readonly number[], perBird: readonly number[]): number =>
  counts.reduce((sum, count, i) => sum + count * (perBird[i] ?? 0), 0);

const total = (counts: readonly number[]): number => counts.reduce((a, b) => a + b, 0);

function settingDay(flock: FlockByDay, demand: StationDemand) {
  let best: { day: string; counts: readonly number[]; asked: number; birds: number } | null = null;
  flock.days.forEach((day, d) => {
    const counts = flock.counts[d] ?? [];
    const asked = demandOf(counts, demand.perBird(day));
    const birds = total(counts);
    if (asked <= 0) return;
    if (!best || asked > best.asked || (asked === best.asked && birds > best.birds)) {
      best = { day, counts, asked, birds };
    }
  });
  return best as { day: string; counts: readonly number[] } | null;
}
