import { DUST, leastOf, none, quickest, type Shares, sum } from './filling';

/**
 * Whether whole birds all find room at vessels of several kinds, the best way of sharing them out.
 *
 * Each bird takes a share of the vessel she eats or drinks at; a vessel holds shares up to 1. Which lot goes where
 * is found exactly: a quick sharing out is tried, a bound says where none can be, and what lies between is searched
 * by branch and bound, vessel by vessel.
 */
export interface Sharing {
  /** Birds of each lot at each vessel. */
  readonly at: readonly (readonly number[])[];
  /** Birds of each lot without a place. */
  readonly left: readonly number[];
  /** Whether the search was given up: what is given is then the best that was found. */
  readonly givenUp: boolean;
}

/** Nodes after which the search is given up. */
export const MOST_NODES = 100_000;

/**
 * Shares birds out among vessels.
 * @param shares  by vessel, what share of it one bird of each lot takes
 * @param counts  birds of each lot
 * @source        domain notes, "Who is served where"
 * @example       shareOut([[1 / 16, 1 / 20], [1 / 8, Infinity]], [16, 1]).left // [0, 0]
 */
export function shareOut(shares: Shares, counts: readonly number[]): Sharing {
  const order = orderOf(shares, counts);
  const own = inOrder(shares, order);
  const birds = order.lots.map((i) => counts[i] as number);
  const back = <T>(list: readonly T[], places: readonly number[], empty: T): T[] => {
    const found = places.map(() => empty);
    places.forEach((place, k) => {
      found[place] = list[k] as T;
    });
    return found;
  };
  const told = (at: readonly (readonly number[])[], left: readonly number[], givenUp: boolean) => ({
    at: back(
      at.map((n) => back(n, order.lots, 0)),
      order.vessels,
      [] as number[],
    ),
    left: back(left, order.lots, 0),
    givenUp,
  });
  const quick = quickest(own, birds);
  if (none(quick.left)) return told(quick.at, quick.left, false);
  const found = search(own, birds);
  return found.at === null
    ? told(quick.at, quick.left, found.givenUp)
    : told(
        found.at,
        birds.map(() => 0),
        false,
      );
}

/**
 * Whether all of them find room.
 * @example allShare([[1 / 4], [1 / 2]], [7]) // false
 */
export function allShare(shares: Shares, counts: readonly number[]): boolean {
  if (!roomFor(shares, counts)) return false;
  if (none(quickest(shares, counts).left)) return true;
  const order = orderOf(shares, counts);
  return (
    search(
      inOrder(shares, order),
      order.lots.map((i) => counts[i] as number),
    ).at !== null
  );
}

/** Whether there is room enough if each bird went where she takes least: where there is not, none can be found. */
function roomFor(shares: Shares, counts: readonly number[]): boolean {
  let asked = 0;
  for (let i = 0; i < counts.length; i++) {
    if (counts[i] !== 0) asked += (counts[i] as number) * leastOf(shares, i);
  }
  return asked <= shares.length * (1 + DUST);
}

/** Vessels and lots in an order of their own, so that the lists' order decides nothing, even where a search is given up. */
interface Order {
  readonly vessels: readonly number[];
  readonly lots: readonly number[];
}

function orderOf(shares: Shares, counts: readonly number[]): Order {
  const sorted = (list: readonly number[]): number[] => [...list].sort((a, b) => a - b);
  const ahead = (a: readonly number[], b: readonly number[]): number => {
    for (let k = 0; k < a.length; k++) {
      const [x, y] = [a[k] as number, b[k] as number];
      if (x !== y) return x < y ? -1 : 1;
    }
    return 0;
  };
  const choices = (v: number): number =>
    counts.filter((n, i) => n > 0 && Number.isFinite((shares[v] as number[])[i])).length;
  // a vessel that few can use is filled first
  const vessels = shares
    .map((_, v) => v)
    .sort(
      (a, b) =>
        choices(a) - choices(b) ||
        ahead(sorted(shares[a] as number[]), sorted(shares[b] as number[])),
    );
  const column = (i: number): number[] => vessels.map((v) => (shares[v] as number[])[i] as number);
  const lots = counts.map((_, i) => i).sort((a, b) => ahead(column(a), column(b)));
  return { vessels, lots };
}

const inOrder = (shares: Shares, { vessels, lots }: Order): number[][] =>
  vessels.map((v) => lots.map((i) => (shares[v] as number[])[i] as number));

/** Steps by which prices are brought towards those that show best what cannot fit. */
const PRICE_STEPS = 60;

/**
 * A price for each vessel, by which no sharing out can ask for more than there is: at any prices, what birds cost
 * where they are cheapest is at most what all vessels are worth. Prices rise where too many would go.
 */
function pricesOf(shares: Shares, counts: readonly number[]): number[] {
  let price = shares.map((own) => {
    const usable = own.filter((s, i) => Number.isFinite(s) && s > 0 && (counts[i] ?? 0) > 0);
    return usable.length === 0 ? 1e-6 : 1 / Math.min(...usable);
  });
  let best = { price, spare: Number.POSITIVE_INFINITY };
  for (let step = 0; step < PRICE_STEPS; step++) {
    const worth = sum(price);
    const load = shares.map(() => 0);
    let asked = 0;
    for (let i = 0; i < counts.length; i++) {
      const n = counts[i] as number;
      if (n === 0) continue;
      let at = -1;
      let least = Number.POSITIVE_INFINITY;
      for (let v = 0; v < shares.length; v++) {
        const cost = (price[v] as number) * ((shares[v] as number[])[i] as number);
        if (cost < least) [at, least] = [v, cost];
      }
      if (at < 0) return price;
      asked += n * least;
      load[at] = (load[at] as number) + n * ((shares[at] as number[])[i] as number);
    }
    const spare = (worth - asked) / worth;
    if (spare < best.spare) best = { price, spare };
    if (spare < -1e-6) break;
    const pace = 0.5 / (1 + step / 6);
    price = price.map(
      (p, v) => p * Math.exp(pace * Math.max(-1, Math.min(1, (load[v] as number) - 1))),
    );
  }
  return best.price;
}

/** Branch and bound: vessel by vessel, every fullest way of filling it, what cannot be left out. */
function search(
  shares: Shares,
  counts: readonly number[],
): { at: number[][] | null; givenUp: boolean } {
  const price = pricesOf(shares, counts);
  const failed = new Set<string>();
  const at = shares.map(() => counts.map(() => 0));
  /** By vessel, what a bird of each lot costs where she is cheapest of the vessels from that one on. */
  const least: number[][] = shares.map(() => []);
  for (let v = shares.length - 1; v >= 0; v--) {
    least[v] = counts.map((_, i) =>
      Math.min(
        (least[v + 1] as number[] | undefined)?.[i] ?? Number.POSITIVE_INFINITY,
        (price[v] as number) * ((shares[v] as number[])[i] as number),
      ),
    );
  }
  let nodes = 0;
  const vessel = (v: number, left: readonly number[]): boolean => {
    if (none(left)) return true;
    if (v === shares.length) return false;
    const cheapest = least[v] as number[];
    let spare = 1e-6;
    for (let w = v; w < shares.length; w++) spare += price[w] as number;
    for (let i = 0; i < left.length; i++) {
      if ((left[i] as number) > 0) spare -= (left[i] as number) * (cheapest[i] as number);
    }
    if (!(spare >= 0)) return false;
    const key = `${v}|${left.join()}`;
    if (failed.has(key)) return false;
    const own = shares[v] as readonly number[];
    const worth = price[v] as number;
    const rest = [...left];
    // those that belong here come first: dearer by least than where they are cheapest
    const dearer = own.map((s, i) => Math.max(0, worth * s - (cheapest[i] as number)));
    const lots = counts
      .map((_, i) => i)
      .filter((i) => (left[i] as number) > 0 && Number.isFinite(own[i]))
      .sort(
        (a, b) =>
          (dearer[a] as number) - (dearer[b] as number) ||
          (own[b] as number) - (own[a] as number) ||
          a - b,
      );
    const place = (k: number, room: number, lost: number): boolean => {
      if (++nodes > MOST_NODES) return false;
      const i = lots[k];
      if (i === undefined) {
        // what stays empty is lost too
        if (lost + worth * Math.max(0, room - DUST) > spare) return false;
        // a filling that leaves room for one bird more of those waiting is no better than one with her
        if (lots.some((j) => (rest[j] as number) > 0 && (own[j] as number) <= room)) return false;
        return vessel(v + 1, rest);
      }
      const share = own[i] as number;
      const waiting = rest[i] as number;
      const fitting = share > room ? 0 : Math.min(waiting, Math.floor(room / share));
      const each = dearer[i] as number;
      const most = each > 0 ? Math.min(fitting, Math.floor((spare - lost) / each)) : fitting;
      for (let n = most; n >= 0; n--) {
        rest[i] = waiting - n;
        (at[v] as number[])[i] = n;
        if (place(k + 1, room - n * share, lost + n * each)) return true;
      }
      rest[i] = waiting;
      (at[v] as number[])[i] = 0;
      return false;
    };
    if (place(0, 1 + DUST, 0)) return true;
    if (nodes <= MOST_NODES) failed.add(key);
    return false;
  };
  const found = vessel(0, counts);
  return { at: found ? at : null, givenUp: !found && nodes > MOST_NODES };
}
