/** Heat of water, J/(kg K), and of its freezing, J/kg. Source: domain notes, "Freezing". */
const WATER_JKGK = 4186;
const ICE_JKG = 334_000;
/** An outlet is blocked when this share of the water is ice. */
export const BLOCKED = 0.15;
/** Water as it is brought out, °C. */
export const FRESH_C = 5;
const HOUR_S = 3600;

/** Water as one lump that loses heat all over. */
export interface Lump {
  readonly litres: number;
  /** All that loses heat: wall to the water's level, bottom and top, m². */
  readonly areaM2: number;
  readonly uWM2K: number;
}

/** Hours until it is at 0 °C, and from there until it is blocked; Infinity where it never is. */
export interface IceHours {
  readonly toZeroH: number;
  readonly toBlockedH: number;
}

/**
 * Hours to the first ice and on to a blocked outlet in air that stays as it is.
 * @param airC    °C
 * @param startC  °C, above 0
 * @source domain notes, "Freezing": m·c·dT/dt = −U·A·(T − Ta), then the latent heat of 15 %
 * @example iceHours({ litres: 19, areaM2: 0.42, uWM2K: 9 }, -20).toZeroH // 1.3042
 */
export function iceHours(
  { litres, areaM2, uWM2K }: Lump,
  airC: number,
  startC = FRESH_C,
): IceHours {
  if (!(airC < 0))
    return { toZeroH: Number.POSITIVE_INFINITY, toBlockedH: Number.POSITIVE_INFINITY };
  const lossWK = uWM2K * areaM2;
  return {
    toZeroH: ((litres * WATER_JKGK) / lossWK) * (Math.log((startC - airC) / -airC) / HOUR_S),
    toBlockedH: (BLOCKED * litres * ICE_JKG) / (lossWK * -airC) / HOUR_S,
  };
}

/**
 * Hours from the first until an outlet is blocked, through air that changes from hour to hour.
 * @param hoursC  air hour by hour, °C
 * @returns hours, with their parts; null where it is not blocked within them
 * @example blockedAfterH({ litres: 0.15, areaM2: 0.021, uWM2K: 9 }, new Float64Array(3).fill(-20)) // 0.758
 */
export function blockedAfterH(
  { litres, areaM2, uWM2K }: Lump,
  hoursC: ArrayLike<number>,
  startC = FRESH_C,
): number | null {
  const lossWK = uWM2K * areaM2;
  const massJK = litres * WATER_JKGK;
  const iceJ = litres * ICE_JKG;
  let waterC = startC;
  let ice = 0;
  for (let h = 0; h < hoursC.length; h++) {
    const airC = hoursC[h] as number;
    let left = HOUR_S;
    while (left > 1e-9) {
      if (waterC > 0 || (waterC === 0 && ice === 0 && airC > 0)) {
        // cooling or warming towards the air, to 0 °C at the furthest
        const toZeroS =
          airC < 0
            ? (massJK / lossWK) * Math.log((waterC - airC) / -airC)
            : Number.POSITIVE_INFINITY;
        const step = Math.min(left, toZeroS);
        waterC = toZeroS <= left ? 0 : airC + (waterC - airC) * Math.exp((-lossWK * step) / massJK);
        left -= step;
        continue;
      }
      if (airC === 0) break;
      // at 0 °C: freezing below, thawing above
      const perS = (lossWK * -airC) / iceJ;
      const goal = perS > 0 ? (BLOCKED - ice) / perS : ice / -perS;
      const step = Math.min(left, goal);
      ice = Math.max(0, ice + perS * step);
      left -= step;
      if (perS > 0 && goal <= step + 1e-12) return h + (HOUR_S - left) / HOUR_S;
      // all of it has thawed: it warms
      if (perS < 0 && ice < 1e-12) {
        ice = 0;
        waterC = 1e-9;
      }
    }
  }
  return null;
}

/** Foam lets through, W/(m K), and air takes up round a pipe, W/(m² K). Source: domain notes, "Settled", 40. */
const FOAM_WMK = 0.035;
const AIR_WM2K = 9;

/**
 * Heat that a pipe in foam loses, W/(m² K) of its own outside.
 * @param outsideM  the pipe's outside, m
 * @param foamM     thickness of the foam, m; 0: bare and sheltered
 * @source domain notes, "Settled", 40
 * @example pipeU(0.032, 0.025) // 2.11
 */
export function pipeU(outsideM: number, foamM: number): number {
  const around = outsideM + 2 * foamM;
  return (
    1 / ((outsideM * Math.log(around / outsideM)) / (2 * FOAM_WMK) + outsideM / (AIR_WM2K * around))
  );
}

/**
 * A length of pipe full of water.
 * @param boreM     m
 * @param outsideM  m
 * @param longM     m
 * @param foamM     m
 * @example pipeLump(0.025, 0.032, 2, 0).litres // 0.9817
 */
export const pipeLump = (boreM: number, outsideM: number, longM: number, foamM: number): Lump => ({
  litres: ((Math.PI * boreM ** 2) / 4) * longM * 1000,
  areaM2: Math.PI * outsideM * longM,
  uWM2K: pipeU(outsideM, foamM),
});
