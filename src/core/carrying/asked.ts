import { type FlockByDay, livingOn } from '../birds/flock';
import { createWebster, type Webster } from './webster';

/** Demand of one bird of each lot on a day of the horizon, in the station's own unit; 0 where it asks nothing. */
export type PerBird = (d: number) => readonly number[];

/** A day, and what the birds then living ask of a station. */
export interface AskedDay {
  readonly d: number;
  /** Birds of each lot living then, and all of them. */
  readonly counts: readonly number[];
  readonly present: number;
  readonly perBird: readonly number[];
  /** What they ask for together. */
  readonly asked: number;
  /** Lots by what one bird asks for, greatest first, then the heavier bird, then by id. */
  readonly order: readonly number[];
  /** The order in which they enter. */
  readonly seq: Webster;
}

/**
 * Σ count × demand of one bird.
 * @param perBird  what one bird of each lot asks for, in the measure of the station
 * @example demandOf([6, 2], [0.3, 0.4]) // 2.6
 */
export function demandOf(counts: readonly number[], perBird: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < counts.length; i++) sum += (counts[i] as number) * (perBird[i] ?? 0);
  return sum;
}

/** What is known of a flock: lots by mass on a day, and the orders in which birds enter. */
interface KnownFlock {
  readonly byMass: Map<number, readonly number[]>;
  /** Birds living, and the order in which ties go, give the same again. */
  readonly sequences: Map<string, Webster>;
  /** The same of a day and its own order by mass, which nearly all ask for. */
  readonly ofDay: Map<number, Webster>;
  readonly days: WeakMap<PerBird, AskedDays>;
  /** By day looked at, the first with the same birds of the same mass. */
  readonly alike: ReadonlyMap<number, number>;
}

const KNOWN = new WeakMap<FlockByDay, KnownFlock>();

function knownOf(flock: FlockByDay): KnownFlock {
  const found = KNOWN.get(flock);
  if (found) return found;
  const made: KnownFlock = {
    byMass: new Map(),
    sequences: new Map(),
    ofDay: new Map(),
    days: new WeakMap(),
    alike: alikeDays(flock),
  };
  KNOWN.set(flock, made);
  return made;
}

/** The days that differ, and for each day looked at the one that stands for it. */
interface AskedDays {
  readonly days: readonly AskedDay[];
  readonly of: ReadonlyMap<number, AskedDay>;
}

function alikeDays({ looked, columns }: FlockByDay): Map<number, number> {
  const first = new Map<string, number>();
  const alike = new Map<number, number>();
  for (const { d, counts } of looked) {
    let key = '';
    for (let i = 0; i < counts.length; i++) {
      if (counts[i] !== 0) key += `${i}:${counts[i]}:${columns[i]?.massKg[d]};`;
    }
    const same = first.get(key) ?? d;
    if (same === d) first.set(key, d);
    alike.set(d, same);
  }
  return alike;
}

/**
 * The days looked at on which somebody asks something of a station, the greatest demand first, one of each: where
 * the same birds of the same mass ask for the same, the first of those days stands for all.
 * @param perBird  worked once for as long as the same function is given
 */
export function askedDays(flock: FlockByDay, perBird: PerBird): AskedDays {
  const { days, alike } = knownOf(flock);
  const found = days.get(perBird);
  if (found) return found;
  const made: AskedDay[] = [];
  const of = new Map<number, AskedDay>();
  /** By the first of days alike, those that differ by what birds ask for. */
  const known = new Map<number, AskedDay[]>();
  for (const { d, counts, present } of flock.looked) {
    if (present === 0) continue;
    const own = perBird(d);
    const asked = demandOf(counts, own);
    if (!(asked > 0)) continue;
    const first = alike.get(d) ?? d;
    const others = known.get(first) ?? [];
    const same = others.find((other) => sameOf(counts, other.perBird, own));
    if (same) {
      of.set(d, same);
      continue;
    }
    const day = { d, counts, present, perBird: own, asked, ...enterOn(flock, d, counts, own) };
    of.set(d, day);
    made.push(day);
    known.set(first, [...others, day]);
  }
  const all = { days: made.sort((a, b) => b.asked - a.asked || a.d - b.d), of };
  days.set(perBird, all);
  return all;
}

/** Whether the birds living ask for the same on two days. */
function sameOf(counts: readonly number[], a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < counts.length; i++) {
    if (counts[i] !== 0 && a[i] !== b[i]) return false;
  }
  return true;
}

/**
 * What the birds living on any day ask for.
 * @example askedOn(flock, 0, () => [0.3]).counts // [6]
 */
export function askedOn(flock: FlockByDay, d: number, perBird: PerBird): AskedDay {
  const known = askedDays(flock, perBird).of.get(d);
  if (known) return known;
  const counts = livingOn(flock, d);
  const own = perBird(d);
  return {
    d,
    counts,
    present: counts.reduce((a, b) => a + b, 0),
    perBird: own,
    asked: demandOf(counts, own),
    ...enterOn(flock, d, counts, own),
  };
}

/** The order in which the birds living on a day enter. */
function enterOn(
  flock: FlockByDay,
  d: number,
  counts: readonly number[],
  perBird: readonly number[],
): { readonly order: readonly number[]; readonly seq: Webster } {
  const { sequences, ofDay, byMass } = knownOf(flock);
  const order = lotOrder(flock, d, perBird);
  const usual = order === byMass.get(d);
  const known = usual ? ofDay.get(d) : undefined;
  if (known) return { order, seq: known };
  const key = `${counts.join()}|${order.join()}`;
  const seq = sequences.get(key) ?? createWebster(counts, order);
  sequences.set(key, seq);
  if (usual) ofDay.set(d, seq);
  return { order, seq };
}

/**
 * Lots by what one bird asks for, greatest first, then the heavier bird, then by id, whatever the list's order.
 * @param perBird  what one bird of each lot asks for, in the measure of the station
 * @example lotOrder(flock, 0, [0.3]) // [0]
 */
export function lotOrder(
  flock: FlockByDay,
  d: number,
  perBird: readonly number[],
): readonly number[] {
  const byMass = heaviestFirst(flock, d);
  // mostly a heavier bird asks for more: nothing is to be sorted then
  for (let k = 1; k < byMass.length; k++) {
    const [before, after] = [byMass[k - 1] as number, byMass[k] as number];
    if ((perBird[before] ?? 0) < (perBird[after] ?? 0)) {
      return [...byMass].sort((a, b) => (perBird[b] ?? 0) - (perBird[a] ?? 0));
    }
  }
  return byMass;
}

function heaviestFirst(flock: FlockByDay, d: number): readonly number[] {
  const { byMass } = knownOf(flock);
  const found = byMass.get(d);
  if (found) return found;
  const { lots, columns } = flock;
  const made = lots
    .map((_, i) => i)
    .sort(
      (a, b) =>
        (columns[b]?.massKg[d] ?? 0) - (columns[a]?.massKg[d] ?? 0) ||
        ((lots[a]?.id ?? '') < (lots[b]?.id ?? '') ? -1 : 1),
    );
  byMass.set(d, made);
  return made;
}
