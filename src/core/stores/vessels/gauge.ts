/** A float on the feed, with a cord over the top: its outside end is drawn up as the feed falls. */
export interface LevelGauge {
  /** To cut, m: the height of the tube and a tail to hold. */
  readonly cordM: number;
  /** So far below its place when full the end stands when feed must be bought, m drawn up. */
  readonly buyAtM: number;
  /** Kilograms left at that mark. */
  readonly leftKg: number;
}

/** Cord beyond the height of the tube, to see and to hold, m (assumption). */
export const TAIL_M = 0.15;

/**
 * The cord of a level gauge, and the mark to buy at.
 * @param tubeM     height that the float can fall, m
 * @param usableKg  feed that runs out in that, kg
 * @param dayKg     eaten and spilt a day, kg
 * @param daysToShop  between seeing the mark and filling
 * @source domain notes, "Home-made vessels"
 * @example levelGauge(1, 10, 0.5, 4).buyAtM // 0.8
 */
export function levelGauge(
  tubeM: number,
  usableKg: number,
  dayKg: number,
  daysToShop: number,
): LevelGauge {
  const leftKg = Math.min(usableKg, dayKg * daysToShop);
  return {
    cordM: tubeM + TAIL_M,
    buyAtM: usableKg > 0 ? tubeM * (1 - leftKg / usableKg) : 0,
    leftKg,
  };
}
