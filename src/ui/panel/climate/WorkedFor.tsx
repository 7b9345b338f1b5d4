'use client';
import { type ReactNode, useId, useState } from 'react';
import { CLIMATES } from '@/core/model/climates.data';
import type { Plan } from '@/core/model/schema';
import { monthsOf } from '@/core/weather/climate';
import { monthsText } from '@/text/climates';
import { usePlan } from '../../session/bench';
import { ClimateFields } from './ClimateFields';

/** Which climate a station is worked for, with the way to change it in place. */
export function WorkedFor({ children }: { children?: ReactNode }) {
  const plan = usePlan();
  const [open, setOpen] = useState(false);
  const region = useId();
  return (
    <section aria-label="Climate" className="text-[0.9rem]" data-worked-for>
      <p className="text-soft" data-reason>
        {climateText(plan)} {children}{' '}
        <button
          type="button"
          className="text-chalk hover:underline max-lg:min-h-[44px]"
          aria-expanded={open}
          aria-controls={region}
          onClick={() => setOpen(!open)}
        >
          {plan.climate === null ? 'Choose the climate' : 'Change the climate'}
        </button>
      </p>
      <div id={region} className={open ? 'mt-2 border border-line px-3 py-2' : undefined}>
        {open ? <ClimateFields /> : null}
      </div>
    </section>
  );
}

/** "Worked for a wet upland (Jan 2 °C, Jul 13 °C)." */
function climateText({ climate, units }: Plan): string {
  const months = monthsOf(climate);
  if (climate === null || months === null) return 'No climate is chosen yet.';
  const { source } = climate;
  const name =
    source.kind === 'shipped'
      ? (CLIMATES.find((c) => c.id === source.id)?.type ?? source.id)
      : source.name;
  return `Worked for this climate: ${name} (${monthsText(months, units)}).`;
}
