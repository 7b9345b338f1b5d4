import { formatArea } from '@/core/kernel/units/area';
import {
  KILOGRAMS_PER_OUNCE,
  KILOGRAMS_PER_POUND,
  LITRES_PER_CUBIC_FOOT,
  LITRES_PER_GALLON,
  METRES_PER_FOOT,
  METRES_PER_INCH,
  MILES_HOUR_PER_METRE_SECOND,
  SQUARE_METRES_PER_SQUARE_FOOT,
  WATTS_PER_BTU_HOUR,
} from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatLength } from '@/core/kernel/units/length';
import { formatMass } from '@/core/kernel/units/mass';
import { formatTemperature } from '@/core/kernel/units/temperature';
import type { Unit } from '@/core/kernel/working';

const COUNTED: Partial<Record<Unit, readonly [one: string, many: string]>> = {
  birds: ['bird', 'birds'],
  hens: ['hen', 'hens'],
  boxes: ['box', 'boxes'],
  bars: ['bar', 'bars'],
  hensPerBox: ['hen a box', 'hens a box'],
  chicks: ['chick', 'chicks'],
  doors: ['pop door', 'pop doors'],
  brackets: ['bracket', 'brackets'],
  dishes: ['dish', 'dishes'],
  eggs: ['egg', 'eggs'],
  outlets: ['outlet', 'outlets'],
  tiers: ['tier', 'tiers'],
  things: ['thing', 'things'],
};

const FRACTION_NAMES: readonly (readonly [number, string])[] = [
  [1 / 3, '1/3'],
  [2 / 3, '2/3'],
];

/** Three figures that mean something: 0.118, 1.62, 26.4, 320. */
const threeFigures = (value: number): string =>
  value === 0 ? '0' : String(Number(value.toPrecision(3))).replace('-', '−');

const METRIC = 'metric';

const PINTS_PER_GALLON = 8;
const KELVIN_PER_RANKINE = 1 / 1.8;

/** Amounts a day, temperatures and powers, in either system. */
const RATES: Partial<Record<Unit, (value: number, units: UnitSystem) => string>> = {
  celsius: formatTemperature,
  kelvin: (v, units) =>
    units === METRIC ? `${threeFigures(v)} °C` : `${threeFigures(v / KELVIN_PER_RANKINE)} °F`,
  months: (v) => `${threeFigures(v)} months`,
  weeks: (v) => `${threeFigures(v)} weeks`,
  days: (v) => {
    const said = v < 10 ? String(Math.round(v * 10) / 10) : formatPlain(Math.round(v));
    return `${said} ${said === '1' ? 'day' : 'days'}`;
  },
  eggsDay: (v) => `${threeFigures(v)} eggs a day`,
  kgDay: (v, units) => {
    if (units === METRIC) {
      return v < 1 ? `${Math.round(v * 1000)} g a day` : `${threeFigures(v)} kg a day`;
    }
    return v < KILOGRAMS_PER_POUND
      ? `${threeFigures(v / KILOGRAMS_PER_OUNCE)} oz a day`
      : `${threeFigures(v / KILOGRAMS_PER_POUND)} lb a day`;
  },
  gramsDay: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} g a day`
      : `${threeFigures(v / 1000 / KILOGRAMS_PER_OUNCE)} oz a day`,
  litresDay: (v, units) => {
    // a drop more or less is nothing that is poured
    if (units === METRIC) return `${v < 1 ? Math.round(v * 100) / 100 : threeFigures(v)} L a day`;
    const gallons = v / LITRES_PER_GALLON;
    return gallons < 1
      ? `${threeFigures(gallons * 4)} qt a day`
      : `${threeFigures(gallons)} gal a day`;
  },
  litres: (v, units) =>
    units === METRIC ? `${threeFigures(v)} L` : `${threeFigures(v / LITRES_PER_GALLON)} gal`,
  pouredLitres: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} L`
      : `${threeFigures((v / LITRES_PER_GALLON) * PINTS_PER_GALLON)} pints`,
  bulkLitres: (v, units) =>
    units === METRIC ? `${threeFigures(v)} L` : `${threeFigures(v / LITRES_PER_CUBIC_FOOT)} ft³`,
  degrees: (v) => `${Math.round(v)}°`,
  minutes: (v) => `${Math.round(v)} minutes`,
  hours: (v) =>
    v > 0 && v < 1
      ? `${Math.round(v * 60)} minutes`
      : `${v < 24 ? threeFigures(v) : Math.round(v)} h`,
  lux: (v) => `${threeFigures(v)} lx`,
  share: (v) => `${v < 0.1 ? Math.round(v * 1000) / 10 : Math.round(v * 100)} in a hundred`,
  pascals: (v) => (v >= 1e9 ? `${threeFigures(v / 1e9)} GPa` : `${threeFigures(v / 1e6)} MPa`),
  newtonsM: (v) => `${threeFigures(v)} N/m`,
  m3: (v) => `${threeFigures(v * 1e6)} cm³`,
  m4: (v) => `${threeFigures(v * 1e8)} cm⁴`,
  kgLitre: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} kg a litre`
      : `${threeFigures((v / KILOGRAMS_PER_POUND) * LITRES_PER_GALLON)} lb a gallon`,
  kgM2: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} kg to the m²`
      : `${threeFigures((v / KILOGRAMS_PER_POUND) * SQUARE_METRES_PER_SQUARE_FOOT)} lb to the ft²`,
  kgM3: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} kg a m³`
      : `${threeFigures((v / KILOGRAMS_PER_POUND) * METRES_PER_FOOT ** 3)} lb a ft³`,
  bales: (v) => `${v.toFixed(1)} bales`,
  money: (v) => formatPlain(Math.round(v * 100) / 100),
  electricWatts: (v) => `${threeFigures(v)} W`,
  litresSecond: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} L/s`
      : `${threeFigures((v * 60) / LITRES_PER_GALLON)} gal a minute`,
  millimetres: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} mm`
      : `${Math.max(0.01, Math.round(v / 10 / METRES_PER_INCH) / 100)} in`,
  kilowattHours: (v) => `${threeFigures(v)} kWh`,
  dozens: (v) => `${v.toFixed(1)} dozen`,
  bags: (v) => `${v.toFixed(1)} bags`,
  watts: (v, units) =>
    units === METRIC ? `${threeFigures(v)} W` : `${threeFigures(v / WATTS_PER_BTU_HOUR)} Btu/h`,
  wattsKelvin: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} W a kelvin`
      : `${threeFigures(v / WATTS_PER_BTU_HOUR / KELVIN_PER_RANKINE)} Btu/h a °F`,
  metresSecond: (v, units) =>
    units === METRIC
      ? `${threeFigures(v)} m/s`
      : `${threeFigures(v * MILES_HOUR_PER_METRE_SECOND)} mph`,
  kcalDay: (v) => `${Math.round(v)} kcal a day`,
  kcalKg: (v) => `${Math.round(v)} kcal a kg`,
  kcalGram: (v) => `${threeFigures(v)} kcal a g`,
};

/**
 * The text of a figure as a keeper reads it.
 * @param value  SI, in the unit named
 * @example      formatValue(0.3399, 'm', 'metric') // 34 cm
 */
export function formatValue(value: number, unit: Unit, units: UnitSystem): string {
  if (unit === 'm') return formatLength(value, { units });
  if (unit === 'm2') return formatArea(value, units);
  if (unit === 'kg') return formatMass(value, units);
  const rate = RATES[unit];
  if (rate) return rate(value, units);
  const words = COUNTED[unit];
  if (!words) return formatPlain(value);
  return `${formatCount(value)} ${value === 1 ? words[0] : words[1]}`;
}

/** The number alone, for where its noun stands beside it. */
export function formatBare(value: number, unit: Unit, units: UnitSystem): string {
  if (unit === 'dozens' || unit === 'bags') return value.toFixed(1);
  return COUNTED[unit] ? formatCount(value) : formatValue(value, unit, units);
}

/**
 * Thousands apart, from ten thousand up.
 * @example grouped('12345 L') // '12,345 L'
 */
export const grouped = (text: string): string =>
  text.replace(/(?<![\d.])\d{5,}/g, (n) => Number(n).toLocaleString('en-GB'));

/** A count, which may be an average: above one to a tenth. */
const formatCount = (value: number): string =>
  formatPlain(value > 1 ? Math.round(value * 10) / 10 : value);

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

/** A text in pieces, each measure whole: 1′ 9 5/8″ and 38 cm are never broken at their spaces. */
export const measuresApart = (text: string): readonly string[] =>
  text.split(/(\d[\d.]*[′″]?(?: (?:\d[\d./]*[′″]?|(?:cm|mm|m|kg|lb|oz|L|gal|m²|ft²)(?![a-z])))+)/);
