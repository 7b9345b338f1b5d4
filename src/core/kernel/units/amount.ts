import {
  KILOGRAMS_PER_OUNCE,
  KILOGRAMS_PER_POUND,
  LITRES_PER_CUBIC_FOOT,
  LITRES_PER_GALLON,
  METRES_PER_FOOT,
  SQUARE_METRES_PER_SQUARE_FOOT,
} from './factors.data';
import type { UnitSystem } from './length';
import { readDecimal, tidy } from './number';
import { figuresFor } from './numberWords';

/** A unit: SI = number × times + plus. */
interface Factor {
  readonly times: number;
  readonly plus: number;
}

const by = (times: number, plus = 0): Factor => ({ times, plus });

/** One factor under several names. */
const named = (times: number, ...names: string[]): Readonly<Record<string, Factor>> =>
  Object.fromEntries(names.map((name) => [name, by(times)]));

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
      ...named(1, 'kilo', 'kilos', 'kilogram', 'kilograms'),
      ...named(0.001, 'gram', 'grams'),
      ...named(KILOGRAMS_PER_POUND, 'pound', 'pounds'),
      ...named(KILOGRAMS_PER_OUNCE, 'ounce', 'ounces'),
    },
  },
  egg: {
    printed: { metric: 'g', imperial: 'oz' },
    takes: {
      kg: by(1),
      g: by(0.001),
      oz: by(KILOGRAMS_PER_OUNCE),
      ...named(0.001, 'gram', 'grams'),
      ...named(KILOGRAMS_PER_OUNCE, 'ounce', 'ounces'),
    },
  },
  L: {
    printed: { metric: 'L', imperial: 'gal' },
    takes: {
      l: by(1),
      ml: by(0.001),
      gal: by(LITRES_PER_GALLON),
      qt: by(LITRES_PER_GALLON / 4),
      cl: by(0.01),
      ...named(1, 'litre', 'litres', 'liter', 'liters'),
      ...named(LITRES_PER_GALLON, 'gallon', 'gallons', 'gals'),
      ...named(LITRES_PER_GALLON / 4, 'quart', 'quarts', 'qts'),
      ...named(LITRES_PER_GALLON / 8, 'pint', 'pints', 'pt', 'pts'),
    },
  },
  bulk: {
    printed: { metric: 'L', imperial: 'ft³' },
    takes: {
      l: by(1),
      'm³': by(1000),
      m3: by(1000),
      'ft³': by(LITRES_PER_CUBIC_FOOT),
      ft3: by(LITRES_PER_CUBIC_FOOT),
      gal: by(LITRES_PER_GALLON),
      ...named(1, 'litre', 'litres', 'liter', 'liters'),
      ...named(LITRES_PER_CUBIC_FOOT, 'cu ft', 'cubic foot', 'cubic feet'),
      ...named(LITRES_PER_GALLON, 'gallon', 'gallons'),
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
  const t = figuresFor(text.trim().toLowerCase());
  const [, number = '', unit = ''] = /^([^a-z°]*)(.*)$/i.exec(t) ?? [];
  const factor = factorOf(kind, unit === '' ? amountUnit(kind, units) : unit.trim());
  const n = readFraction(number);
  return n === null || !factor ? null : tidy(n * factor.times + factor.plus);
}

/** A decimal, or a number with a fraction: 4.5, 1/2, 2 1/2. */
function readFraction(text: string): number | null {
  const [, whole, numerator, denominator] = /^(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)\s*$/.exec(text) ?? [];
  if (numerator === undefined || Number(denominator) === 0) return readDecimal(text);
  return Number(whole ?? 0) + Number(numerator) / Number(denominator);
}

/** How an amount may be written, in the units of a plan, for a message: "4.5 kg or 10 lb". */
export const amountExample = (kind: AmountKind, units: UnitSystem): string => EXAMPLES[kind][units];

const EXAMPLES: Readonly<Record<AmountKind, Readonly<Record<UnitSystem, string>>>> = {
  kg: { metric: '4.5 kg or 500 g', imperial: '10 lb or 8 oz' },
  egg: { metric: '58 g', imperial: '2 oz' },
  L: { metric: '7.5 L', imperial: '2 gal or 3 qt' },
  bulk: { metric: '500 L', imperial: '18 ft³' },
  '°C': { metric: '35 °C', imperial: '95 °F' },
  'm²': { metric: '0.25 m²', imperial: '2.5 ft²' },
  altitude: { metric: '340 m', imperial: '1100 ft' },
};

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
