import { SQUARE_METRES_PER_SQUARE_FOOT } from './factors.data';
import type { UnitSystem } from './length';

/**
 * Writes an area: m² with two decimals, ft² with one.
 * @example formatArea(0.325, 'imperial') // '3.5 ft²'
 */
export const formatArea = (m2: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${m2.toFixed(2)} m²`
    : `${(m2 / SQUARE_METRES_PER_SQUARE_FOOT).toFixed(1)} ft²`;
