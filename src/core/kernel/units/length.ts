import { fail, issue, type Outcome, ok } from '../outcome';
import { METRES_PER_FOOT, METRES_PER_INCH } from './factors.data';
import { readDecimal, tidy } from './number';
import { figuresFor } from './numberWords';
import { unread } from './thousands';

export type UnitSystem = 'metric' | 'imperial';

export interface LengthFormat {
  readonly units: UnitSystem;
  /** Finest part of an inch shown; left out: eighths, and what is a mark of a finer tape as that tape shows it. */
  readonly denominator?: 8 | 16 | 32;
  /** Imperial: inches all through, as a small thing is measured; 14 1/2″, not 1′ 2 1/2″. */
  readonly inches?: boolean;
}

const FRACTIONS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const NUMBER = String.raw`[\d.,]+`;
/** A number with a fraction, a fraction alone, or a number. */
const MIXED = String.raw`(?:(${NUMBER})[ -]+(\d+)\s*/\s*(\d+)|(\d+)\s*/\s*(\d+)|(${NUMBER}))`;
const FEET = String.raw`'|ft\.?|feet|foot`;
const IMPERIAL = new RegExp(
  String.raw`^(?:${MIXED}\s*(?:yd|yds|yards?))?\s*(?:${MIXED}\s*(?:${FEET}))?\s*-?\s*(?:${MIXED}\s*("|in\.?|inch|inches)?)?$`,
);
/** Feet and inches with a hyphen between them: 6-3, 6-3 1/2. */
const HYPHENED = /^(\d+)\s*-\s*(\d+(?:[ -]\d+\s*\/\s*\d+)?|\d*[.,]\d+)\s*("|in|inch|inches)?$/;
const METRIC = new RegExp(
  String.raw`^${MIXED}\s*(mm|millimetres?|millimeters?|cm|centimetres?|centimeters?|m|metres?|meters?)$`,
);

/** The unit printed in a length field; a bare number takes it. */
export const fieldUnit = (units: UnitSystem): 'cm' | 'in' => (units === 'metric' ? 'cm' : 'in');

/**
 * Reads a length as a keeper types it, in either system: "2.1 m", "2,1 m", "6' 10 1/2\"", "6-3", "six feet", "1 yd",
 * "83 in", "210".
 * @param text   what was typed
 * @param units  the system whose field unit (cm or in) a bare number takes
 * @returns      metres; or an issue: length.empty, length.twoSeparators, length.unreadable, length.negative, number.comma
 * @source       domain notes, "Units"
 * @example      readLength("6' 10 1/2\"", 'metric') // { ok: true, value: 2.0955 }
 * @example      readLength('6-3', 'imperial') // { ok: true, value: 1.905 }
 * @example      readLength('two and a half metres', 'metric') // { ok: true, value: 2.5 }
 */
export function readLength(text: string, units: UnitSystem): Outcome<number> {
  const t = normalise(text);
  if (t === '') return fail(issue('length.empty', { unit: fieldUnit(units) }));
  if (/^[-−]/.test(t)) return fail(issue('length.negative', { typed: text.trim() }));
  if (hasTwoSeparators(t)) return fail(issue('length.twoSeparators', { typed: text.trim() }));
  const metres = readMetric(t) ?? readBare(t, units) ?? readHyphened(t) ?? readImperial(t, units);
  return metres === null
    ? unread(t, issue('length.unreadable', { typed: text.trim(), unit: fieldUnit(units) }))
    : ok(tidy(metres));
}

/** A bare number up to this, in a field of a room of an imperial plan, is feet. */
const MOST_BARE_FEET = 30;

/**
 * Reads a room's length, width or height: as `readLength` does, but a bare number up to 30 is feet in an imperial
 * plan, above that inches.
 * @param text   what was typed
 * @param units  the plan's system
 * @example      readRoomLength('8', 'imperial')  // { ok: true, value: 2.4384 }
 * @example      readRoomLength('6 1/2', 'imperial') // { ok: true, value: 1.9812 }
 * @example      readRoomLength('96', 'imperial') // { ok: true, value: 2.4384 }
 */
export function readRoomLength(text: string, units: UnitSystem): Outcome<number> {
  const bare = units === 'imperial' ? readBareNumber(normalise(text)) : null;
  return bare !== null && bare > 0 && bare <= MOST_BARE_FEET
    ? ok(tidy(bare * METRES_PER_FOOT))
    : readLength(text, units);
}

/**
 * Writes a length for reading off a tape.
 * Metric: cm below 1 m, m with two decimals from there. Imperial: feet, inches and a fraction: to an eighth, but what
 * was typed in sixteenths or thirty-seconds as it was typed.
 * @param metres  m, any sign
 * @example       formatLength(2.0955, { units: 'imperial' }) // '6′ 10 1/2″'
 */
export function formatLength(metres: number, format: LengthFormat): string {
  return format.units === 'metric'
    ? formatMetric(metres)
    : formatImperial(metres, format.denominator ?? markedBy(metres), format.inches ?? false);
}

/** Nearer to a mark than this a length was typed so, m. */
const ON_MARK_M = 1e-6;

/** The coarsest tape that has a mark for this length, from eighths up; eighths where none has. */
function markedBy(metres: number): number {
  const onMark = (denominator: number): boolean => {
    const parts = (metres / METRES_PER_INCH) * denominator;
    return Math.abs(parts - Math.round(parts)) * (METRES_PER_INCH / denominator) < ON_MARK_M;
  };
  return [8, 16, 32].find(onMark) ?? 8;
}

function normalise(text: string): string {
  const t = text
    .trim()
    .toLowerCase()
    .replace(/[′’‘]/g, "'")
    .replace(/[″”“]|''/g, '"')
    .replace(/⁄/g, '/')
    .replace(/(\d)?\s*([¼½¾⅛⅜⅝⅞])/g, (_, whole: string | undefined, f: string) =>
      whole === undefined ? (FRACTIONS[f] ?? f) : `${whole} ${FRACTIONS[f] ?? f}`,
    )
    .replace(/\s+/g, ' ');
  return figuresFor(t);
}

const hasTwoSeparators = (t: string): boolean => /\d*[.,]\d*[.,]/.test(t);

function readMetric(t: string): number | null {
  const [whole, ...parts] = METRIC.exec(t) ?? [];
  if (whole === undefined) return null;
  const value = mixed(parts);
  if (value === null || Number.isNaN(value)) return null;
  const unit = parts[6] ?? '';
  if (unit.startsWith('mm') || unit.startsWith('milli')) return value / 1000;
  return unit.startsWith('c') ? value / 100 : value;
}

/** Feet and inches with a hyphen; a hyphen before a fraction joins it to its number. */
function readHyphened(t: string): number | null {
  const [, feet, inches] = HYPHENED.exec(t) ?? [];
  if (feet === undefined || inches === undefined) return null;
  const rest = readInches(inches);
  return rest === null || rest >= 12
    ? null
    : Number(feet) * METRES_PER_FOOT + rest * METRES_PER_INCH;
}

function readInches(text: string): number | null {
  const [, whole, numerator, denominator] = /^(\d+)[ -](\d+)\s*\/\s*(\d+)$/.exec(text) ?? [];
  if (whole === undefined) return readDecimal(text);
  return Number(denominator) === 0 ? null : Number(whole) + Number(numerator) / Number(denominator);
}

function readBare(t: string, units: UnitSystem): number | null {
  const value = readDecimal(t);
  if (value === null) return null;
  return units === 'metric' ? value / 100 : value * METRES_PER_INCH;
}

/** A number alone, with a fraction or without: "8", "6.5", "6 1/2"; null where it has a unit, or is none. */
function readBareNumber(t: string): number | null {
  const [whole, ...parts] = IMPERIAL.exec(t) ?? [];
  if (whole === undefined || parts.slice(0, 12).some((p) => p !== undefined)) return null;
  if (parts[18] !== undefined) return null;
  const value = mixed(parts.slice(12, 18));
  return value === null || Number.isNaN(value) ? null : value;
}

function readImperial(t: string, units: UnitSystem): number | null {
  const [whole, ...parts] = IMPERIAL.exec(t) ?? [];
  if (whole === undefined) return null;
  const [yards, feet, inches] = [parts.slice(0, 6), parts.slice(6, 12), parts.slice(12, 18)].map(
    mixed,
  ) as [number | null, number | null, number | null];
  if ([yards, feet, inches].some((n) => n !== null && Number.isNaN(n))) return null;
  if (yards === null && feet === null) {
    // a fraction without a unit is inches in a plan of inches only
    if (inches === null || (parts[18] === undefined && units === 'metric')) return null;
  }
  return (
    (yards ?? 0) * 3 * METRES_PER_FOOT +
    (feet ?? 0) * METRES_PER_FOOT +
    (inches ?? 0) * METRES_PER_INCH
  );
}

/** A number of six captured parts: whole and fraction, fraction, or decimal; null where none is given, NaN where they make no number. */
function mixed([whole, n1, d1, n2, d2, decimal]: readonly (string | undefined)[]): number | null {
  if (decimal !== undefined) return readDecimal(decimal) ?? Number.NaN;
  const [numerator, denominator] = [n1 ?? n2, d1 ?? d2];
  if (numerator === undefined || denominator === undefined) return null;
  if (Number(denominator) === 0) return Number.NaN;
  const before = whole === undefined ? 0 : (readDecimal(whole) ?? Number.NaN);
  return before + Number(numerator) / Number(denominator);
}

function formatMetric(metres: number): string {
  const cm = Math.round(metres * 1000) / 10;
  if (Math.abs(cm) < 100) return `${clean(String(cm))} cm`;
  return `${clean((Math.round(metres * 100) / 100).toFixed(2))} m`;
}

function formatImperial(metres: number, denominator: number, inInches: boolean): string {
  const parts = Math.round((Math.abs(metres) / METRES_PER_INCH) * denominator);
  const sign = metres < 0 && parts > 0 ? '−' : '';
  const feet = inInches ? 0 : Math.floor(parts / (12 * denominator));
  const rest = parts - feet * 12 * denominator;
  const inches = mixedNumber(rest, denominator);
  if (feet === 0) return `${sign}${inches}″`;
  return rest === 0 ? `${sign}${feet}′` : `${sign}${feet}′ ${inches}″`;
}

/** So many parts of an inch in lowest terms. Of 168 sixteenths: 10 1/2. */
function mixedNumber(parts: number, denominator: number): string {
  const whole = Math.floor(parts / denominator);
  const over = parts - whole * denominator;
  if (over === 0) return String(whole);
  const common = commonDivisor(over, denominator);
  const fraction = `${over / common}/${denominator / common}`;
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

const commonDivisor = (a: number, b: number): number => (b === 0 ? a : commonDivisor(b, a % b));

const clean = (text: string): string => text.replace('-', '−').replace(/^−(0(\.0*)?)$/, '$1');
