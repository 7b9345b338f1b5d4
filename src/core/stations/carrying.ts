import { type FlockByDay, livingOn, type Measure } from '../birds/flock';
import { wholeDown } from '../units/number';

/** No station is said to carry more. */
export const MOST_CARRIED = 500;

/** What a station asks: the demand of one bird of each lot on a day, and whether a flock fits. */
export interface StationDemand {
  /** What the setting day is found by: the flock's total of this. */
  readonly measure: Measure;
  /** Demand of one bird of each lot, in the station's own unit; 0 where it asks nothing. @param d day of the horizon */
  perBird(d: number): readonly number[];
  /** Whether so many birds of each lot fit, on that day. */
  fits(taken: readonly number[], d: number): boolean;
}

export type Carry =
  | { readonly state: 'notApplicable' }
  | {
      readonly state: 'carries';
      readonly carries: number;
      /** The day of the horizon that sets the station, its flock and the largest flock of it that fits. */
      readonly setOn: number;
      readonly flock: readonly number[];
      readonly taken: readonly number[];
      /** Birds in the largest flock that fits, and birds living there on the setting day. */
      readonly fitting: number;
      readonly present: number;
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
  for (let i = 0; i < counts.length; i++) {
    const count = counts[i] as number;
    if (count === 0) continue;
    if (best < 0) {
      best = i;
      continue;
    }
    // cross-multiplied, so that whole numbers compare exactly
    const left = count * (2 * (taken[best] as number) + 1);
    const right = (counts[best] as number) * (2 * (taken[i] as number) + 1);
    const ahead = left - right || (perBird[i] as number) - (perBird[best] as number);
    if (ahead > 0) best = i;
  }
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
  const peak = flock.peaks[demand.measure];
  if (peak === null) return { state: 'notApplicable' };
  const setOn = peak.d;
  const counts = livingOn(flock, setOn);
  const taken = largestFitting(counts, demand.perBird(setOn), (t) => demand.fits(t, setOn));
  const fitting = total(taken);
  const present = total(counts);
  const carries = Math.min(MOST_CARRIED, wholeDown((fitting * flock.planned) / present));
  return { state: 'carries', carries, setOn, flock: counts, taken, fitting, present };
}

/**
 * First day of the horizon on which a station falls short; null where it never does.
 * Looked for where demand can change, and then day by day back to the day before that still fits.
 */
export function shortFrom(flock: FlockByDay, demand: StationDemand): number | null {
  const fits = (d: number): boolean => demand.fits(livingOn(flock, d), d);
  const at = flock.steps.findIndex((d) => !fits(d));
  const found = flock.steps[at];
  if (found === undefined) return null;
  const before = flock.steps[at - 1] ?? found;
  let first = found;
  while (first - 1 > before && !fits(first - 1)) first--;
  return first;
}

/** Σ count × demand of one bird. */
export function demandOf(counts: readonly number[], perBird: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < counts.length; i++) sum += (counts[i] as number) * (perBird[i] ?? 0);
  return sum;
}

const total = (counts: readonly number[]): number => counts.reduce((a, b) => a + b, 0);
