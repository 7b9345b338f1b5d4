import type { Bar, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { canopyOf } from './canopy';
import type { AirNeeds } from './needs';
import type { SummerWay, WinterWay } from './seasonMeasures.data';
import { shellAreas } from './shellHeat';

/** What a way takes: stuff of an area, m², or current, kWh a night or a day. */
export interface WayCost {
  readonly of: 'foam' | 'paint' | 'cloth' | 'opening' | 'current';
  readonly amount: number;
}

/**
 * What a way through the cold takes; null where it takes nothing that is bought.
 * @param nightHours  hours of darkness
 * @example winterCost('panel', plan, { winter: { netM2: 0.2 }, summer: { netM2: 1 } }, 15, [bar]).amount // 3
 */
export function winterCost(
  way: WinterWay,
  plan: Plan,
  needs: AirNeeds,
  nightHours: number,
  bars: readonly Bar[],
): WayCost | null {
  if (way === 'needed') return { of: 'opening', amount: needs.winter.netM2 };
  if (way === 'foam') return { of: 'foam', amount: shellAreas(plan.shell).roof };
  if (way === 'panel')
    return { of: 'current', amount: (ruled('air.panel.watts') * nightHours) / 1000 };
  return way === 'canopy' ? { of: 'cloth', amount: canopyOf(bars, plan).cloth } : null;
}

/** A fan runs through the hot half of the day. */
const FAN_HOURS = 12;

/** The same of a way through the heat. */
export function summerCost(way: SummerWay, plan: Plan, needs: AirNeeds): WayCost | null {
  const { roof } = shellAreas(plan.shell);
  if (way === 'needed') return { of: 'opening', amount: needs.summer.netM2 };
  if (way === 'foam') return { of: 'foam', amount: roof };
  if (way === 'lightRoof') return { of: 'paint', amount: roof };
  return way === 'fan'
    ? { of: 'current', amount: (ruled('air.fan.watts') * FAN_HOURS) / 1000 }
    : null;
}
