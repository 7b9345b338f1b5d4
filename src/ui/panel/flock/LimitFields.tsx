'use client';
import { useId } from 'react';
import type { Outcome } from '@/core/kernel/outcome';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Limits, Plan } from '@/core/model/schema';
import { MeasureField } from '../../forms/MeasureField';
import { lengthIn, optionalCountIn } from '../../forms/measures';
import { edit, usePlan } from '../../session/bench';

/** What the local rules allow, as the keeper has found them; the tool then holds the plan to them. */
export function LimitFields() {
  const id = useId();
  const { limits, units } = usePlan();
  const change = (name: string, recipe: (l: Limits) => void): Outcome<Plan> =>
    edit(name, (d) => recipe(d.limits));
  const birds = (label: string, key: 'mostBirds' | 'permitFrom' | 'cocksAllowed') => (
    <MeasureField
      label={label}
      value={limits[key]}
      measure={optionalCountIn(PLAN_LIMITS.birds)}
      placeholder="no rule"
      commit={(n) =>
        change(label, (l) => {
          l[key] = n;
        })
      }
      clear={() =>
        change(label, (l) => {
          l[key] = null;
        })
      }
    />
  );
  const metres = (label: string, key: 'setbackM' | 'standsM') => (
    <MeasureField
      label={label}
      value={limits[key]}
      measure={lengthIn(units)}
      placeholder="no rule"
      commit={(m) =>
        change(label, (l) => {
          l[key] = m;
        })
      }
      clear={() =>
        change(label, (l) => {
          l[key] = null;
        })
      }
    />
  );
  const set = Object.values(limits).some((v) => v !== null && v !== false);
  return (
    <details className="border-line border-t pt-2" open={set}>
      <summary className="font-semibold text-chalk">Local rules</summary>
      <div className="mt-2 grid grid-cols-2 items-start gap-x-3 gap-y-2">
        {birds('Most birds', 'mostBirds')}
        {birds('Permit from', 'permitFrom')}
        {birds('Cocks allowed', 'cocksAllowed')}
        <span />
        {metres('Least setback', 'setbackM')}
        {metres('The coop stands at', 'standsM')}
        <label htmlFor={id} className="col-span-2 flex items-center gap-2 max-lg:min-h-[44px]">
          <input
            id={id}
            type="checkbox"
            className="size-4 accent-(--chalk)"
            checked={limits.housingOrder}
            onChange={(event) => {
              const on = event.currentTarget.checked;
              change('Housing order', (l) => {
                l.housingOrder = on;
              });
            }}
          />
          A housing order is in force: birds must stay indoors
        </label>
      </div>
    </details>
  );
}
