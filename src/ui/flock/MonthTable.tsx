'use client';
import { Download } from 'lucide-react';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { takeOut } from '../furniture/takeOut';
import { useAssessment, usePlan } from '../session/bench';

const MONTH = new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', month: 'long', year: 'numeric' });

/** What the flock gives and asks month by month, and the way out as CSV. */
export function MonthTable() {
  const assessment = useAssessment();
  const plan = usePlan();
  const takeMonthsOut = async (): Promise<void> => {
    const { demandCsv } = await import('@/formats/demandCsv');
    takeOut(demandCsv(plan, assessment));
  };
  return (
    <div>
      <button type="button" className="button mb-2" onClick={() => void takeMonthsOut()}>
        <Download size={15} aria-hidden /> Take out as CSV
      </button>
      <table className="w-full border-collapse text-right text-[0.9rem]">
        <thead>
          <tr className="border-ink border-b text-[0.82rem] text-soft">
            <th scope="col" className="py-1 text-left font-normal">
              month
            </th>
            {['birds', 'dozen eggs', 'feed', 'bags', 'water'].map((name) => (
              <th key={name} scope="col" className="py-1 font-normal">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {assessment.months.map((row) => (
            <Row key={row.month} row={row} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Row({ row }: { row: ReturnType<typeof useAssessment>['months'][number] }) {
  return (
    <tr className="border-line border-b" data-month={row.month}>
      <th scope="row" className="py-0.5 text-left font-normal">
        <time dateTime={row.month}>{MONTH.format(new Date(`${row.month}-15T12:00:00Z`))}</time>
      </th>
      {[row.birds, row.dozens, row.feed, row.bags, row.water].map((id) => (
        <td key={id} className="figures py-0.5 align-top">
          <WorkingHost workingClassName="text-left">
            <Figure id={id} bare />
          </WorkingHost>
        </td>
      ))}
    </tr>
  );
}
