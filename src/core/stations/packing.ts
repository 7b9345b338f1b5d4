import { below, tidy, wholeDown } from '../units/number';

export interface BirdKind {
  /** Length of bar one bird takes, m, above 0. */
  readonly widthM: number;
  readonly count: number;
  /** Which of the bars she gets up to; all of them where it is left out. */
  readonly reaches?: readonly boolean[];
}

export interface Seating {
  /** Birds of each kind on each bar, bars in the order given. */
  readonly seated: readonly (readonly number[])[];
  /** Birds of each kind left without a place. */
  readonly left: readonly number[];
}

/**
 * Seats whole birds on bars: kind by kind in the order given, each bird on the first bar that she reaches and
 * that has room, so that a narrow bird may go back to one that wide ones left room on.
 * @param barsM  usable length of each bar, m, highest first
 * @param kinds  birds by width
 * @param order  kinds in the order they choose; widest first where it is left out
 * @source       domain notes, "Who is served where"
 * @example      packBars([1, 0.7], [{ widthM: 0.34, count: 3 }, { widthM: 0.2, count: 2 }]).left // [0, 0]
 */
export function packBars(
  barsM: readonly number[],
  kinds: readonly BirdKind[],
  order = widestFirst(kinds.map((k) => k.widthM)),
): Seating {
  const left = kinds.map((k) => k.count);
  const room = [...barsM];
  const seated = barsM.map(() => kinds.map(() => 0));
  for (const kind of order) {
    const { widthM, reaches } = kinds[kind] as BirdKind;
    for (let b = 0; b < room.length && (left[kind] as number) > 0; b++) {
      if (reaches && !reaches[b]) continue;
      const places = placesOn(room[b] as number, widthM, left[kind] as number);
      if (places === 0) continue;
      (seated[b] as number[])[kind] = places;
      left[kind] = (left[kind] as number) - places;
      room[b] = tidy((room[b] as number) - places * widthM);
    }
  }
  return { seated, left };
}

const placesOn = (roomM: number, widthM: number, waiting: number): number =>
  Math.min(waiting, Math.max(0, wholeDown(roomM / widthM)));

/** Lots by width, widest first; ties keep their order. */
export const widestFirst = (widthsM: readonly number[]): number[] =>
  widthsM.map((_, i) => i).sort((a, b) => (widthsM[b] ?? 0) - (widthsM[a] ?? 0) || a - b);

/** Bars, and who of the lots gets up to each. */
export interface Bars {
  readonly usableM: readonly number[];
  /** By lot, then by bar. */
  readonly reaches: readonly (readonly boolean[])[];
}

/**
 * Whether `packBars` leaves nobody without a place: the same seating, without writing down who sits where.
 * @param order    lots in the order they choose
 * @param counts   birds of each lot
 * @param widthsM  width of one bird of each lot; 0 for those that take no bar
 */
export function allSeated(
  { usableM, reaches }: Bars,
  order: readonly number[],
  counts: readonly number[],
  widthsM: readonly number[],
): boolean {
  const room = Float64Array.from(usableM);
  for (const lot of order) {
    const width = widthsM[lot] as number;
    let waiting = counts[lot] as number;
    if (width === 0 || waiting === 0) continue;
    const own = reaches[lot];
    for (let b = 0; b < room.length && waiting > 0; b++) {
      if (own && !own[b]) continue;
      const places = placesOn(room[b] as number, width, waiting);
      if (places === 0) continue;
      waiting -= places;
      room[b] = tidy((room[b] as number) - places * width);
    }
    if (waiting > 0) return false;
  }
  return true;
}

/**
 * Length of birds that is seated whatever birds make it up: a bird finds no place only where every bar that she
 * reaches has less room than her width, so the bars are full but for less than a width each.
 * @returns m; Infinity where no lot is there to sit
 */
export function surelySeatedM(
  { usableM, reaches }: Bars,
  counts: readonly number[],
  widthsM: readonly number[],
): number {
  let least = Number.POSITIVE_INFINITY;
  widthsM.forEach((width, lot) => {
    if (width === 0 || counts[lot] === 0) return;
    const own = reaches[lot];
    const full = usableM.reduce(
      (sum, barM, b) => sum + (own && !own[b] ? 0 : Math.max(0, barM - width)),
      0,
    );
    least = Math.min(least, full + width);
  });
  return least;
}

/** Whether birds of so much length are seated for certain. */
export const surelySeated = (lengthM: number, sureM: number): boolean => below(lengthM, sureM);
