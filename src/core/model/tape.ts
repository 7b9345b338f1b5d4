import { gridDown, gridNear, gridUp } from '../kernel/units/grid';
import type { Plan } from './schema';

/**
 * To what a tape of the plan's units is read to, upwards, downwards, or as near as can be.
 * @example up(plan, 0.3399) // 0.34
 */
export const up = ({ units }: Pick<Plan, 'units'>, m: number): number => gridUp(m, units);
/**
 * The same downwards, m.
 * @example down(plan, 0.3399) // 0.33
 */
export const down = ({ units }: Pick<Plan, 'units'>, m: number): number => gridDown(m, units);
/**
 * As near as can be, m.
 * @example near(plan, 0.3351) // 0.34
 */
export const near = ({ units }: Pick<Plan, 'units'>, m: number): number => gridNear(m, units);

/** The same of one plan, for a hand that measures much. */
export const tape = (plan: Pick<Plan, 'units'>) => ({
  up: (m: number): number => up(plan, m),
  down: (m: number): number => down(plan, m),
  near: (m: number): number => near(plan, m),
});
