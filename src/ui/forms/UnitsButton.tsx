import type { UnitSystem } from '@/core/kernel/units/length';
import { rememberUnits } from '../units/remembered';

/** One press changes metres and kilograms into feet and pounds, here and for the next plan. */
export function UnitsButton({
  units,
  change,
}: {
  units: UnitSystem;
  change: (units: UnitSystem) => void;
}) {
  return (
    <button
      type="button"
      className="button"
      aria-label={`Units: ${units}. Change`}
      onClick={() => {
        const other = units === 'metric' ? 'imperial' : 'metric';
        rememberUnits(other);
        change(other);
      }}
    >
      {units === 'metric' ? 'm, kg' : 'ft, lb'}
    </button>
  );
}
