import { below, tidy, wholeDown } from '../../kernel/units/number';

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
  order: readonly number[] = widestFirst(kinds.map((k) => k.widthM)),
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

/**
 * Lots by width, widest first; ties keep their order.
 * @example widestFirst([0.2, 0.34]) // [1, 0]
 */
export const widestFirst = (widthsM: readonly number[]): number[] =>
  widthsM.map((_, i) => i).sort((a, b) => (widthsM[b] ?? 0) - (widthsM[a] ?? 0) || a - b);

/** Bars, and who of the lots gets up to each. */
export interface Bars {
  readonly usableM: readonly number[];
  /** By lot, then by bar; lots that get up to the same bars share one list. */
  readonly reaches: readonly (readonly boolean[])[];
}

/** Room left on each bar while a flock is seated: asked for thousands of times, so it is made once. */
let room = new Float64Array(16);

/**
 * Whether `packBars` leaves nobody without a place: the same seating, without writing down who sits where.
 * @param order    lots in the order they choose
 * @param counts   birds of each lot
 * @param widthsM  width of one bird of each lot; 0 for those that take no bar
 * @example allSeated({ usableM: [1, 0.7], reaches: [] }, [0, 1], [3, 2], [0.34, 0.2]) // true
 */
export function allSeated(
  { usableM, reaches }: Bars,
  order: readonly number[],
  counts: readonly number[],
  widthsM: readonly number[],
): boolean {
  const bars = usableM.length;
  if (room.length < bars) room = new Float64Array(2 * bars);
  for (let b = 0; b < bars; b++) room[b] = usableM[b] as number;
  for (const lot of order) {
    const width = widthsM[lot] as number;
    let waiting = counts[lot] as number;
    if (width === 0 || waiting === 0) continue;
    const own = reaches[lot];
    for (let b = 0; b < bars && waiting > 0; b++) {
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

/** What is seated whatever birds of a flock make it up. */
export interface Sure {
  /** Length of birds, m; Infinity where no lot is there to sit. */
  readonly lengthM: number;
  /** Birds. */
  readonly birds: number;
  /** The widest of them, m; 0 where no lot is there to sit. */
  readonly widestM: number;
}

/**
 * What is seated for certain. A bird finds no place only where every bar that she reaches has less room than her
 * width: the bars are then full but for less than a width each, and each holds at least as many birds as it would of
 * the widest.
 * @example surelySeated({ usableM: [1], reaches: [] }, [3], [0.3]) // { lengthM: 1, birds: 3, widestM: 0.3 }
 */
export function surelySeated(
  { usableM, reaches }: Bars,
  counts: readonly number[],
  widthsM: readonly number[],
): Sure {
  let lengthM = Number.POSITIVE_INFINITY;
  let birds = Number.POSITIVE_INFINITY;
  let widestM = 0;
  /** Lots that get up to the same bars, by the widest of them. */
  const alike: { own: readonly boolean[] | undefined; widest: number }[] = [];
  for (let i = 0; i < counts.length; i++) {
    const width = widthsM[i] as number;
    if (width === 0 || counts[i] === 0) continue;
    if (width > widestM) widestM = width;
    const own = reaches[i];
    let k = 0;
    while (k < alike.length && alike[k]?.own !== own) k++;
    const same = alike[k];
    if (!same) alike.push({ own, widest: width });
    else if (width > same.widest) same.widest = width;
  }
  for (const { own, widest: width } of alike) {
    let full = 0;
    let count = 0;
    let longest = 0;
    for (let b = 0; b < usableM.length; b++) {
      if (own && !own[b]) continue;
      const barM = usableM[b] as number;
      if (barM > longest) longest = barM;
      if (barM > width) full += barM - width;
      if (barM > 0) count += wholeDown(barM / widestM);
    }
    // a narrower bird leaves the bars fuller, as long as the widest fits on one of them
    lengthM = Math.min(lengthM, below(longest, width) ? 0 : full + width);
    birds = Math.min(birds, count);
  }
  return { lengthM, birds, widestM };
}

/**
 * Whether so many birds are seated for certain, whichever they are: each taken to be as wide as the widest.
 * @param n  birds
 * @example isSureOf({ lengthM: 0.9, birds: 2, widestM: 0.3 }, 2) // true
 */
export const isSureOf = ({ lengthM, birds, widestM }: Sure, n: number): boolean =>
  n <= birds || below(n * widestM, lengthM);

/**
 * Whether these are seated for certain.
 * @param taken  birds of each lot
 * @example isSure({ lengthM: 0.9, birds: 2, widestM: 0.3 }, [2], [0.3]) // true
 */
export function isSure(sure: Sure, taken: readonly number[], widthsM: readonly number[]): boolean {
  let [length, birds] = [0, 0];
  for (let i = 0; i < taken.length; i++) {
    const width = widthsM[i] as number;
    if (width === 0) continue;
    birds += taken[i] as number;
    length += (taken[i] as number) * width;
  }
  return birds <= sure.birds || below(length, sure.lengthM);
}
