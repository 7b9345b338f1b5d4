'use client';
import { edit, useBench } from '../session/bench';
import { rememberUnits } from '../units/remembered';

/**
 * Shows the open plan in the other units, and remembers them for the next new plan. Which they are is decided when the
 * edit is made: pressed twice before the core has come it is back where it was, by two edits.
 */
export function changeUnits(): void {
  if (!useBench.getState().plan) return;
  edit('Units', (d) => {
    d.units = d.units === 'metric' ? 'imperial' : 'metric';
    rememberUnits(d.units);
  });
}
