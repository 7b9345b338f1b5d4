import type { Drinker, Plan } from '../../model/schema';
import { YEAR_HOURS } from '../../weather/hours';
import { iceHours, type Lump } from './freeze';
import {
  type HeaterNeed,
  heaterFor,
  heaterWinter,
  INSULATE_ABOVE_W,
  type Thermostat,
} from './heater';
import { firstToFreeze, heatedLump, vesselLump } from './lumps';

/** Ways to keep a drinker open through frost. */
export const FROST_WAYS = [
  'asItIs',
  'tyre',
  'foam',
  'heater',
  'heaterByAir',
  'foamHeater',
] as const;
export type FrostWay = (typeof FROST_WAYS)[number];

/** What one way comes to. */
export interface FrostOption {
  readonly way: FrostWay;
  /** Hours on the coldest night until its outlet is blocked with no power, from fresh water. */
  readonly blockedH: number;
  /** Fresh water is carried every so many hours; null where a heater holds it. */
  readonly carryEveryH: number | null;
  readonly heater: HeaterNeed | null;
  /** The coldest night asks for so much that it should be wrapped first. */
  readonly insulateFirst: boolean;
  /** Energy of a mean winter, kWh, and hours with the power on. */
  readonly kWh: number;
  readonly hoursOn: number;
}

/**
 * Ways to keep one drinker open, side by side.
 * @param litres    L, full
 * @param designC   the coldest night, °C, below 0
 * @param hoursC    air of whole years, hour by hour, °C
 * @example frostOptions({ ...drinker, type: 'fount' }, 10, plan, -20, new Float32Array(8760).fill(8))[0].kWh // 0
 */
export function frostOptions(
  v: Drinker,
  litres: number,
  plan: Pick<Plan, 'climate'>,
  designC: number,
  hoursC: Float32Array,
): FrostOption[] {
  const years = Math.max(1, hoursC.length / YEAR_HOURS);
  const bare: Drinker = { ...v, wrap: 'bare' };
  const unheated = (way: FrostWay, lump: Lump): FrostOption => {
    const blockedH = openH(lump, designC);
    return {
      way,
      blockedH,
      carryEveryH: Math.max(1, Math.floor(blockedH)),
      heater: null,
      insulateFirst: false,
      kWh: 0,
      hoursOn: 0,
    };
  };
  const heated = (way: FrostWay, of: Drinker, by: Thermostat): FrostOption => {
    const lump = heatedLump(of, litres, plan);
    const heater = heaterFor(lump, designC);
    const { kWh, hoursOn } = heaterWinter(lump, hoursC, heater.sizeW ?? heater.needW, by);
    return {
      way,
      blockedH: openH(firstToFreeze(of, litres, plan), designC),
      carryEveryH: null,
      heater,
      insulateFirst: heater.needW > INSULATE_ABOVE_W,
      kWh: kWh / years,
      hoursOn: hoursOn / years,
    };
  };
  const wrapped = (wrap: Drinker['wrap']): Lump => vesselLump({ ...v, wrap }, litres, plan);
  // what is round a vessel does nothing for the cups on it
  const canWrap = v.type !== 'cup' && v.type !== 'nipple';
  return [
    unheated('asItIs', firstToFreeze(v, litres, plan)),
    ...(canWrap ? [unheated('tyre', wrapped('tyre')), unheated('foam', wrapped('foam'))] : []),
    heated('heater', bare, 'water'),
    heated('heaterByAir', bare, 'air'),
    heated('foamHeater', { ...v, wrap: 'foam' }, 'water'),
  ];
}

const openH = (lump: Lump, airC: number): number => {
  const { toZeroH, toBlockedH } = iceHours(lump, airC);
  return toZeroH + toBlockedH;
};
