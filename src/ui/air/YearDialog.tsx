'use client';
import { CalendarPlus, Printer } from 'lucide-react';
import * as Dialog from 'radix-ui/dialog';
import { useCallback, useMemo, useState } from 'react';
import type { AirYear } from '@/core/air/airYear';
import type { Extremes } from '@/core/air/extremes';
import {
  type AirPicture,
  airPictures,
  countedText,
  extremesText,
  MONTH_NAMES,
  MONTH_ROWS,
  refinedText,
  YEAR_FROM,
  yearLesson,
} from '@/text/airWords';
import { ShownChoice } from '../charts/ShownChoice';
import { useSize } from '../drawing/size';
import { takeOut } from '../furniture/takeOut';
import { useBench, usePlan } from '../session/bench';
import { HourAsk } from './HourAsk';
import { HourPicture } from './HourPicture';
import { ShutterSheet } from './ShutterSheet';
import { ShutterStrips } from './ShutterStrips';
import type { YearWeather } from './useAirYear';

/** The year of a coop's air: its lesson, a picture of every hour, its shutters, and hours at risk month by month. */
export function YearDialog({
  year,
  weather,
  extremes,
  packed,
  close,
}: {
  year: AirYear;
  weather: YearWeather;
  extremes: Extremes | null;
  packed: ArrayBuffer | null;
  close: () => void;
}) {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const [printing, setPrinting] = useState(false);
  const printed = useCallback(() => setPrinting(false), []);
  return (
    <Dialog.Root open onOpenChange={(now) => (now ? undefined : close())}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 flex max-h-[94vh] w-[min(62rem,96vw)] flex-col gap-4 overflow-auto border border-strong bg-raised p-5 shadow-xl">
          <div className="flex items-baseline justify-between gap-4">
            <Dialog.Title className="text-[1.3rem]">A year of its air</Dialog.Title>
            <Dialog.Close className="button">Close</Dialog.Close>
          </div>
          <Dialog.Description className="text-[1.05rem]" data-lesson>
            {yearLesson(year, plan.units)}
          </Dialog.Description>
          <p data-refined>{refinedText(year.first, year.refined, plan.units)}</p>
          <Pictures year={year} />
          {printing ? <ShutterSheet year={year} done={printed} /> : null}
          <section className="flex shrink-0 flex-col gap-2">
            <div className="flex flex-wrap items-baseline justify-between gap-3">
              <h3 className="font-semibold">When to open which shutter</h3>
              {year.calendar.ids.length > 0 ? (
                <span className="flex flex-wrap gap-2">
                  <button type="button" className="button" onClick={() => setPrinting(true)}>
                    <Printer size={15} aria-hidden /> Print it
                  </button>
                  <button
                    type="button"
                    className="button"
                    onClick={() =>
                      void import('@/formats/shutterIcs').then(({ shutterIcs }) =>
                        takeOut(shutterIcs(plan, year.calendar, on)),
                      )
                    }
                  >
                    <CalendarPlus size={15} aria-hidden /> Take it out as a calendar
                  </button>
                </span>
              ) : null}
            </div>
            <ShutterStrips calendar={year.calendar} />
          </section>
          <HourAsk year={year} packed={packed} />
          <MonthTable year={year} />
          <section className="shrink-0" data-extremes={extremes ? 'done' : 'working'}>
            <h3 className="font-semibold">In twenty years</h3>
            {extremes === null ? (
              <p className="text-soft" role="status">
                Working out twenty years …
              </p>
            ) : (
              <ul className="mt-1 list-disc pl-5 text-[0.9rem]">
                {extremesText(extremes, plan.units).map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            )}
          </section>
          <p className="text-[0.84rem] text-soft" data-reason>
            {YEAR_FROM[weather]} For the birds of this plan, with openings as the strips have them.
            Your year will be otherwise: watch your birds, and smell the air at the height of the
            bars. Ammonia may be half of this or double.
          </p>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Every hour of the year in one picture, by what is looked at. */
function Pictures({ year }: { year: AirYear }) {
  const { units } = usePlan();
  const [shown, setShown] = useState<AirPicture['id']>('rh');
  const [ref, size] = useSize<HTMLDivElement>();
  const width = Math.floor(size?.width ?? 0);
  const pictures = useMemo(() => airPictures(year.tender.heatC), [year]);
  const picture = pictures.find((p) => p.id === shown) ?? pictures[0];
  return (
    <section className="flex shrink-0 flex-col gap-2">
      <ShownChoice
        names={pictures.map((p) => [p.id, p.name] as const)}
        shown={shown}
        show={setShown}
      />
      <div ref={ref}>
        {picture && width > 0 ? (
          <HourPicture
            picture={picture}
            values={year[picture.id]}
            units={units}
            width={width}
            height={width < 500 ? 150 : 220}
          />
        ) : null}
      </div>
    </section>
  );
}

/** Hours at risk, month by month. */
function MonthTable({ year }: { year: AirYear }) {
  const { units } = usePlan();
  return (
    <section className="shrink-0 overflow-x-auto">
      <h3 className="font-semibold">Hours of each month</h3>
      <table className="mt-1 w-full text-[0.84rem]">
        <thead>
          <tr className="border-line border-b text-soft">
            <th scope="col" className="py-1 pr-2 text-left font-normal">
              hours with
            </th>
            {MONTH_NAMES.map((m) => (
              <th key={m} scope="col" className="px-1 text-right font-normal">
                <abbr title={m} className="no-underline">
                  {m.slice(0, 3)}
                </abbr>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {MONTH_ROWS.map((row) => (
            <tr key={row.name} className="border-line border-b last:border-b-0">
              <th scope="row" className="whitespace-nowrap py-1 pr-2 text-left font-normal">
                {row.name}
              </th>
              {year.months.map((m, i) => (
                <td key={MONTH_NAMES[i]} className="figures px-1 text-right">
                  {row.of(m) === 0 ? <span className="text-soft">–</span> : Math.round(row.of(m))}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <details className="mt-1 text-[0.84rem] text-soft">
        <summary className="cursor-pointer text-chalk">What each row counts</summary>
        <ul className="list-disc pl-5" data-reason>
          {countedText(year.tender, units).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </details>
    </section>
  );
}
