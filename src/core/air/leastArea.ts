/** What decides an area: damp in the air and on the roof, that outdoors is that damp itself, warmth, or that none will do. */
export type Decides = 'damp' | 'outdoors' | 'warmth' | 'none';

export interface AreaNeed {
  /** Net area in all, m². */
  readonly netM2: number;
  readonly decides: Decides;
  /** What the hour is like with it. */
  readonly tiC: number;
  readonly rh: number;
  readonly airKgS: number;
}

/** An area tried. */
export interface Tried {
  /** How well it is as it should be: the logarithm of what may be by what is; 0 and more where it is. */
  readonly slack: number;
  readonly by: Decides;
  readonly tiC: number;
  readonly rh: number;
  readonly airKgS: number;
}

/** Areas that are tried, m² net: from a handful of holes to a meshed wall; the first, and by what they grow or shrink. */
const [LEAST_M2, MOST_M2, FIRST_M2] = [0.001, 12, 0.15];
const [LEAST_STEP, MOST_STEP] = [1.3, 8];
/** An area is found to so much of itself. */
const CLOSE = 0.01;
const MOST_ROUNDS = 40;

/** By what an area grows or shrinks next: what is over falls about as the area grows. */
const stepOf = (slack: number): number =>
  Math.min(MOST_STEP, Math.max(LEAST_STEP, Math.exp(1.15 * Math.abs(slack))));

/**
 * The least area with which a coop is as it should be: stepped to, then closed in on from both sides.
 * @param tryArea  of a net area, m²
 * @throws         RangeError where an area gives no number
 * @example        leastArea((m2) => ({ slack: Math.log(m2 / 0.5), by: 'damp', tiC: 0, rh: 0.8, airKgS: 1 })).netM2 < 0.51 // true
 */
export function leastArea(tryArea: (netM2: number) => Tried): AreaNeed {
  const at = (netM2: number) => {
    const { slack, by, tiC, rh, airKgS } = tryArea(netM2);
    if (Number.isNaN(slack)) throw new RangeError(`an area of ${netM2} m² cannot be worked`);
    const need: AreaNeed = { netM2, decides: slack >= 0 ? by : 'none', tiC, rh, airKgS };
    return { slack, need, log: Math.log(netM2) };
  };
  const shut = at(0);
  if (shut.slack >= 0) return shut.need;
  let low = at(FIRST_M2);
  let high = low;
  while (high.slack < 0 && high.need.netM2 < MOST_M2) {
    low = high;
    high = at(Math.min(MOST_M2, high.need.netM2 * stepOf(high.slack)));
  }
  if (high.slack < 0) return high.need;
  while (low.slack >= 0 && low.need.netM2 > LEAST_M2) {
    high = low;
    low = at(Math.max(LEAST_M2, low.need.netM2 / stepOf(low.slack)));
  }
  if (low.slack >= 0) return low.need;
  let [atLow, atHigh, side] = [low.slack, high.slack, 0];
  for (let i = 0; i < MOST_ROUNDS && high.log - low.log > CLOSE; i++) {
    const straight = low.log + ((high.log - low.log) * -atLow) / (atHigh - atLow);
    // a little beyond where the line crosses: that will do, and closes the other side
    const log = Math.min(Math.max(straight + CLOSE / 3, low.log + CLOSE / 3), high.log - CLOSE / 3);
    const next = at(Math.exp(log));
    // the end that stays counts half, so that it does not stay for ever
    if (next.slack >= 0) {
      [high, atHigh] = [next, next.slack];
      if (side === 1) atLow /= 2;
      side = 1;
    } else {
      [low, atLow] = [next, next.slack];
      if (side === -1) atHigh /= 2;
      side = -1;
    }
  }
  return high.need;
}
