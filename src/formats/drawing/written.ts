import { formatLength, type UnitSystem } from '@/core/kernel/units/length';

/**
 * A length as it is written on paper and in pictures, whose letters have no primes for feet and inches.
 * @example written(0.3048 * 1.5, 'imperial') // 1' 6"
 */
export const written = (metres: number, units: UnitSystem): string =>
  formatLength(metres, { units }).replaceAll('′', "'").replaceAll('″', '"');
