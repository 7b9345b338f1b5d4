import { tidy, wholeDown } from '../units/number';

export interface BirdKind {
  /** Length of bar one bird takes, m, above 0. */
  readonly widthM: number;
  readonly count: number;
}

export interface Seating {
  /** Birds of each kind on each bar, bars in the order given. */
  readonly seated: readonly (readonly number[])[];
  /** Birds of each kind left without a place. */
  readonly left: readonly number[];
}

/**
 * Seats whole birds on bars: bars in the order given, the widest bird first,
 * never going back to an earlier bar.
 * @param barsM  usable length of each bar, m, in the order they fill
 * @param kinds  birds by width; ties keep their order
 * @source       domain notes, "What carries N birds means"
 * @example      packBars([1.2, 1.2], [{ widthM: 0.34, count: 8 }]) // 3 and 3 seated, 2 left
 */
export function packBars(barsM: readonly number[], kinds: readonly BirdKind[]): Seating {
  const left = kinds.map((k) => k.count);
  const order = fillOrder(kinds);
  let turn = 0;
  const seated = barsM.map((barM) => {
    const onBar = kinds.map(() => 0);
    let room = barM;
    while (turn < order.length) {
      const kind = order[turn] ?? 0;
      const width = widthOf(kinds, kind);
      const waiting = left[kind] ?? 0;
      const places = Math.min(waiting, Math.max(0, wholeDown(room / width)));
      onBar[kind] = places;
      left[kind] = waiting - places;
      room = tidy(room - places * width);
      if (places < waiting) break;
      turn++;
    }
    return onBar;
  });
  return { seated, left };
}

/** Lots by width, widest first; ties keep their order. */
export const widestFirst = (widthsM: readonly number[]): number[] =>
  widthsM.map((_, i) => i).sort((a, b) => (widthsM[b] ?? 0) - (widthsM[a] ?? 0) || a - b);

/**
 * Whether `packBars` leaves nobody without a place: the same seating, without writing down who sits where.
 * @param order    lots as `widestFirst` has them
 * @param counts   birds of each lot
 * @param widthsM  width of one bird of each lot; 0 for those that take no bar
 */
export function allSeated(
  barsM: readonly number[],
  order: readonly number[],
  counts: readonly number[],
  widthsM: readonly number[],
): boolean {
  let turn = -1;
  let waiting = 0;
  const next = (): boolean => {
    while (waiting === 0 && ++turn < order.length) {
      const lot = order[turn] as number;
      waiting = widthsM[lot] === 0 ? 0 : (counts[lot] as number);
    }
    return waiting > 0;
  };
  for (const barM of barsM) {
    let room = barM;
    while (next()) {
      const width = widthsM[order[turn] as number] as number;
      const places = Math.min(waiting, Math.max(0, wholeDown(room / width)));
      waiting -= places;
      room = tidy(room - places * width);
      if (waiting > 0) break;
    }
  }
  return !next();
}

const widthOf = (kinds: readonly BirdKind[], i: number): number => kinds[i]?.widthM ?? 0;

/** Kinds by width, widest first; already in that order they are left alone. */
function fillOrder(kinds: readonly BirdKind[]): number[] {
  const order = kinds.map((_, i) => i);
  const sorted = kinds.every((k, i) => i === 0 || k.widthM <= widthOf(kinds, i - 1));
  return sorted ? order : order.sort((a, b) => widthOf(kinds, b) - widthOf(kinds, a) || a - b);
}
