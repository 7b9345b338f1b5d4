'use client';
import { useDeferredValue, useMemo } from 'react';
import { bareOf } from '@/core/air/bare';
import { airNeedsOf } from '@/core/air/needs';
import { summerWays, winterWays } from '@/core/air/seasonMeasures';
import { birdsHeat, fullestDay } from '@/core/birds/flockHeat';
import {
  SUMMER_HEADS,
  summerRow,
  type WayRow,
  WINTER_HEADS,
  WORST_DAYS,
  winterRow,
} from '@/text/seasonMeasures';
import { Fold } from '../furniture/Fold';
import { useBench, usePlan, useWhole, useWorked } from '../session/bench';
import { useAirShow } from './airShow';

/** Ways to keep the coop through the season that is looked at, side by side, each worked for this plan. */
export function SeasonMeasures() {
  const day = useAirShow((s) => s.day);
  return (
    <Fold
      name="Ways through the season"
      title={day === 'cold' ? 'Ways through the cold' : 'Ways through the heat'}
    >
      <Ways />
    </Fold>
  );
}

function Ways() {
  const { units } = usePlan();
  const day = useAirShow((s) => s.day);
  const rows = useWays();
  const heads = day === 'cold' ? WINTER_HEADS : SUMMER_HEADS;
  if (!rows) return null;
  return (
    <>
      <table className="w-full text-[0.87rem]" data-ways={day}>
        <caption className="pb-1 text-left text-[0.84rem] text-soft">
          {day === 'cold'
            ? 'An ordinary night of the coldest month: its mean beside outdoors, and the water that settles.'
            : 'The hottest hour of a hot day, all birds inside.'}
        </caption>
        <thead>
          <tr className="text-soft">
            <th scope="col" className="text-left font-normal">
              way
            </th>
            {heads.map((h) => (
              <th key={h} scope="col" className="pl-2 text-right font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows(units).map((row) => (
            <Row key={row.way} row={row} />
          ))}
        </tbody>
      </table>
      <h4 className="mt-1 font-semibold text-[0.9rem]">
        {day === 'cold' ? 'In a cold snap' : 'In a heat wave'}
      </h4>
      <ul className="list-disc pl-5 text-[0.87rem]" data-reason>
        {WORST_DAYS[day].map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </>
  );
}

function Row({ row }: { row: WayRow }) {
  return (
    <>
      <tr
        className={`border-line border-t align-baseline ${row.way === 'kept' ? 'font-semibold' : ''}`}
        data-way={row.way}
      >
        <th
          scope="row"
          className={`pt-1 pr-1 text-left ${row.way === 'kept' ? '' : 'font-normal'}`}
          data-reason
        >
          {row.name}
        </th>
        {row.cells.map((cell, i) => (
          <td
            // biome-ignore lint/suspicious/noArrayIndexKey: a row has the same columns always
            key={i}
            className="figures whitespace-nowrap pt-1 pl-2 text-right"
            data-axis
          >
            {cell}
          </td>
        ))}
      </tr>
      {row.note ? (
        <tr>
          <td colSpan={row.cells.length + 1} className="pb-1 text-[0.82rem] text-soft" data-reason>
            {row.note}
          </td>
        </tr>
      ) : null}
    </>
  );
}

/** The ways worked, for the plan as it is in hand; they may come a moment after it. Null until the core has come. */
function useWays() {
  const worked = useWorked();
  const plan = useDeferredValue(useBench((s) => s.held?.plan ?? s.plan));
  const whole = useWhole();
  const day = useAirShow((s) => s.day);
  const flock = worked && whole.planned > 0 ? whole.flock : null;
  return useMemo(() => {
    const climate = flock?.climate ?? null;
    if (plan === null || flock === null || climate === null) return null;
    const needs = airNeedsOf(bareOf(plan, birdsHeat(flock, fullestDay(flock))), climate.hours);
    if (day === 'cold') {
      const found = winterWays(plan, flock, climate, needs);
      return (units: typeof plan.units): WayRow[] => found.map((r) => winterRow(r, units));
    }
    const found = summerWays(plan, flock, climate, needs);
    return (units: typeof plan.units): WayRow[] => found.map((r) => summerRow(r, units));
  }, [plan, flock, day]);
}
