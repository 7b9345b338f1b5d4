import { SQUARE_METRES_PER_SQUARE_FOOT } from './factors.data';
import type { UnitSystem } from './length';

/** Below so much an area is written with one place more: two openings of 0.044 and 0.047 m² are not one size, m². */
const SMALL_M2 = 0.1;

/**
 * Writes an area: m² with two decimals, ft² with one; what is small, and more than nothing, with one more.
 * @example formatArea(0.325, 'imperial') // '3.5 ft²'
 */
export function formatArea(m2: number, units: UnitSystem): string {
  const isSmall = m2 > 0 && m2 < SMALL_M2;
  const [value, decimals, name] =
    units === 'metric'
      ? ([m2, isSmall ? 3 : 2, 'm²'] as const)
      : ([m2 / SQUARE_METRES_PER_SQUARE_FOOT, isSmall ? 2 : 1, 'ft²'] as const);
  // more than nothing is never written as nothing
  const least = isSmall ? 10 ** -decimals : 0;
  return `${Math.max(value, least).toFixed(decimals)} ${name}`;
}
