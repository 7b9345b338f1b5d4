import {
  KILOGRAMS_PER_POUND,
  LITRES_PER_GALLON,
  METRES_PER_INCH,
  SQUARE_METRES_PER_SQUARE_FOOT,
} from '@/core/kernel/units/factors.data';
import { formatLength, type UnitSystem } from '@/core/kernel/units/length';
import type { Figure, Unit } from '@/core/kernel/working';
import { EVERYDAY_AREAS, EVERYDAY_LENGTHS, type Everyday } from '@/core/rules/everyday.data';
import { formatBare, formatValue, grouped } from './format';

/** Below this a length is told to the millimetre: sections, gaps and meshes. */
const FINE_M = 0.1;

/** To what a figure is told, where it is coarser than its working. */
const SAID: Partial<Record<Unit, (value: number, units: UnitSystem) => string | null>> = {
  m: (v, units) => {
    if (units === 'imperial') return formatLength(v, { units });
    if (Math.abs(v) < FINE_M || Math.abs(v) >= 1) return null;
    return formatLength(Math.round(v * 100) / 100, { units });
  },
  // three figures: 27.6 m², 117 ft²
  m2: (v, units) => {
    if (units === 'metric')
      return v < 9.995 ? null : `${v < 99.95 ? v.toFixed(1) : v.toFixed(0)} m²`;
    const feet = v / SQUARE_METRES_PER_SQUARE_FOOT;
    return feet < 99.95 ? null : `${feet.toFixed(0)} ft²`;
  },
  // what is held for 4.39 days is held for 4
  days: (v) => {
    if (v < 1) return null;
    const whole = Math.floor(v + 1e-9);
    return `${whole} ${whole === 1 ? 'day' : 'days'}`;
  },
  // a difference of warmth, and water as it is poured
  kelvin: (v, units) => (units === 'metric' ? `${v.toFixed(1)} °C` : `${(v * 1.8).toFixed(1)} °F`),
  pouredLitres: (v, units) => {
    if (units === 'metric') return v < 0.095 ? `${Math.round(v * 1000)} mL` : `${v.toFixed(1)} L`;
    const pints = (v / LITRES_PER_GALLON) * 8;
    return pints < 0.15 ? `${Math.round(pints * 16)} fl oz` : `${pints.toFixed(1)} pints`;
  },
  eggsDay: (v) => `${(Math.round(v * 10) / 10).toString()} eggs a day`,
  pascals: (v) => (v < 1e9 ? `${(Math.round(v / 1e5) / 10).toString()} MPa` : null),
  litres: (v, units) =>
    units === 'metric' ? `${v < 10 ? Math.round(v * 10) / 10 : Math.round(v)} L` : null,
};

/** A value as it is said: as fine as it deserves. Its working has all of it. */
export function sayValue(value: number, unit: Unit, units: UnitSystem): string {
  return SAID[unit]?.(value, units) ?? formatValue(value, unit, units);
}

/** A rule's value in its everyday form; null where it has none. */
export function sayRule(value: number, unit: Unit, units: UnitSystem): string | null {
  const find = (rows: readonly Everyday[]): Everyday | undefined =>
    rows.find((r) => r.si === value);
  if (unit === 'm') {
    const row = find(EVERYDAY_LENGTHS);
    if (!row) return null;
    const m = units === 'metric' ? row.metric / 100 : row.imperial * METRES_PER_INCH;
    return formatLength(m, { units, denominator: 8 });
  }
  if (unit === 'm2') {
    const row = find(EVERYDAY_AREAS);
    if (!row) return null;
    if (units === 'imperial') return `${row.imperial} ft²`;
    return row.metric < 0.1
      ? `${Math.round(row.metric * 10_000)} cm²`
      : `${row.metric.toFixed(2)} m²`;
  }
  return null;
}

/** What of a figure decides how it is said. */
export type Said = Pick<Figure, 'id' | 'value' | 'unit' | 'evidence' | 'working'>;

/** Whether a figure may be a rule as it stands in the book, not worked for birds of another mass. */
function isRule(figure: Said): boolean {
  if (figure.evidence === 'entered') return false;
  const [kind] = figure.working.split('.');
  if (kind === 'fact') return true;
  if (kind === 'found') return figure.evidence === 'keepers';
  // worked for a bird of another mass, it is no longer one of the book's values
  return kind === 'scaled';
}

/** Amounts that are told in two figures where they rest on an assumption of ours. */
const AMOUNTS: ReadonlySet<Unit> = new Set([
  'kg',
  'kgDay',
  'gramsDay',
  'litresDay',
  'litres',
  'bulkLitres',
  'watts',
  'kcalDay',
  'lux',
]);

/** Above this nobody weighs a thing to a tenth, kg. */
const HEAVY_KG = 20;
/** A vessel's weight when it is full: what hangs on it is worth more than two figures. */
const isVessel = ({ id, unit }: Said): boolean => unit === 'kg' && /\.(weight|full)$/.test(id);

/** To half a kilogram, or to a pound. */
const sayWeight = (kg: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${Math.round(kg * 2) / 2} kg`
    : `${Math.round(kg / KILOGRAMS_PER_POUND)} lb`;

/** An amount that rests on an assumption of ours, in two figures of the units it is told in. */
function inTwoFigures(text: string, { unit, evidence }: Said): string {
  if (evidence !== 'assumption' || !AMOUNTS.has(unit)) return text;
  const numbers = text.match(/[\d.]+/g) ?? [];
  // pounds and ounces are as fine as they are
  if (numbers.length !== 1) return text;
  return text.replace(/[\d.]+/, (n) => String(Number(Number(n).toPrecision(2))));
}

/**
 * A figure as it is said on screen and in print: a rule in the everyday form of the plan's units, anything else as
 * fine as it deserves.
 * @param bare  the number alone, where its noun stands beside it
 * @param fine  with all that a tape shows, where another beside it would read the same
 */
export function sayFigure(figure: Said, units: UnitSystem, bare = false, fine = false): string {
  const rule = isRule(figure) ? sayRule(figure.value, figure.unit, units) : null;
  if (rule !== null) return rule;
  const { value, unit } = figure;
  if (isVessel(figure) && !fine) return grouped(sayWeight(value, units));
  if (unit === 'kg' && value >= HEAVY_KG && !fine) {
    return grouped(inTwoFigures(sayWeight(value, units), figure));
  }
  const text = fine ? null : SAID[unit]?.(value, units);
  if (text != null) return grouped(inTwoFigures(text, figure));
  if (fine && unit === 'm' && units === 'imperial') {
    return formatLength(value, { units, denominator: 16 });
  }
  const whole = (bare ? formatBare : formatValue)(value, unit, units);
  return grouped(fine ? whole : inTwoFigures(whole, figure));
}
