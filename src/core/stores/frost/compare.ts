import type { Drinker, Plan, Rain } from '../../model/schema';
import { vesselKind } from '../../rules/vesselKinds.data';
import { YEAR_HOURS } from '../../weather/hours';
import { asFount } from './fount';
import { iceHours, type Lump } from './freeze';
import {
  type HeaterNeed,
  heaterFor,
  heaterWinter,
  INSULATE_ABOVE_W,
  type Thermostat,
} from './heater';
import { firstToFreeze, heatedLump, lineLump, vesselLump } from './lumps';
import { pumpedLump } from './open';

/** Ways to keep a drinker open through frost. */
export const FROST_WAYS = [
  'carried',
  'tyre',
  'foam',
  'heater',
  'heaterByAir',
  'foamHeater',
  'fountHeater',
  'drained',
  'pumped',
  'foamPumped',
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
  plan: Pick<Plan, 'climate' | 'site' | 'units'>,
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
    const watts = heater.sizeW ?? heater.needW;
    const { kWh, hoursOn } = heaterWinter(lump, hoursC, watts, by, plan.site.plugC);
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
  // heat in a tank, and what is round it, do nothing for the line and the cups on it
  if (vesselKind(v).onLine) {
    return [
      unheated('carried', firstToFreeze(bare, litres, plan)),
      heated('fountHeater', { ...asFount(bare, plan.units), wrap: 'bare' }, 'water'),
    ];
  }
  return [
    unheated('carried', firstToFreeze(bare, litres, plan)),
    unheated('tyre', wrapped('tyre')),
    unheated('foam', wrapped('foam')),
    heated('heater', bare, 'water'),
    heated('heaterByAir', bare, 'air'),
    heated('foamHeater', { ...v, wrap: 'foam' }, 'water'),
  ];
}

/**
 * Ways to keep a barrel and its line open: drained and carried by hand, a heater in the tank with a pump that sends
 * warm water round the line, or the same with foam.
 * @param designC   the coldest night, °C, below 0
 * @param hoursC    air of whole years, hour by hour, °C
 * @example barrelOptions(newRain(plan), -20, new Float32Array(8760).fill(8)).length // 3
 */
export function barrelOptions(rain: Rain, designC: number, hoursC: Float32Array): FrostOption[] {
  const years = Math.max(1, hoursC.length / YEAR_HOURS);
  const line = lineLump(rain);
  const blockedH = openH(line, designC);
  const heated = (way: FrostWay, own: Rain): FrostOption => {
    // the pump brings the line's loss to the tank
    const lump = pumpedLump(own);
    const heater = heaterFor(lump, designC);
    const { kWh, hoursOn } = heaterWinter(lump, hoursC, heater.sizeW ?? heater.needW, 'water');
    return {
      way,
      blockedH: openH(lineLump(own), designC),
      carryEveryH: null,
      heater,
      insulateFirst: heater.needW > INSULATE_ABOVE_W,
      kWh: kWh / years,
      hoursOn: hoursOn / years,
    };
  };
  const inFoam: Rain = {
    ...rain,
    barrel: { ...rain.barrel, wrap: 'foam' },
    line: { ...rain.line, foamM: Math.max(rain.line.foamM, FOAM_M) },
  };
  return [
    {
      way: 'drained',
      blockedH,
      carryEveryH: 24,
      heater: null,
      insulateFirst: false,
      kWh: 0,
      hoursOn: 0,
    },
    heated('pumped', rain),
    heated('foamPumped', inFoam),
  ];
}

/** Foam as it is laid round a line, m. */
export const FOAM_M = 0.025;

const openH = (lump: Lump, airC: number): number => {
  const { toZeroH, toBlockedH } = iceHours(lump, airC);
  return toZeroH + toBlockedH;
};
