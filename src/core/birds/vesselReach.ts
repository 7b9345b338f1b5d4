import { gridDown, gridNear } from '../kernel/units/grid';
import { below } from '../kernel/units/number';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { litterEndM, litterStartM } from '../model/litter';
import type { Plan, Vessel } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { vesselKind } from '../rules/vesselKinds.data';
import { birdSize } from './size';

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

/** What a rim's height hangs on. */
type Rimmed = Pick<Vessel, 'kind' | 'type' | 'onWall'>;

/** Birds that a rim is set for, kg: the smallest of the day of most, and the lightest that ever comes to it. */
interface RimFor {
  readonly smallestKg: number;
  readonly lightestKg: number;
}

/**
 * Back of a bird, or where she drinks from a pin, m above where she stands.
 * @param massKg  live mass, kg, above 0
 * @example       wantedRimM({ kind: 'feeder', type: 'tube' }, 2.2) // 0.2406
 */
export function wantedRimM(v: Pick<Vessel, 'kind' | 'type'>, massKg: number): number {
  const { backM, headM } = birdSize(massKg);
  const { pin } = vesselKind(v);
  return pin === null ? backM : ruled(pin) * headM;
}

/**
 * Where a rim is set, m above the bare floor: at the smallest bird's back over the litter as it starts, or, fixed to
 * the wall, midway between what both levels of the litter allow; never above what the lightest that comes to it reaches.
 * @param v  a vessel in the coop
 * @example  rimZFor(plan, { kind: 'feeder', type: 'tube', onWall: false }, { smallestKg: 2.2, lightestKg: 2.2 }) // 0.34
 */
export function rimZFor(
  { litter, units }: Pick<Plan, 'litter' | 'units'>,
  v: Rimmed,
  { smallestKg, lightestKg }: RimFor,
): number {
  const start = litterStartM({ litter });
  const level = v.onWall ? (start + litterEndM({ litter })) / 2 : start;
  const rimZ = gridNear(level + wantedRimM(v, smallestKg), units);
  const most = start + reachM(v, lightestKg);
  return below(most, rimZ) ? gridDown(most, units) : rimZ;
}
