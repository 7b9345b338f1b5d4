import {
  KILOGRAMS_PER_OUNCE,
  KILOGRAMS_PER_POUND,
  LITRES_PER_GALLON,
  METRES_PER_FOOT,
  SQUARE_METRES_PER_SQUARE_FOOT,
} from './factors.data';
import type { UnitSystem } from './length';
import { readDecimal, tidy } from './number';

/** A unit: SI = number × times + plus. */
interface Factor {
  readonly times: number;
  readonly plus: number;
}

const by = (times: number, plus = 0): Factor => ({ times, plus });

/** A kind of amount: the unit each system prints, and every unit that is read, in small letters. */
interface Kind {
  readonly printed: Readonly<Record<UnitSystem, string>>;
  readonly takes: Readonly<Record<string, Factor>>;
}

const KINDS = {
  kg: {
    printed: { metric: 'kg', imperial: 'lb' },
    takes: {
      kg: by(1),
      g: by(0.001),
      lb: by(KILOGRAMS_PER_POUND),
      lbs: by(KILOGRAMS_PER_POUND),
      oz: by(KILOGRAMS_PER_OUNCE),
    },
  },
  egg: {
    printed: { metric: 'g', imperial: 'oz' },
    takes: { kg: by(1), g: by(0.001), oz: by(KILOGRAMS_PER_OUNCE) },
  },
  L: {
    printed: { metric: 'L', imperial: 'gal' },
    takes: {
      l: by(1),
      ml: by(0.001),
      gal: by(LITRES_PER_GALLON),
      qt: by(LITRES_PER_GALLON / 4),
    },
  },
  '°C': {
    printed: { metric: '°C', imperial: '°F' },
    takes: {
      '°c': by(1),
      c: by(1),
      '°f': by(1 / 1.8, -32 / 1.8),
      f: by(1 / 1.8, -32 / 1.8),
    },
  },
  'm²': {
    printed: { metric: 'm²', imperial: 'ft²' },
    takes: {
      'm²': by(1),
      m2: by(1),
      'cm²': by(0.0001),
      cm2: by(0.0001),
      'ft²': by(SQUARE_METRES_PER_SQUARE_FOOT),
      ft2: by(SQUARE_METRES_PER_SQUARE_FOOT),
    },
  },
  altitude: {
    printed: { metric: 'm', imperial: 'ft' },
    takes: { m: by(1), ft: by(METRES_PER_FOOT) },
  },
} as const satisfies Readonly<Record<string, Kind>>;

export type AmountKind = keyof typeof KINDS;

export const isAmountKind = (unit: string): unit is AmountKind => Object.hasOwn(KINDS, unit);

/** The unit that a field of this kind prints. */
export const amountUnit = (kind: AmountKind, units: UnitSystem): string =>
  KINDS[kind].printed[units];

const factorOf = (kind: AmountKind, unit: string): Factor | undefined => {
  const takes: Readonly<Record<string, Factor>> = KINDS[kind].takes;
  const key = unit.toLowerCase();
  return Object.hasOwn(takes, key) ? takes[key] : undefined;
};

/**
 * Reads an amount with or without its unit; a bare number is in the unit printed, and a unit of another
 * kind is refused.
 * @returns the amount, SI, or null where it cannot be read
 * @example readAmount('5 lb', 'kg', 'metric') // 2.268
 */
export function readAmount(text: string, kind: AmountKind, units: UnitSystem): number | null {
  const [, number = '', unit = ''] = /^([^a-z°]*)(.*)$/i.exec(text.trim()) ?? [];
  const factor = factorOf(kind, unit === '' ? amountUnit(kind, units) : unit.trim());
  const n = readDecimal(number);
  return n === null || !factor ? null : tidy(n * factor.times + factor.plus);
}

/**
 * An amount as a number of the unit printed.
 * @param value  SI, in the unit of its kind
 * @example inPrinted(2.26796185, 'kg', 'imperial') // 5
 */
export function inPrinted(value: number, kind: AmountKind, units: UnitSystem): number {
  const { times, plus } = printedFactor(kind, units);
  return tidy((value - plus) / times);
}

/** What one of the unit printed is, SI: the size of a step. */
export const onePrinted = (kind: AmountKind, units: UnitSystem): number =>
  printedFactor(kind, units).times;

function printedFactor(kind: AmountKind, units: UnitSystem): Factor {
  const factor = factorOf(kind, amountUnit(kind, units));
  if (!factor) throw new Error(`the unit printed for ${kind} is not read`);
  return factor;
}
