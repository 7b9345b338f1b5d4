/** Shares by vessel, then by lot: what part of the vessel one bird takes; Infinity where she cannot use it. */
export type Shares = readonly (readonly number[])[];

/** A vessel is taken as full to nine decimals. */
export const DUST = 1e-9;
/**
 * Whether nobody is left over.
 * @param left  birds of each lot
 * @example none([0, 0]) // true
 */
export const none = (left: readonly number[]): boolean => left.every((n) => n === 0);

interface Quick {
  readonly at: number[][];
  readonly left: number[];
}

/**
 * The best of a few sharings out in which every vessel is filled by turns with those that fit fewest others.
 * @example quickest([[1 / 4], [1 / 2]], [6]).left // [0]
 */
export function quickest(shares: Shares, counts: readonly number[]): Quick {
  let best: Quick | null = null;
  for (const sign of [1, -1] as const) {
    const one = fill(shares, counts, orderBy(shares, counts.length, sign));
    if (none(one.left)) return one;
    if (best === null || sum(one.left) < sum(best.left)) best = one;
  }
  return best ?? { at: shares.map(() => counts.map(() => 0)), left: [...counts] };
}

/** Orders known of some shares: of widest first, and of narrowest first. */
const ORDERS = new WeakMap<Shares, Map<1 | -1, readonly number[]>>();

/**
 * The order in which lots are given places: the fewest vessels to choose from first, then the widest or the narrowest.
 * @param sign  1 for the widest first, −1 for the narrowest
 */
function orderBy(shares: Shares, lots: number, sign: 1 | -1): readonly number[] {
  const known = ORDERS.get(shares) ?? new Map<1 | -1, readonly number[]>();
  ORDERS.set(shares, known);
  const found = known.get(sign);
  if (found) return found;
  const all = Array.from({ length: lots }, (_, i) => i);
  const choices = all.map((i) => shares.filter((own) => Number.isFinite(own[i])).length);
  const least = all.map((i) => leastOf(shares, i));
  const made = all.sort(
    (a, b) =>
      (choices[a] as number) - (choices[b] as number) ||
      sign * ((least[b] as number) - (least[a] as number)) ||
      a - b,
  );
  known.set(sign, made);
  return made;
}

/**
 * The least share that one bird of a lot takes anywhere.
 * @example leastOf([[1 / 4], [1 / 2]], 0) // 0.25
 */
export function leastOf(shares: Shares, lot: number): number {
  let least = Number.POSITIVE_INFINITY;
  for (const own of shares) least = Math.min(least, own[lot] as number);
  return least;
}

/** Lot by lot, at the vessels that serve most of them, those that few others can use first. */
function fill(shares: Shares, counts: readonly number[], order: readonly number[]): Quick {
  const left = [...counts];
  const room = shares.map(() => 1 + DUST);
  const at = shares.map(() => counts.map(() => 0));
  const users = shares.map(
    (own) => own.filter((s, i) => Number.isFinite(s) && (counts[i] ?? 0) > 0).length,
  );
  const vessels = shares
    .map((_, v) => v)
    .sort((a, b) => (users[a] as number) - (users[b] as number) || a - b);
  for (const i of order) {
    for (const v of vessels) {
      const share = shares[v]?.[i] as number;
      const waiting = left[i] as number;
      if (waiting === 0 || share > (room[v] as number)) continue;
      const n = Math.min(waiting, Math.floor((room[v] as number) / share));
      (at[v] as number[])[i] = n;
      left[i] = waiting - n;
      room[v] = (room[v] as number) - n * share;
    }
  }
  return { at, left };
}

/**
 * The sum of a list.
 * @param list  in any one unit, which the sum has
 * @example sum([1, 2, 3]) // 6
 */
export const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
