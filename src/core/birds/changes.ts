import { ruled } from '../rules/rules.data';
import { grownOn, type Horizon, type LotDays } from './daily';
import { ageOfMass } from './growth';
import type { Lot } from './lots';

/**
 * Days of the horizon on which another number of birds lives in the coop than on the day before; the first too.
 * @param length   days of the horizon
 * @example        changesOf(flock.columns, 3) // [0]
 */
export function changesOf(columns: readonly LotDays[], length: number): number[] {
  const days = [0];
  for (let d = 1; d < length; d++) {
    for (const c of columns) {
      if (c.living[d] !== c.living[d - 1]) {
        days.push(d);
        break;
      }
    }
  }
  return days;
}

/**
 * Days of the horizon that are looked at: where birds come, go, or turn into what asks for more, and a Monday a week
 * while they grow.
 * @param changes  days from `changesOf`
 * @example        stepsOf([], [5], { first: 0, length: 10, dayOfYear: [] }) // [0, 4, 5, 9]
 */
export function stepsOf(
  lots: readonly Lot[],
  changes: readonly number[],
  horizon: Horizon,
): number[] {
  const last = horizon.length - 1;
  const days = new Set([0, last]);
  const add = (d: number): void => {
    if (d >= 0 && d <= last) days.add(d);
    // what ends on a day was at its most on the day before
    if (d > 0 && d <= last + 1) days.add(d - 1);
  };
  for (const d of changes) add(d);
  const monday = firstMonday(horizon.first);
  for (const lot of lots) {
    for (const dayNo of turnsOf(lot)) add(dayNo - horizon.first);
    const grown = grownOn(lot);
    if (grown === null) continue;
    // one grid of Mondays for all lots, so that twelve lots hatched a day apart are not twelve grids
    const from = Math.max(lot.arrivesOn, horizon.first) - horizon.first;
    const to = Math.min(grown, lot.leavesOn ?? grown) - horizon.first;
    for (let d = mondayFrom(from, monday); d < to && d <= last; d += 7) days.add(d);
  }
  return [...days].sort((a, b) => a - b);
}

/** Days (numbers) in a lot's life on which what it asks for takes a turn. */
function turnsOf(lot: Lot): number[] {
  const days = [lot.laysFrom, lot.leavesOn, grownOn(lot)];
  if (lot.bornOn !== null) {
    days.push(lot.bornOn + BARS_FROM_DAYS);
    if (lot.curve) {
      const age = ageOfMass(lot.curve, PEDAL_LEAST_KG);
      if (age !== null) days.push(lot.bornOn + age);
    }
  }
  return days.filter((d): d is number => d !== null);
}

const BARS_FROM_DAYS = ruled('flock.barFrom');
const PEDAL_LEAST_KG = ruled('feed.pedal.least');

/** 1 January 1970 was a Thursday: index of the first Monday of a horizon. */
const firstMonday = (first: number): number => (((4 - first) % 7) + 7) % 7;
const mondayFrom = (d: number, monday: number): number =>
  monday + 7 * Math.max(0, Math.ceil((d - monday) / 7));
