import { ruled } from '../rules/rules.data';
import { overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import { AIR_CP, type HourIn, type HourOut } from './hour';
import type { Tried } from './leastArea';
import { roofC } from './shellHeat';

/** No less warmth and water is told from none, K and kg/kg. */
const [LEAST_K, LEAST_W] = [1e-6, 1e-9];

/**
 * Whether an hour of the night is dry enough: at most 85 %, no dew on the roof; or little damper than outdoors.
 * @param lossWK    what the shell loses, W/K
 * @param roofDrop  of the roof's skin (`roofDropOf`)
 * @example         winterTried({ tiC: 5, wBefore: 0.003, wIn: 0.003, airKgS: 0.1 }, { outC: 0, outW: 0.0025, pressurePa: 101325 }, 50, 0.3).by // 'damp'
 */
export function winterTried(
  out: HourOut,
  { outC, outW, pressurePa }: HourIn,
  lossWK: number,
  roofDrop: number,
): Tried {
  const { tiC, airKgS, wBefore } = out;
  const vapour = vapourPa(wBefore, pressurePa);
  const underC = roofC(tiC, outC, roofDrop, true);
  const dry = Math.log(
    Math.min(ruled('air.rh.most') * overWaterPa(tiC), saturationPa(underC)) / vapour,
  );
  // the more of the warmth goes with the air already, the less more of it would dry: it cools as well
  const spent = 1 + (airKgS * AIR_CP) / lossWK;
  const outRh = vapourPa(outW, pressurePa) / saturationPa(outC);
  const likeOutdoors = Math.log(
    Math.max(
      ((outRh + spent * ruled('air.damper.most')) * saturationPa(tiC)) / vapour,
      (spent * ruled('air.damper.mass')) / Math.max(LEAST_W, wBefore - outW),
    ),
  );
  const isByDamp = dry >= 0 || dry > likeOutdoors;
  return {
    slack: isByDamp ? dry : likeOutdoors,
    by: isByDamp ? 'damp' : 'outdoors',
    tiC,
    rh: vapourPa(out.wIn, pressurePa) / overWaterPa(tiC),
    airKgS,
  };
}

/** Whether an hour of the heat is cool enough: little warmer than outdoors. */
export function summerTried(out: HourOut, { outC, pressurePa }: HourIn): Tried {
  const { tiC, airKgS } = out;
  return {
    slack: summerSlack(tiC - outC),
    by: 'warmth',
    tiC,
    rh: vapourPa(out.wIn, pressurePa) / overWaterPa(tiC),
    airKgS,
  };
}

/**
 * How well a coop that is so much warmer than outdoors is as it should be.
 * @param riseK  K
 * @example      summerSlack(2) // 0
 */
export const summerSlack = (riseK: number): number =>
  Math.log(ruled('air.rise.most') / Math.max(LEAST_K, riseK));
