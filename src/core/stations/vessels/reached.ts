import { birdSize } from '../../birds/size';
import { below } from '../../kernel/units/number';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import { litterEndM, litterStartM } from '../../model/litter';
import type { Plan, Vessel } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { vesselKind } from '../../rules/vesselKinds.data';

/**
 * A rim, or pin, above the litter as it is started and as it is cleaned out, m. What hangs or stands is raised
 * with the litter by the keeper, and stands as high above the one as above the other.
 * @source keepers (domain notes, "Both levels, with room between")
 */
export function rimsAbove(
  v: Vessel,
  plan: Pick<Plan, 'litter'>,
): { fromStart: number; fromEnd: number } {
  if (v.place === 'run') return { fromStart: v.rimZ, fromEnd: v.rimZ };
  const fromStart = v.rimZ - litterStartM(plan);
  return { fromStart, fromEnd: v.onWall ? v.rimZ - litterEndM(plan) : fromStart };
}

/**
 * The highest rim, or pin, that a bird gets at from where she stands, m: as high as she holds her head, or a little
 * over her back; to a pin she lifts it.
 * @param massKg  live mass, kg, above 0
 * @source        keepers (domain notes, "Settled after issue K": a rim above reach feeds that lot nothing)
 * @example       reachM({ kind: 'feeder', type: 'tube' }, 2.2) // 0.42
 */
export function reachM(v: Pick<Vessel, 'kind' | 'type'>, massKg: number): number {
  const headM = ruled('feed.reach.head') * Math.cbrt(massKg / REFERENCE_HEN_KG);
  const overM = ruled('feed.reach.over');
  const { pin } = vesselKind(v);
  return pin === null
    ? Math.max(headM, birdSize(massKg).backM + overM)
    : ruled(pin) * headM + overM;
}

/**
 * Whether a bird gets at a vessel, over the litter as it is started.
 * @param massKg  live mass, kg; nobody of no mass reaches anything
 * @example isReached({ ...drinker, place: 'run', rimZ: 0.9 }, plan, 2.2) // false
 */
export const isReached = (v: Vessel, plan: Pick<Plan, 'litter'>, massKg: number): boolean =>
  massKg > 0 && !below(reachM(v, massKg), rimsAbove(v, plan).fromStart);
