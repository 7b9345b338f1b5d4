'use client';
import { DEMAND_NAMES } from '@/text/demand';
import { formatComingDay } from '@/text/format';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAssessment } from '../store/bench';

/** What the flock asks for, today and at most, with the day that asks for most. */
export function DemandTable() {
  const { demand, on } = useAssessment();
  return (
    <WorkingHost>
      <table className="w-full border-collapse text-[0.84rem]">
        <thead>
          <tr className="border-line border-b text-left text-[0.8rem] text-soft">
            <th scope="col" className="font-normal">
              <span className="sr-only">asked for or given</span>
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
          {demand.map((row) => (
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
    </WorkingHost>
  );
}
