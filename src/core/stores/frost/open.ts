import type { Drinker, Plan, Rain } from '../../model/schema';
import { vesselKind } from '../../rules/vesselKinds.data';
import type { Lump } from './freeze';
import type { Thermostat } from './heater';
import { barrelLump, firstToFreeze, heatedLump, lineLump } from './lumps';

/** What a drinker's outlet hangs on in frost: what freezes first, and the heat that reaches it. */
export interface InFrost {
  /** What is blocked first. */
  readonly lump: Lump;
  /** Power that reaches it, W; 0 where none does. */
  readonly watts: number;
  readonly by: Thermostat;
  /** Whether a heater is there whose heat does not reach the outlet: it warms a tank and not the line on it. */
  readonly pastIt: boolean;
}

/** Whether a drinker hangs on the barrel's line: a kind on a line, without a tank of its own. */
export const isOnBarrel = (v: Drinker, { rain }: Pick<Plan, 'rain'>): boolean =>
  rain !== null && vesselKind(v).onLine && v.tankZ === null;

/** Water of barrel and line as one, where a pump sends it round. */
export function pumpedLump(rain: Pick<Rain, 'barrel' | 'line'>): Lump {
  const [tank, pipe] = [barrelLump(rain), lineLump(rain)];
  const areaM2 = tank.areaM2 + pipe.areaM2;
  return {
    litres: tank.litres + pipe.litres,
    areaM2,
    uWM2K: (tank.uWM2K * tank.areaM2 + pipe.uWM2K * pipe.areaM2) / areaM2,
  };
}

/**
 * What of a drinker freezes, and what heat reaches it: a heater under a vessel keeps that open; one in a tank keeps
 * the line and its cups open only where a pump sends the water round.
 * @param litres  L, full
 * @source domain notes, "Settled after issue K": heaters count by watts and by place
 * @example inFrost({ ...drinker, type: 'cup' }, 20, plan).lump.litres // 0.15
 */
export function inFrost(v: Drinker, litres: number, plan: Pick<Plan, 'climate' | 'rain'>): InFrost {
  const { rain } = plan;
  if (rain !== null && isOnBarrel(v, plan)) {
    const { winter } = rain.barrel;
    if (winter.kind === 'heated' && rain.line.pump) {
      return { lump: pumpedLump(rain), watts: winter.watts, by: winter.by, pastIt: false };
    }
    const pastIt = winter.kind === 'heated' || v.winter.kind === 'heated';
    return { lump: firstToFreeze(v, litres, plan), watts: 0, by: 'water', pastIt };
  }
  if (v.winter.kind !== 'heated' || vesselKind(v).onLine) {
    const pastIt = v.winter.kind === 'heated';
    return { lump: firstToFreeze(v, litres, plan), watts: 0, by: 'water', pastIt };
  }
  const { watts, by } = v.winter;
  return { lump: heatedLump(v, litres, plan), watts, by, pastIt: false };
}

/** A heater must hold the water at this in the coldest air, °C. */
const HOLD_C = 3;

/**
 * Power that just holds water at +3 °C, W: under it a heater is too weak. To choose one there is a quarter more.
 * @param airC  °C
 * @source domain notes, "Settled after issue K": short under U·A·(3 − Ta) at the design minimum
 * @example holdingW({ litres: 19, areaM2: 0.42, uWM2K: 9 }, -20) // 86.94
 */
export const holdingW = ({ areaM2, uWM2K }: Lump, airC: number): number =>
  Math.max(0, uWM2K * areaM2 * (HOLD_C - airC));

/**
 * Whether a barrel's line stays open at all: its tank is heated, its water goes round, and the heat is enough.
 * @param designC  the coldest air it is planned for, °C; null where it is not known: then any heater is taken for enough
 * @example isLineOpen(newRain(plan), -20) // false
 */
export const isLineOpen = (rain: Pick<Rain, 'barrel' | 'line'>, designC: number | null): boolean =>
  rain.barrel.winter.kind === 'heated' &&
  rain.line.pump &&
  (designC === null || rain.barrel.winter.watts >= holdingW(pumpedLump(rain), designC) - 1e-9);
