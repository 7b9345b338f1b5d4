'use client';
import { useState } from 'react';
import { DEMAND_NAMES } from '@/text/demand';
import { formatComingDay } from '@/text/format';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { useAssessment } from '../../session/bench';

/** What a keeper seldom needs: shown when it is asked for. */
const SELDOM: ReadonlySet<string> = new Set(['heatW', 'vapourKgDay']);

/** What the flock needs, today and at most, with the day of the most. */
export function DemandTable() {
  const { demand, on } = useAssessment();
  const [all, setAll] = useState(false);
  return (
    <WorkingHost>
      <table className="w-full border-collapse text-[0.84rem]">
        <thead>
          <tr className="border-line border-b text-left text-[0.8rem] text-soft">
            <th scope="col" className="font-normal">
              <span className="sr-only">needed or given</span>
            </th>
            <th scope="col" className="text-right font-normal">
              today
            </th>
            <th scope="col" className="text-right font-normal">
              at most
            </th>
          </tr>
        </thead>
        <tbody>
          {demand
            .filter((row) => all || !SELDOM.has(row.measure))
            .map((row) => (
              <tr
                key={row.measure}
                className="border-line border-b align-top"
                data-demand={row.measure}
              >
                <th scope="row" className="py-1 text-left font-normal">
                  {DEMAND_NAMES[row.measure]}
                </th>
                <td className="figures whitespace-nowrap py-1 text-right">
                  <Figure id={row.todayFigure} />
                </td>
                <td className="figures whitespace-nowrap py-1 pl-2 text-right">
                  {row.most ? (
                    <>
                      <Figure id={row.most.figure} />
                      <time data-day={row.most.day} className="block text-[0.78rem] text-soft">
                        {formatComingDay(row.most.day, on)}
                      </time>
                    </>
                  ) : (
                    '–'
                  )}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      <button
        type="button"
        className="mt-1 text-[0.84rem] text-chalk hover:underline max-lg:min-h-[44px]"
        aria-expanded={all}
        onClick={() => setAll(!all)}
      >
        {all ? 'Less' : 'More: heat and moisture'}
      </button>
    </WorkingHost>
  );
}
