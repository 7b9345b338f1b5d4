import { type FlockByDay, livingOn, type Measure } from '../birds/flock';
import { wholeDown } from '../kernel/units/number';
import { type AskedDay, askedDays, askedOn, type PerBird } from './asked';

/** A station is asked about no more birds than this, or twice those that live there, whichever is more. */
export const MOST_ASKED = 500;

/** What a station asks: the demand of one bird of each lot on a day, and whether a flock fits. */
export interface StationDemand {
  /** What the day of the largest demand is found by: the flock's total of this. */
  readonly measure: Measure;
  /** Demand of one bird of each lot, in the station's own unit; 0 where it asks nothing. @param d day of the horizon */
  readonly perBird: PerBird;
  /** Whether so many birds of each lot fit, on that day. */
  fits(taken: readonly number[], day: AskedDay): boolean;
  /**
   * Only where a flock may fit though a smaller one does not: whether the first n birds of a day fit, and all
   * smaller flocks with them, by a bound that needs no trying. Without it a bird less never fits worse.
   */
  sure?(n: number, day: AskedDay): boolean;
}

export interface Carries {
  readonly state: 'carries';
  readonly carries: number;
  /** Whether no end was found: it carries that many or more. */
  readonly orMore: boolean;
  /** The day of the horizon that sets the station, its flock and the largest flock of it that fits. */
  readonly setOn: number;
  readonly flock: readonly number[];
  readonly taken: readonly number[];
  /** Birds in the largest flock that fits, and birds living there on the setting day. */
  readonly fitting: number;
  readonly present: number;
  /** The day of the largest demand: what the station needs is shown for it. */
  readonly needOn: number;
}

export type Carry = { readonly state: 'notApplicable' } | Carries;

/** A stretch of days of the horizon, both counted; `till` is null where it lasts to the horizon's end. */
export interface Spell {
  readonly from: number;
  readonly till: number | null;
}

/**
 * What a station carries: on every day that is looked at, how many of the birds living then find what they ask
 * for, drawn in Webster's order. The day with the least share of them sets it (ties: greatest demand, most birds,
 * the first), and the planned flock is brought down in that share.
 * @source domain notes, "Every day counts"
 */
export function carryOf(flock: FlockByDay, demand: StationDemand): Carry {
  let best: { day: AskedDay; fitting: number } | null = null;
  for (const day of askedDays(flock, demand.perBird).days) {
    const { d, present, asked } = day;
    const cap = Math.max(MOST_ASKED, 2 * present);
    if (best === null) {
      best = { day, fitting: fittingUpTo(day, demand, cap) };
      continue;
    }
    // a day on which more than this fit has a greater share, and does not set the station
    const even = Math.floor((best.fitting * present) / best.day.present);
    const fitting = fittingUpTo(day, demand, Math.min(cap, even + 1));
    if (fitting > even) continue;
    const ahead =
      best.fitting * present - fitting * best.day.present ||
      asked - best.day.asked ||
      present - best.day.present ||
      best.day.d - d;
    if (ahead > 0) best = { day, fitting };
  }
  if (best === null) return { state: 'notApplicable' };
  const { day, fitting } = best;
  const { d: setOn, present } = day;
  const taken = [...day.seq.of(fitting)];
  return {
    state: 'carries',
    carries: wholeDown((fitting * flock.planned) / present),
    orMore: fitting >= Math.max(MOST_ASKED, 2 * present),
    setOn,
    flock: livingOn(flock, setOn),
    taken,
    fitting,
    present,
    needOn: flock.peaks[demand.measure]?.d ?? setOn,
  };
}

/**
 * The largest flock of the birds living on one day that fits, and how many they are.
 * @example fittingOn(flock, { measure: 'length', perBird: () => [0.3], fits: ([n]) => n <= 4 }, 0).fitting // 4
 */
export function fittingOn(
  flock: FlockByDay,
  demand: StationDemand,
  d: number,
): { readonly taken: readonly number[]; readonly fitting: number; readonly orMore: boolean } {
  const day = askedOn(flock, d, demand.perBird);
  const cap = Math.max(MOST_ASKED, 2 * day.present);
  const fitting = fittingUpTo(day, demand, cap);
  return { taken: day.seq.of(fitting), fitting, orMore: fitting >= cap };
}

/**
 * The largest n of at most `limit` such that the flocks of 1…n birds all fit.
 * Most stations never fit a smaller flock worse, so it is found by halving.
 * @param limit  most birds asked about
 * @example fittingUpTo(askedDay, { fits: ([n]) => n <= 4 }, 6) // 4
 */
export function fittingUpTo(
  day: AskedDay,
  demand: Pick<StationDemand, 'fits' | 'sure'>,
  limit: number,
): number {
  if (limit <= 0) return 0;
  const { seq } = day;
  const { sure } = demand;
  if (sure) {
    if (sure(limit, day)) return limit;
    let n = halving(limit, (m) => sure(m, day));
    while (n < limit && demand.fits(seq.of(n + 1), day)) n++;
    return n;
  }
  return halving(limit, (m) => demand.fits(seq.of(m), day));
}

/** Where no end is near, flocks are asked for in steps that double from here. */
const FIRST_STEP = 16;

/** The largest n of at most `limit` that holds, where all below one that holds hold too. */
function halving(limit: number, holds: (n: number) => boolean): number {
  let [low, high] = [0, Math.min(limit, FIRST_STEP)];
  while (holds(high)) {
    if (high === limit) return limit;
    [low, high] = [high, Math.min(limit, 2 * high)];
  }
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** When a station first falls short of the birds living there; null where it never does. */
export function shortSpell(flock: FlockByDay, demand: StationDemand): Spell | null {
  const known = new Map<AskedDay, boolean>();
  return spellOf(flock, (d) => {
    const day = askedOn(flock, d, demand.perBird);
    const short = known.get(day) ?? isShort(day, demand);
    known.set(day, short);
    return short;
  });
}

/** Whether a station falls short of the birds living on a day. */
function isShort(day: AskedDay, demand: StationDemand): boolean {
  const { counts, present, asked } = day;
  if (present === 0 || !(asked > 0)) return false;
  if (!demand.fits(counts, day)) return true;
  if (!demand.sure || demand.sure(present, day)) return false;
  return fittingUpTo(day, demand, present) < present;
}

/**
 * The first stretch of days on which something holds, narrowed from the days looked at to the days themselves.
 * @param holds  must not change between two days looked at but from not holding to holding, or back, once
 */
export function spellOf(flock: FlockByDay, holds: (d: number) => boolean): Spell | null {
  const days = flock.steps;
  const at = days.findIndex(holds);
  const found = days[at];
  if (found === undefined) return null;
  let from = found;
  const before = days[at - 1] ?? found;
  while (from - 1 > before && holds(from - 1)) from--;
  for (let i = at + 1; i < days.length; i++) {
    const day = days[i] as number;
    if (holds(day)) continue;
    let till = day - 1;
    const last = days[i - 1] as number;
    while (till > last && !holds(till)) till--;
    return { from, till };
  }
  return { from, till: null };
}
