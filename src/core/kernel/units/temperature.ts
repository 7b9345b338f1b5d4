import type { UnitSystem } from './length';

export const toFahrenheit = (celsius: number): number => celsius * 1.8 + 32;
export const fromFahrenheit = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

/** Writes a temperature: whole degrees, with a true minus sign. */
export function formatTemperature(celsius: number, units: UnitSystem): string {
  const degrees = Math.round(units === 'metric' ? celsius : toFahrenheit(celsius));
  const text = String(degrees === 0 ? 0 : degrees).replace('-', '−');
  return `${text} ${units === 'metric' ? '°C' : '°F'}`;
}
