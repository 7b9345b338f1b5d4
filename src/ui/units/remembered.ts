'use client';
import type { UnitSystem } from '@/core/kernel/units/length';
import { unitsOfRegion } from '@/core/kernel/units/region';

const KEY = 'wide-rafter-units';

/** The units a new plan begins with: the last that were chosen here, else those of the browser's region. */
export function unitsToBegin(): UnitSystem {
  try {
    const last = localStorage.getItem(KEY);
    if (last === 'metric' || last === 'imperial') return last;
  } catch {
    // a browser that keeps nothing is no error
  }
  return unitsOfRegion(navigator.languages);
}

/** Remembers the units chosen, for the next new plan. */
export function rememberUnits(units: UnitSystem): void {
  try {
    localStorage.setItem(KEY, units);
  } catch {
    // a browser that keeps nothing is no error
  }
}
