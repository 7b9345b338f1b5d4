import type { CautionPlace } from '@/core/cautions';
import { STATIONS } from '@/core/kernel/station';
import type { Plan } from '@/core/model/schema';
import { cautionText } from '@/text/cautions';
import { formatDay } from '@/text/format';
import { STATION_NAMES } from '@/text/stations';
import { SheetBar } from '../print/SheetBar';

/** Every caution that applies to a plan, on one sheet to pin up. */
export function CautionSheet({
  plan,
  on,
  cautions,
}: {
  plan: Plan;
  on: string;
  cautions: readonly CautionPlace[];
}) {
  return (
    <main className="mx-auto max-w-3xl px-6 py-5 print:max-w-none print:p-0">
      <SheetBar planId={plan.id} />
      <h1 className="border-ink border-b-2 pb-2 text-[1.7rem]">
        Take care: <span data-name>{plan.name}</span>
      </h1>
      <p className="mt-2 text-soft">
        What can hurt a person or a bird here, in the plan of{' '}
        <time data-day={on}>{formatDay(on)}</time>. Ask an electrician, a vet, a builder or your
        authority as well: this sheet does not replace them.
      </p>
      {STATIONS.filter((s) => cautions.some((c) => c.station === s)).map((station) => (
        <section key={station} className="mt-4 break-inside-avoid">
          <h2 className="text-[1.1rem]">{STATION_NAMES[station]}</h2>
          <ul className="mt-1 flex flex-col gap-1.5" data-reason>
            {cautions
              .filter((c) => c.station === station)
              .map((c) => (
                <li key={c.id} className="flex gap-2.5">
                  <span
                    aria-hidden="true"
                    className="mt-[5px] inline-block size-[11px] shrink-0 border border-ink"
                  />
                  <span>{cautionText(c.id, plan.units)}</span>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </main>
  );
}
