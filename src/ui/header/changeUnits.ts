'use client';
import { edit, useBench } from '../store/bench';
import { rememberUnits } from '../units';

/** Shows the open plan in the other units, and remembers them for the next new plan. */
export function changeUnits(): void {
  const { plan } = useBench.getState();
  if (!plan) return;
  const units = plan.units === 'metric' ? 'imperial' : 'metric';
  rememberUnits(units);
  edit('Units', (d) => {
    d.units = units;
  });
}
