import { type FlockByDay, livingOn, type Measure } from '../birds/flock';
import { wholeDown } from '../units/number';
import { createWebster, type Webster } from './webster';

/** A station is asked about no more birds than this, or twice those that live there, whichever is more. */
export const MOST_ASKED = 500;

/** What a station asks: the demand of one bird of each lot on a day, and whether a flock fits. */
export interface StationDemand {
  /** What the day of the largest demand is found by: the flock's total of this. */
  readonly measure: Measure;
  /** Demand of one bird of each lot, in the station's own unit; 0 where it asks nothing. @param d day of the horizon */
  perBird(d: number): readonly number[];
  /** Whether so many birds of each lot fit, on that day. */
  fits(taken: readonly number[], d: number): boolean;
  /**
   * Only where a flock may fit though a smaller one does not: whether so many birds fit and all smaller
   * flocks with them, by a bound that needs no trying. Without it a bird less never fits worse.
   */
  sure?(taken: readonly number[], d: number): boolean;
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
  let best: { d: number; seq: Webster; fitting: number; present: number; asked: number } | null =
    null;
  for (const { d, counts, present } of flock.looked) {
    if (present === 0) continue;
    const perBird = demand.perBird(d);
    const asked = demandOf(counts, perBird);
    if (!(asked > 0)) continue;
    const seq = websterOf(flock, d, counts, perBird);
    const cap = Math.max(MOST_ASKED, 2 * present);
    if (best === null) {
      best = { d, seq, fitting: fittingUpTo(seq, demand, d, cap), present, asked };
      continue;
    }
    // a day on which more than this fit has a greater share, and does not set the station
    const even = Math.floor((best.fitting * present) / best.present);
    const fitting = fittingUpTo(seq, demand, d, Math.min(cap, even + 1));
    if (fitting > even) continue;
    const ahead =
      best.fitting * present - fitting * best.present ||
      asked - best.asked ||
      present - best.present;
    if (ahead > 0) best = { d, seq, fitting, present, asked };
  }
  if (best === null) return { state: 'notApplicable' };
  const { d: setOn, fitting, present } = best;
  const taken = [...best.seq.of(fitting)];
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

/** The largest flock of the birds living on one day that fits, and how many they are. */
export function fittingOn(
  flock: FlockByDay,
  demand: StationDemand,
  d: number,
): { readonly taken: readonly number[]; readonly fitting: number; readonly orMore: boolean } {
  const counts = livingOn(flock, d);
  const seq = websterOf(flock, d, counts, demand.perBird(d));
  const cap = Math.max(MOST_ASKED, 2 * total(counts));
  const fitting = fittingUpTo(seq, demand, d, cap);
  return { taken: seq.of(fitting), fitting, orMore: fitting >= cap };
}

/**
 * The largest n of at most `limit` such that the flocks of 1…n birds all fit.
 * Most stations never fit a smaller flock worse, so it is found by halving.
 */
export function fittingUpTo(
  seq: Webster,
  demand: Pick<StationDemand, 'fits' | 'sure'>,
  d: number,
  limit: number,
): number {
  if (limit <= 0) return 0;
  const { sure } = demand;
  if (sure) {
    let n = halving(limit, (m) => sure(seq.of(m), d));
    while (n < limit && demand.fits(seq.of(n + 1), d)) n++;
    return n;
  }
  return halving(limit, (m) => demand.fits(seq.of(m), d));
}

/** The largest n of at most `limit` that holds, where all below one that holds hold too. */
function halving(limit: number, holds: (n: number) => boolean): number {
  if (holds(limit)) return limit;
  let [low, high] = [0, limit];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** When a station first falls short of the birds living there; null where it never does. */
export function shortSpell(flock: FlockByDay, demand: StationDemand): Spell | null {
  return spellOf(flock, (d) => {
    const counts = livingOn(flock, d);
    const present = total(counts);
    if (present === 0) return false;
    const perBird = demand.perBird(d);
    if (!(demandOf(counts, perBird) > 0)) return false;
    if (!demand.sure) return !demand.fits(counts, d);
    return fittingUpTo(websterOf(flock, d, counts, perBird), demand, d, present) < present;
  });
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

/** Σ count × demand of one bird. */
export function demandOf(counts: readonly number[], perBird: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < counts.length; i++) sum += (counts[i] as number) * (perBird[i] ?? 0);
  return sum;
}

/** Sequences known for a flock: birds living, and the order in which ties go, give the same again. */
const KNOWN = new WeakMap<FlockByDay, Map<string, Webster>>();

function websterOf(
  flock: FlockByDay,
  d: number,
  counts: readonly number[],
  perBird: readonly number[],
): Webster {
  const known = KNOWN.get(flock) ?? new Map<string, Webster>();
  KNOWN.set(flock, known);
  const order = tieOrder(flock, d, perBird);
  const key = `${counts.join()}|${order.join()}`;
  const found = known.get(key);
  if (found) return found;
  const made = createWebster(counts, order);
  known.set(key, made);
  return made;
}

/** Lots as ties go: greater demand first, then the heavier bird, then by id, whatever the list's order. */
function tieOrder(flock: FlockByDay, d: number, perBird: readonly number[]): number[] {
  const { lots, columns } = flock;
  return lots
    .map((_, i) => i)
    .sort(
      (a, b) =>
        (perBird[b] ?? 0) - (perBird[a] ?? 0) ||
        (columns[b]?.massKg[d] ?? 0) - (columns[a]?.massKg[d] ?? 0) ||
        ((lots[a]?.id ?? '') < (lots[b]?.id ?? '') ? -1 : 1),
    );
}

const total = (counts: readonly number[]): number => counts.reduce((a, b) => a + b, 0);
