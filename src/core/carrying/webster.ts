/** The order in which birds of a flock enter, as long as it is asked for. */
export interface Webster {
  /** Birds of each lot among the first n. */
  of(n: number): readonly number[];
}

/**
 * The next lot in Webster's order: the greatest count/(2·taken + 1); ties go to the lot that stands first in `order`.
 * @param counts  birds of each lot in the flock
 * @param taken   birds of each lot taken so far
 * @param order   lots as ties go
 * @returns       index of the lot; −1 for an empty flock
 * @source        domain notes, "What carries N birds means"
 * @example       nextByWebster([4, 4, 6], [4, 4, 6], [0, 1, 2]) // 2 (six in thirteenths is above four in ninths)
 */
export function nextByWebster(
  counts: readonly number[],
  taken: readonly number[],
  order: readonly number[],
): number {
  let best = -1;
  for (const i of order) {
    const count = counts[i] as number;
    if (count === 0) continue;
    if (best < 0) {
      best = i;
      continue;
    }
    // cross-multiplied, so that whole numbers compare exactly
    const left = count * (2 * (taken[best] as number) + 1);
    const right = (counts[best] as number) * (2 * (taken[i] as number) + 1);
    if (left > right) best = i;
  }
  return best;
}

/**
 * The flocks of 1, 2, 3 … birds of some lots, worked no further than has been asked for.
 * @param order  indices of lots: which goes first where two have an equal claim
 * @example createWebster([4, 4, 6], [0, 1, 2]).of(14) // [4, 4, 6]
 */
export function createWebster(counts: readonly number[], order: readonly number[]): Webster {
  const flocks: number[][] = [counts.map(() => 0)];
  return {
    of(n) {
      while (flocks.length <= n) {
        const last = flocks[flocks.length - 1] as number[];
        const next = nextByWebster(counts, last, order);
        const grown = [...last];
        if (next >= 0) grown[next] = (grown[next] as number) + 1;
        flocks.push(grown);
      }
      return flocks[n] as number[];
    },
  };
}
