'use client';
import { STATIONS, type StationId } from '@/core/kernel/station';
import { STATION_NAMES, VERDICT_NAMES } from '@/text/stations';
import { Figure } from '../figure/Figure';
import { Figures } from '../figure/shown';
import { WorkingHost } from '../figure/WorkingHost';
import { Mark } from '../marks/Mark';
import { CHALK_AT, railOf } from '../staves/rail';
import { type Column, LETTER_FILLS } from './columns';

/** What every station carries in every plan, on one chart with one measure. */
export function StaveChart({ columns }: { columns: readonly Column[] }) {
  const most = Math.max(...columns.map((c) => c.assessment.planned));
  const stations = STATIONS.filter((id) => columns.some((c) => staveOf(c, id)?.carries != null));
  const planned = [...new Set(columns.map((c) => c.assessment.planned))];
  return (
    <section aria-labelledby="compare-staves" className="mt-4">
      <h2 id="compare-staves" className="border-line border-b text-[1.15rem]">
        What each carries
      </h2>
      <p className="caption mt-1">
        {planned.length === 1
          ? `The line stands at the ${most} birds planned.`
          : `A line stands at the birds planned: ${columns.map((c) => `${c.letter} ${c.assessment.planned}`).join(', ')}.`}
      </p>
      <ul className="mt-1">
        {stations.map((station) => (
          <li
            key={station}
            data-compared={station}
            className="grid grid-cols-[11rem_minmax(0,1fr)] gap-x-4 border-line border-b py-1.5 max-lg:grid-cols-1"
          >
            <h3 className="font-medium text-[1rem]">{STATION_NAMES[station]}</h3>
            <div className="flex flex-col gap-0.5">
              {columns.map((column) => (
                <Row key={column.letter} column={column} station={station} most={most} />
              ))}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

const staveOf = ({ assessment }: Column, id: StationId) =>
  assessment.staves.find((s) => s.station === id);

/** One plan's rail at a station, with its figure and its verdict in words. */
function Row({ column, station, most }: { column: Column; station: StationId; most: number }) {
  const { assessment, plan, letter } = column;
  const stave = staveOf(column, station);
  const carries = stave?.carries ?? null;
  const rail = railOf(carries ?? 0, most);
  const line = most > 0 ? (assessment.planned / most) * CHALK_AT : 0;
  return (
    <Figures assessment={assessment} plan={plan}>
      <WorkingHost
        className="grid min-h-[24px] grid-cols-[1rem_minmax(0,1fr)_3.4rem_6rem] items-center gap-x-2 text-[0.9rem]"
        workingClassName="pl-6"
      >
        <span className="font-semibold">{letter}</span>
        <span className="relative h-[14px]" aria-hidden data-length={rail.length}>
          <span className="absolute inset-x-0 top-[4px] h-[6px] bg-sunk" />
          <span
            className={`absolute top-[3px] left-0 h-[8px] ${LETTER_FILLS[letter] ?? ''}`}
            style={{ width: `${rail.length * 100}%` }}
          />
          {rail.broken ? (
            <span
              className="absolute top-0 h-[14px] w-[3px] -skew-x-12 bg-paper"
              style={{ left: `calc(${rail.length * 100}% - 9px)` }}
            />
          ) : null}
          <span
            className="absolute -inset-y-px w-[2px] bg-chalk"
            style={{ left: `${line * 100}%` }}
          />
        </span>
        <span className="figures text-right">
          {carries === null ? '–' : <Figure id={`${station}.capacity`} bare />}
        </span>
        <span className="flex items-center gap-1.5">
          {stave?.verdict ? (
            <>
              <Mark kind={stave.verdict} size={11} />
              <span className={stave.verdict === 'short' ? 'font-semibold text-oxide' : ''}>
                {VERDICT_NAMES[stave.verdict]}
              </span>
            </>
          ) : (
            <span className="text-soft">
              {stave?.state === 'notEntered' ? 'not entered' : 'not asked'}
            </span>
          )}
        </span>
      </WorkingHost>
    </Figures>
  );
}
