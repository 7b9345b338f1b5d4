import { METRES_PER_INCH } from './factors.data';
import type { UnitSystem } from './length';

/** What a tape is read to when something is built: whole centimetres, or whole half inches, m. */
const GRID_M: Readonly<Record<UnitSystem, number>> = {
  metric: 0.01,
  imperial: METRES_PER_INCH / 2,
};

/** Dust of binary arithmetic, of a step. */
const DUST = 1e-6;

const stepped = (steps: number, units: UnitSystem): number =>
  Math.round(steps * GRID_M[units] * 1e7) / 1e7;

/**
 * The next measure up that can be read off a tape in these units, m.
 * @example gridUp(0.3399, 'metric') // 0.34
 */
export const gridUp = (m: number, units: UnitSystem): number =>
  stepped(Math.ceil(m / GRID_M[units] - DUST), units);

/**
 * The next measure down, m.
 * @example gridDown(0.3399, 'imperial') // 0.3302 (thirteen inches)
 */
export const gridDown = (m: number, units: UnitSystem): number =>
  stepped(Math.floor(m / GRID_M[units] + DUST), units);

/**
 * The nearest measure, m.
 * @example gridNear(0.3399, 'metric') // 0.34
 */
export const gridNear = (m: number, units: UnitSystem): number =>
  stepped(Math.round(m / GRID_M[units]), units);

/**
 * Whether a measure can be read off a tape in these units.
 * @example onGrid(0.3302, 'imperial') // true
 */
export const onGrid = (m: number, units: UnitSystem): boolean =>
  Math.abs(gridNear(m, units) - m) < 1e-6;
