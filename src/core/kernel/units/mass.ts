import { fail, issue, type Outcome, ok } from '../outcome';
import { KILOGRAMS_PER_OUNCE, KILOGRAMS_PER_POUND } from './factors.data';
import type { UnitSystem } from './length';
import { readDecimal, tidy } from './number';
import { figuresFor } from './numberWords';
import { unread } from './thousands';

const FACTORS: Readonly<Record<string, number>> = {
  kg: 1,
  g: 0.001,
  lb: KILOGRAMS_PER_POUND,
  oz: KILOGRAMS_PER_OUNCE,
};

/** Each unit's other names. */
const NAMES: readonly (readonly [RegExp, string])[] = [
  [/\b(?:kilograms?|kilos?)\b/g, 'kg'],
  [/\bgrams?\b/g, 'g'],
  [/\b(?:pounds?|lbs)\b/g, 'lb'],
  [/\bounces?\b/g, 'oz'],
];

/** The unit printed in a mass field; a bare number takes it. */
export const massFieldUnit = (units: UnitSystem): 'kg' | 'lb' => (units === 'metric' ? 'kg' : 'lb');

/**
 * Reads a bird's mass: "3.2 kg", "3200 g", "7 lb 1 oz", "7.1".
 * @param text   what was typed
 * @param units  the system whose field unit (kg or lb) a bare number takes
 * @returns      kg; or an issue: mass.empty, mass.unreadable, number.comma
 * @example      readMass('7 lb 1 oz', 'metric') // { ok: true, value: 3.2035 }
 */
export function readMass(text: string, units: UnitSystem): Outcome<number> {
  const words = figuresFor(text.trim().toLowerCase().replace(/\s+/g, ' '));
  const t = NAMES.reduce((all, [name, unit]) => all.replace(name, unit), words);
  const unit = massFieldUnit(units);
  if (t === '') return fail(issue('mass.empty', { unit }));
  const bare = readDecimal(t);
  if (bare !== null && bare > 0) return ok(tidy(bare * (FACTORS[unit] ?? 1)));
  const parts = [...t.matchAll(/([\d.,]+)\s*(kg|g|lb|oz)\s*/g)];
  const whole =
    parts.map((p) => p[0]).join('') === t ||
    parts
      .map((p) => p[0])
      .join('')
      .trim() === t;
  const values = parts.map(
    (p) => (readDecimal(p[1] ?? '') ?? Number.NaN) * (FACTORS[p[2] ?? ''] ?? Number.NaN),
  );
  const sum = values.reduce((a, b) => a + b, 0);
  if (!whole || parts.length === 0 || !(sum > 0)) {
    return unread(text, issue('mass.unreadable', { typed: text.trim(), unit }));
  }
  return ok(tidy(sum));
}

/** A chick's mass is told in grams or ounces below this. */
const CHICK_KG = 0.2;

/**
 * Writes a bird's mass: kg with two decimals, or pounds with one; a chick's in grams or ounces.
 * @example formatMass(3.2, 'imperial') // '7.1 lb'
 */
export function formatMass(kg: number, units: UnitSystem): string {
  const chick = kg > 0 && kg < CHICK_KG;
  if (units === 'metric') {
    return chick
      ? `${Math.round(kg * 1000)} g`
      : `${trim((Math.round(kg * 100) / 100).toFixed(2))} kg`;
  }
  return chick
    ? `${(kg / KILOGRAMS_PER_OUNCE).toFixed(1)} oz`
    : `${(Math.round((kg / KILOGRAMS_PER_POUND) * 10) / 10).toFixed(1)} lb`;
}

/** Keeps at least one decimal: 3.20 → 3.2, 2.95 stays. */
const trim = (text: string): string => text.replace(/0$/, '');
