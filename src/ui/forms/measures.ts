import { fail, issue, type Outcome, ok } from '@/core/outcome';
import { formatArea } from '@/core/units/area';
import {
  KILOGRAMS_PER_OUNCE,
  KILOGRAMS_PER_POUND,
  METRES_PER_INCH,
  SQUARE_METRES_PER_SQUARE_FOOT,
} from '@/core/units/factors.data';
import { fieldUnit, formatLength, readLength, type UnitSystem } from '@/core/units/length';
import { formatMass, massFieldUnit, readMass } from '@/core/units/mass';
import { readDecimal } from '@/core/units/number';
import { formatPlain } from '@/text/format';
import type { Measure } from './MeasureField';

/** A length in the plan's units. */
export const lengthIn = (units: UnitSystem): Measure => ({
  unit: fieldUnit(units),
  read: (text) => readLength(text, units),
  write: (m) => formatLength(m, { units }),
  step: units === 'metric' ? 0.01 : METRES_PER_INCH / 2,
});

/** A bird's mass in the plan's units. */
export const massIn = (units: UnitSystem): Measure => ({
  unit: massFieldUnit(units),
  read: (text) => readMass(text, units),
  write: (kg) => formatMass(kg, units),
  step: units === 'metric' ? 0.05 : KILOGRAMS_PER_POUND / 10,
});

/** One egg's mass: grams, or ounces. */
export const eggMassIn = (units: UnitSystem): Measure => {
  const [unit, kg] = units === 'metric' ? ['g', 0.001] : ['oz', KILOGRAMS_PER_OUNCE];
  return {
    unit,
    read: (text) => {
      const n = readDecimal(text.replace(/\s*(g|oz)$/i, ''));
      return n === null ? fail(issue('number.unreadable', { typed: text.trim() })) : ok(n * kg);
    },
    write: (mass) => `${formatPlain(Math.round((mass / kg) * 100) / 100)} ${unit}`,
    step: kg,
  };
};

/** A whole number within bounds. */
export const countIn = (least: number, most: number): Measure => ({
  unit: '',
  read: (text) => readCount(text, least, most),
  write: (n) => String(n),
  step: 1,
});

function readCount(text: string, least: number, most: number): Outcome<number> {
  const t = text.trim();
  const n = Number(t);
  return /^\d+$/.test(t) && n >= least && n <= most
    ? ok(n)
    : fail(issue('count.unreadable', { typed: t, least, most }));
}

/** Holds a length within bounds, told in the plan's units. */
export const within =
  (least: number, most: number, units: UnitSystem) =>
  (m: number): Outcome<number> =>
    m >= least && m <= most
      ? ok(m)
      : fail(
          issue('length.outOfRange', {
            least: formatLength(least, { units }),
            most: formatLength(most, { units }),
          }),
        );

/** Holds a bird's mass within bounds, told in the plan's units. */
export const massWithin =
  (units: UnitSystem) =>
  (kg: number): Outcome<number> =>
    kg >= 0.2 && kg <= 15
      ? ok(kg)
      : fail(
          issue('mass.outOfRange', { least: formatMass(0.2, units), most: formatMass(15, units) }),
        );

/** An area in the plan's units: a plain number in the unit printed. */
export const areaIn = (units: UnitSystem): Measure => ({
  unit: units === 'metric' ? 'm²' : 'ft²',
  read: (text) => {
    const n = readDecimal(text.replace(/(m²|m2|ft²|ft2)\s*$/i, ''));
    return n === null
      ? fail(issue('number.unreadable', { typed: text.trim() }))
      : ok(units === 'metric' ? n : n * SQUARE_METRES_PER_SQUARE_FOOT);
  },
  write: (m2) => formatArea(m2, units),
  step: units === 'metric' ? 0.01 : SQUARE_METRES_PER_SQUARE_FOOT / 10,
});

/** A plain number, with the unit printed beside it. */
export const ratioIn = (unit: string): Measure => ({
  unit,
  read: (text) => {
    const n = readDecimal(text);
    return n === null ? fail(issue('number.unreadable', { typed: text.trim() })) : ok(n);
  },
  write: formatPlain,
  step: 0.5,
});

/** A whole number of birds that may be left open. */
export const optionalCountIn = (most: number): Measure => countIn(0, most);

/** Degrees of latitude, north positive. */
export const degreesIn: Measure = {
  unit: '° north',
  read: (text) => {
    const n = readDecimal(text.replace(/\s*°\s*(n|north)?$/i, ''));
    if (n === null) return fail(issue('number.unreadable', { typed: text.trim() }));
    return Math.abs(n) <= 90 ? ok(n) : fail(issue('latitude.outOfRange'));
  },
  write: (deg) => `${formatPlain(deg)}°`,
  step: 0.5,
};

const METRES_PER_FOOT = 12 * METRES_PER_INCH;

/** A height above the sea: whole metres or feet. */
export const heightIn = (units: UnitSystem): Measure => {
  const [unit, metres] = units === 'metric' ? ['m', 1] : ['ft', METRES_PER_FOOT];
  return {
    unit,
    read: (text) => {
      const n = readDecimal(text.replace(/\s*(m|ft)$/i, ''));
      if (n === null) return fail(issue('number.unreadable', { typed: text.trim() }));
      const m = n * metres;
      return m >= -450 && m <= 6000 ? ok(m) : fail(issue('altitude.outOfRange'));
    },
    write: (m) => `${Math.round(m / metres)} ${unit}`.replace('-', '−'),
    step: 10 * metres,
  };
};

/** A plain amount in the unit printed. */
export const amountIn = (unit: string, step = 1): Measure => ({
  unit,
  read: (text) => {
    const n = readDecimal(text.trim().replace(/\s*[^\d\s.,+\-−].*$/, ''));
    return n === null ? fail(issue('number.unreadable', { typed: text.trim() })) : ok(n);
  },
  write: (n) => `${formatPlain(n)} ${unit}`,
  step,
});
