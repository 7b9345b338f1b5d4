import { KELVIN } from '../../kernel/units/physics.data';
/**
 * Room for a head between a bucket and the edge of the pan that it stands in, m.
 * @param panM     the pan across, m
 * @param bucketM  the bucket across at the height of the pan's rim, m
 * @source domain notes, "Home-made vessels": (D_pan − D_bucket)/2
 * @example panRoomM(0.44, 0.3) // 0.07
 */
export const panRoomM = (panM: number, bucketM: number): number => (panM - bucketM) / 2;

/** An upturned bucket over a pan: it lets water out until the holes are under it. */
export interface Upturned {
  /** Water stands so high above the pan's floor, m: at the top of the holes. */
  readonly levelM: number;
  /** From there up to the pan's rim, m. */
  readonly underRimM: number;
  /** Lower edge of the holes above the pan's floor, m. */
  readonly overFloorM: number;
}

/**
 * Where water stands in the pan of an upturned bucket.
 * @param holeLowM  lower edge of its holes above the pan's floor, m
 * @param holeM     one hole across, m
 * @param rimM      the pan's rim above its floor, m
 * @source domain notes, "Home-made vessels"
 * @example upturned(0.025, 0.012, 0.055).underRimM // 0.018
 */
export function upturned(holeLowM: number, holeM: number, rimM: number): Upturned {
  const levelM = holeLowM + holeM;
  return { levelM, underRimM: rimM - levelM, overFloorM: holeLowM };
}

/**
 * Water that the air in an upturned bucket pushes out when it warms, L: air widens by a part in 273 a kelvin.
 * @param airL    the air in it, L
 * @param fromC   °C
 * @param risesK  how much warmer it becomes, K
 * @source gas law at constant pressure
 * @example pushedOutL(10, 15, 20) // 0.694
 */
export const pushedOutL = (airL: number, fromC: number, risesK: number): number =>
  (airL * risesK) / (fromC + KELVIN);
