import type { DesignHours } from '../weather/designHours';
import { type Bare, hourIn, shutHouse, summerOpenings, winterSlots, workerOf } from './bare';
import { type AreaNeed, leastArea } from './leastArea';
import { roofDropOf } from './shellHeat';
import { summerTried, winterTried } from './tried';

export interface AirNeeds {
  /** High up, open always: the design night. */
  readonly winter: AreaNeed;
  /** In all, low and high: the hottest hour of the design day. */
  readonly summer: AreaNeed;
}

/**
 * Net areas that a coop needs, by its design night and its hottest hour.
 * @source domain notes, "The year": at most 85 % and no dew on the roof; at most 2 K warmer than outdoors. Where
 *         outdoors leaves no room for that: little damper than outdoors, the less so the more warmth it costs (assumption)
 */
export function airNeedsOf(bare: Bare, { night, day }: DesignHours): AirNeeds {
  const { shell } = bare;
  const shut = shutHouse(bare);
  const [inWinter, inSummer] = [
    workerOf(shut, winterSlots(shell)),
    workerOf(shut, summerOpenings(shell)),
  ];
  const drop = roofDropOf(shell);
  const cold = hourIn(bare, night, true);
  // all birds may be in at once on a hot afternoon: to lay, from a hawk, for the shade
  const hot = hourIn(bare, day, false);
  return {
    winter: leastArea((m2) => winterTried(inWinter(cold, m2), cold, shut.lossWK, drop)),
    summer: leastArea((m2) => summerTried(inSummer(hot, m2), hot)),
  };
}
