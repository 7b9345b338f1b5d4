import type { UnitSystem } from './length';

/**
 * A temperature of °C in °F.
 * @example toFahrenheit(20) // 68
 */
export const toFahrenheit = (celsius: number): number => celsius * 1.8 + 32;
/**
 * A temperature of °F in °C.
 * @example fromFahrenheit(95) // 35
 */
export const fromFahrenheit = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

/**
 * Writes a temperature: whole degrees, with a true minus sign.
 * @example formatTemperature(-5, 'imperial') // '23 °F'
 */
export function formatTemperature(celsius: number, units: UnitSystem): string {
  const degrees = Math.round(units === 'metric' ? celsius : toFahrenheit(celsius));
  const text = String(degrees === 0 ? 0 : degrees).replace('-', '−');
  return `${text} ${units === 'metric' ? '°C' : '°F'}`;
}
