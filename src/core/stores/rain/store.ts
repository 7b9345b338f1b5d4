import type { FlockByDay } from '../../birds/flock';
import type { Plan, Rain } from '../../model/schema';
import { YEAR_DAYS } from '../../weather/yearCurve';
import { isLineOpen } from '../frost/open';
import type { RainStore } from './barrel';
import { barrelsL, drainedM2, gutterShare } from './roof';
import { flushMmOf, runoffOf } from './runoff';

/**
 * What the birds of a plan drink on each day of a year, L: of its last whole year, when they are as planned; of a day
 * on which nobody lives there, nothing.
 */
export function drunkByDay({
  totals,
  horizon,
}: Pick<FlockByDay, 'totals' | 'horizon'>): Float64Array {
  const drawn = new Float64Array(YEAR_DAYS);
  const { length } = totals.coopWaterL;
  for (let d = Math.max(0, length - YEAR_DAYS); d < length; d++) {
    drawn[horizon.dayOfYear[d] ?? 0] = totals.coopWaterL[d] ?? 0;
  }
  return drawn;
}

/**
 * The roof, gutter and barrel of a plan, and what is drawn from it.
 * @param designC  the coldest air its heat is planned for, °C; null where the place is not known
 * @example rainStore(plan, newRain(plan), new Float64Array(365), -20).heated // false
 */
export const rainStore = (
  plan: Pick<Plan, 'shell' | 'site'>,
  rain: Rain,
  drawnL: Float64Array,
  designC: number | null = null,
): RainStore => ({
  roofM2: drainedM2(plan, rain),
  runoff: runoffOf(rain.cover),
  gutter: gutterShare(rain),
  flushMm: flushMmOf(plan, rain),
  barrelL: barrelsL(rain),
  heated: isLineOpen(rain, designC),
  drawnL,
});
