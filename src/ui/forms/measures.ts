import { fail, issue, type Outcome, ok } from '@/core/kernel/outcome';
import {
  type AmountKind,
  amountExample,
  amountUnit,
  inPrinted,
  isAmountKind,
  onePrinted,
  readAmount,
} from '@/core/kernel/units/amount';
import { formatArea } from '@/core/kernel/units/area';
import {
  KILOGRAMS_PER_POUND,
  METRES_PER_FOOT,
  METRES_PER_INCH,
} from '@/core/kernel/units/factors.data';
import {
  fieldUnit,
  formatLength,
  readLength,
  readRoomLength,
  type UnitSystem,
} from '@/core/kernel/units/length';
import { formatMass, massFieldUnit, readMass } from '@/core/kernel/units/mass';
import { readDecimal } from '@/core/kernel/units/number';
import { unread } from '@/core/kernel/units/thousands';
import { formatPlain } from '@/text/format';
import type { Measure } from './MeasureField';

/** A length in the plan's units. */
export const lengthIn = (units: UnitSystem): Measure => ({
  unit: fieldUnit(units),
  read: (text) => readLength(text, units),
  write: (m) => formatLength(m, { units }),
  step: units === 'metric' ? 0.01 : METRES_PER_INCH / 2,
});

/** A measure of a thing that is carried in one hand: inches all through in an imperial plan. */
export const smallLengthIn = (units: UnitSystem): Measure => ({
  ...lengthIn(units),
  write: (m) => formatLength(m, { units, inches: true }),
});

/** A room's length, width or height: a bare number up to 30 is feet in an imperial plan. */
export const roomLengthIn = (units: UnitSystem): Measure => ({
  ...lengthIn(units),
  unit: units === 'imperial' ? 'ft' : fieldUnit(units),
  read: (text) => readRoomLength(text, units),
});

/** A limit as a message names it: whole feet, or half inches below one; the number named is inside the limit. */
function roundLimit(metres: number, units: UnitSystem, round: (n: number) => number): string {
  if (units === 'metric') return formatLength(metres, { units });
  const step = metres >= METRES_PER_FOOT * 0.9 ? METRES_PER_FOOT : METRES_PER_INCH / 2;
  return formatLength(round(Number((metres / step).toFixed(6))) * step, { units });
}

/** A bird's mass in the plan's units. */
export const massIn = (units: UnitSystem): Measure => ({
  unit: massFieldUnit(units),
  read: (text) => readMass(text, units),
  write: (kg) => formatMass(kg, units),
  step: units === 'metric' ? 0.05 : KILOGRAMS_PER_POUND / 10,
});

/** An amount that each system has its own unit for; units of the other are read too. */
const ofKind = (kind: AmountKind, units: UnitSystem, steps: number, decimals: number): Measure => {
  const unit = amountUnit(kind, units);
  const places = 10 ** decimals;
  return {
    unit,
    read: (text) => {
      const si = readAmount(text, kind, units);
      return si === null
        ? unread(
            text,
            issue('amount.unreadable', { typed: text.trim(), example: amountExample(kind, units) }),
          )
        : ok(si);
    },
    write: (si) =>
      `${formatPlain(Math.round(inPrinted(si, kind, units) * places) / places)} ${unit}`,
    step: steps * onePrinted(kind, units),
  };
};

/**
 * What a feeder holds, by the mass of its feed; by its volume where that is typed.
 * @param kgL  the feed's density, kg a litre
 */
export function feedIn(kgL: number, units: UnitSystem): Measure {
  const mass = ofKind('kg', units, 1, 1);
  return {
    unit: mass.unit,
    read: (text) => {
      const litres = /[a-z]/i.test(text) ? readAmount(text, 'L', units) : null;
      if (litres !== null) return ok(litres);
      const kg = mass.read(text);
      return kg.ok ? ok(kg.value / kgL) : kg;
    },
    write: (litres) => mass.write(litres * kgL),
    step: mass.step / kgL,
  };
}

/** One egg's mass: grams, or ounces. */
export const eggMassIn = (units: UnitSystem): Measure => ofKind('egg', units, 1, 2);

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
    : unread(t, issue('count.unreadable', { typed: t, least, most }));
}

/** Holds a length within bounds, told in the plan's units. */
export const within =
  (least: number, most: number, units: UnitSystem) =>
  (m: number): Outcome<number> =>
    m >= least && m <= most
      ? ok(m)
      : fail(
          issue('length.outOfRange', {
            least: roundLimit(least, units, Math.ceil),
            most: roundLimit(most, units, Math.floor),
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

/** An area in the plan's units. */
export const areaIn = (units: UnitSystem): Measure => ({
  ...ofKind('m²', units, units === 'metric' ? 0.01 : 0.1, 3),
  write: (m2) => formatArea(m2, units),
});

/** A plain number, with the unit printed beside it. */
export const ratioIn = (unit: string): Measure => ({
  unit,
  read: (text) => {
    const n = readDecimal(text);
    return n === null ? unread(text, issue('number.unreadable', { typed: text.trim() })) : ok(n);
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
    if (n === null) return unread(text, issue('number.unreadable', { typed: text.trim() }));
    return Math.abs(n) <= 90 ? ok(n) : fail(issue('latitude.outOfRange'));
  },
  write: (deg) => `${formatPlain(deg)}°`,
  step: 0.5,
};

/** A height above the sea: whole metres or feet. */
export const heightIn = (units: UnitSystem): Measure => {
  const measure = ofKind('altitude', units, 10, 0);
  return {
    ...measure,
    read: (text) => {
      const m = measure.read(text);
      return m.ok && !(m.value >= -450 && m.value <= 6000) ? fail(issue('altitude.outOfRange')) : m;
    },
  };
};

/**
 * An amount in the unit named, or in what the other system has for it; days, watts and the like are the same in both.
 * @param steps  of the unit printed, one press of an arrow key
 */
export function amountIn(unit: string, units: UnitSystem, steps = 1): Measure {
  if (isAmountKind(unit)) return ofKind(unit, units, steps, unit === 'm²' ? 3 : 2);
  const suffix = new RegExp(`\\s*${unit.replace(/s$/, '')}s?$`, 'i');
  return {
    unit,
    read: (text) => {
      const n = readDecimal(text.trim().replace(suffix, ''));
      return n === null ? unread(text, issue('number.unreadable', { typed: text.trim() })) : ok(n);
    },
    write: (n) => `${formatPlain(n)} ${unit}`,
    step: steps,
  };
}
