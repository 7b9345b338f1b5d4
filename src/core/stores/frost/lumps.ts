import { barrelAcrossM } from '../../model/barrelForm';
import type { Drinker, Plan, Rain } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { takesUp, vesselKind } from '../../rules/vesselKinds.data';
import { type Lump, pipeLump } from './freeze';

/** How a vessel is wrapped: what it loses, W/(m² K). Source: domain notes, "Freezing". */
const U = { sheltered: 9, windy: 18, tyre: 3, foam: 1.3 } as const;

/** A self-filling cup: what is in it, L, and what it loses heat by, m². Source: domain notes, "Settled". */
const CUP = { litres: 0.15, areaM2: 0.021 } as const;
/** A line that nipples hang on: bore and outside, m, where nothing is entered. */
const LINE = { boreM: 0.025, outsideM: 0.032 } as const;

/** Whether wind gets at it: what stands in a run in the open. */
const isWindy = (place: Drinker['place'], plan: Pick<Plan, 'climate'>): boolean =>
  place === 'run' && plan.climate?.exposure === 'open';

/** Heat that a wall so wrapped loses, W/(m² K). @example wrapU('tyre', true) // 3 */
export const wrapU = (wrap: Drinker['wrap'], windy: boolean): number =>
  wrap === 'bare' ? (windy ? U.windy : U.sheltered) : U[wrap];

/**
 * Water of a round vessel standing to a level: wall, bottom and top.
 * @param litres   L
 * @param acrossM  m
 * @param uWM2K    heat it loses, W/(m² K)
 * @example roundLump(19, 0.28, 9).areaM2 // 0.3946
 */
export function roundLump(litres: number, acrossM: number, uWM2K: number): Lump {
  const end = (Math.PI * acrossM ** 2) / 4;
  const deepM = litres / 1000 / end;
  return { litres, areaM2: 2 * end + Math.PI * acrossM * deepM, uWM2K };
}

/**
 * The water of a drinker's own vessel.
 * @param litres   L
 * @example vesselLump({ ...drinker, wrap: 'tyre' }, 5, plan).uWM2K // 3
 */
export function vesselLump(v: Drinker, litres: number, plan: Pick<Plan, 'climate'>): Lump {
  const u = wrapU(v.wrap, isWindy(v.place, plan));
  const { round, longM, deepM } = takesUp(v);
  if (!round) {
    const high = litres / 1000 / (longM * deepM);
    return { litres, areaM2: 2 * (longM * deepM + high * (longM + deepM)), uWM2K: u };
  }
  const body =
    vesselKind(v).body === 'canOverPan' && v.made === null ? ruled('feed.body.share') : 1;
  return roundLump(litres, deepM * body, u);
}

/**
 * What of a drinker freezes first: its cup, its line, or all of it.
 * @param litres   L
 * @example firstToFreeze({ ...drinker, type: 'cup' }, 20, plan).litres // 0.15
 */
export function firstToFreeze(v: Drinker, litres: number, plan: Pick<Plan, 'climate'>): Lump {
  const windy = isWindy(v.place, plan);
  if (v.type === 'cup') return { ...CUP, uWM2K: wrapU('bare', windy) };
  if (v.type === 'nipple') {
    const bore = v.boreM ?? LINE.boreM;
    const bare = pipeLump(bore, bore + (LINE.outsideM - LINE.boreM), 1, 0);
    return windy ? { ...bare, uWM2K: U.windy } : bare;
  }
  return vesselLump(v, litres, plan);
}

/**
 * All that a heater of a drinker has to keep warm: its vessel, and the cups on it.
 * @param litres   L
 * @example heatedLump({ ...drinker, type: 'cup', outlets: 4 }, 20, plan).litres // 20.6
 */
export function heatedLump(v: Drinker, litres: number, plan: Pick<Plan, 'climate'>): Lump {
  const own = vesselLump(v, litres, plan);
  if (v.type !== 'cup') return own;
  const cups = wrapU('bare', isWindy(v.place, plan)) * CUP.areaM2 * v.outlets;
  // as one surface that loses as much
  const lossWK = own.uWM2K * own.areaM2 + cups;
  const areaM2 = own.areaM2 + CUP.areaM2 * v.outlets;
  return { litres: own.litres + CUP.litres * v.outlets, areaM2, uWM2K: lossWK / areaM2 };
}

/** The water of one barrel, full to its level. */
export const barrelLump = ({ barrel }: Pick<Rain, 'barrel'>): Lump =>
  roundLump(Math.max(1, barrel.litres), barrelAcrossM(barrel), wrapU(barrel.wrap, true));

/** The line from the barrel to the drinkers. */
export const lineLump = ({ line }: Pick<Rain, 'line'>): Lump =>
  pipeLump(line.boreM, line.outsideM, Math.max(0.01, line.lengthM), line.foamM);
