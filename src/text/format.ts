import { formatArea } from '@/core/units/area';
import type { UnitSystem } from '@/core/units/length';
import { formatLength } from '@/core/units/length';
import { formatMass } from '@/core/units/mass';
import type { Unit } from '@/core/working';

const COUNTED: Partial<Record<Unit, readonly [one: string, many: string]>> = {
  birds: ['bird', 'birds'],
  hens: ['hen', 'hens'],
  boxes: ['box', 'boxes'],
  bars: ['bar', 'bars'],
  hensPerBox: ['hen a box', 'hens a box'],
};

const FRACTION_NAMES: readonly (readonly [number, string])[] = [
  [1 / 3, '1/3'],
  [2 / 3, '2/3'],
];

/**
 * The text of a figure as a keeper reads it.
 * @param value  SI, in the unit named
 * @example      formatValue(0.3399, 'm', 'metric') // 34 cm
 */
export function formatValue(value: number, unit: Unit, units: UnitSystem): string {
  if (unit === 'm') return formatLength(value, { units });
  if (unit === 'm2') return formatArea(value, units);
  if (unit === 'kg') return formatMass(value, units);
  const words = COUNTED[unit];
  if (!words) return formatPlain(value);
  return `${formatPlain(value)} ${value === 1 ? words[0] : words[1]}`;
}

/** The number alone, for where its noun stands beside it. */
export function formatBare(value: number, unit: Unit, units: UnitSystem): string {
  return COUNTED[unit] ? formatPlain(value) : formatValue(value, unit, units);
}

/** A number with up to three decimals and no trailing zeros; thirds as fractions. */
export function formatPlain(value: number): string {
  const fraction = FRACTION_NAMES.find(([x]) => Math.abs(x - value) < 1e-12);
  if (fraction) return fraction[1];
  return String(Math.round(value * 1000) / 1000).replace('-', '−');
}

const SHORT = new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', day: 'numeric', month: 'short' });

/** A coming day, seen from another: 26 Aug, 26 Aug next year, or 26 Aug 2029. */
export function formatComingDay(day: string, on: string): string {
  const text = SHORT.format(new Date(`${day}T12:00:00Z`));
  const years = Number(day.slice(0, 4)) - Number(on.slice(0, 4));
  if (years === 0) return text;
  return years === 1 ? `${text} next year` : `${text} ${day.slice(0, 4)}`;
}

/** A day as a keeper says it: 12 September 2027. */
export function formatDay(day: string): string {
  const date = new Date(`${day}T12:00:00Z`);
  return new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', dateStyle: 'long' }).format(date);
}
