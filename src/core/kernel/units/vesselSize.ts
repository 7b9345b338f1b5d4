import { LITRES_PER_GALLON } from './factors.data';
import type { UnitSystem } from './length';

/** Sizes as vessels are sold or filled: up to a size by small steps, above it by large ones, L. */
const STEPS: Readonly<
  Record<UnitSystem, { readonly smallL: number; readonly upToL: number; readonly largeL: number }>
> = {
  metric: { smallL: 1, upToL: 10, largeL: 5 },
  imperial: {
    smallL: LITRES_PER_GALLON / 2,
    upToL: 3 * LITRES_PER_GALLON,
    largeL: LITRES_PER_GALLON,
  },
};

/** Dust of binary arithmetic, of a step. */
const DUST = 1e-6;

const stepped = (steps: number, stepL: number): number => Math.round(steps * stepL * 1e6) / 1e6;

const stepOf = (litres: number, units: UnitSystem): number => {
  const { smallL, upToL, largeL } = STEPS[units];
  return litres <= upToL + 1e-5 ? smallL : largeL;
};

/**
 * The next size up that is sold: whole litres to ten, then by fives; half gallons to three, then whole ones.
 * @example vesselUp(30, 'imperial') // 30.283294 (eight gallons)
 */
export function vesselUp(litres: number, units: UnitSystem): number {
  const step = stepOf(litres, units);
  return stepped(Math.ceil(litres / step - DUST), step);
}

/**
 * The most that fits below so much: by tenths of a litre below two, or of a gallon below one, then by small steps.
 * @example vesselDown(30, 'imperial') // 28.391
 */
export function vesselDown(litres: number, units: UnitSystem): number {
  const { smallL } = STEPS[units];
  const step = litres < 2 * smallL ? (units === 'metric' ? 0.1 : LITRES_PER_GALLON / 10) : smallL;
  return stepped(Math.floor(litres / step + DUST), step);
}

/** Nobody lifts, or keeps fresh, more in one vessel: 50 L, or 13 gallons, L. */
export const mostVesselL = (units: UnitSystem): number =>
  units === 'metric' ? 50 : stepped(13, LITRES_PER_GALLON);
