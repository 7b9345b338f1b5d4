import { hasEither } from './thousands';

/** Decimal places kept before a quotient is floored, ceiled or compared: (1.24 − 0.10)/0.38 is 3, not 2.999…. */
const PLACES = 9;
const SCALE = 10 ** PLACES;
/** What rounds away at the last place. */
const DUST = 0.5 / SCALE;

/**
 * Rounds away binary dust: to nine decimals; nothing is below nought by dust. Non-finite numbers pass through unchanged.
 * @example tidy(0.1 + 0.2) // 0.3
 */
export const tidy = (x: number): number =>
  Number.isFinite(x) ? Math.round(x * SCALE) / SCALE + 0 : x;

/**
 * Whole units that go into a quotient: divide, round to nine decimals, floor.
 * @example wholeDown(2.999999999999) // 3
 */
export const wholeDown = (x: number): number => Math.floor(tidy(x));

/**
 * Whole units that a quotient asks for: divide, round to nine decimals, ceil.
 * @example wholeUp(2.000000000001) // 2
 */
export const wholeUp = (x: number): number => Math.ceil(tidy(x));

/**
 * a ≤ b, to nine decimals.
 * @param a  in any one unit
 * @param b  in the same
 * @example atMost(0.1 + 0.2, 0.3) // true
 */
export const atMost = (a: number, b: number): boolean => a - b < DUST;

/**
 * a < b, to nine decimals.
 * @param a  in any one unit
 * @param b  in the same
 * @example below(0.3, 0.1 + 0.2) // false
 */
export const below = (a: number, b: number): boolean => a - b < -DUST;

/**
 * Reads a plain decimal as typed: point or comma, never both, never two of either. A comma before exactly three
 * figures is not read here, "0,125" apart: it may part thousands, and is asked back about (`thousands.ts`).
 * @returns the number, or null where the text is not one
 */
export function readDecimal(text: string): number | null {
  const t = text.trim();
  if (!/^[+\-−]?(\d+([.,]\d*)?|[.,]\d+)$/.test(t) || hasEither(t)) return null;
  const value = Number(t.replace(',', '.').replace('−', '-'));
  return Number.isFinite(value) ? value : null;
}
