'use client';
import type { LightWeek } from '@/core/stations/door/light';
import { formatDay, formatValue } from '@/text/format';
import { Fold } from '../../furniture/Fold';
import { useAssessment, usePlan } from '../../session/bench';

const W = 300;
const H = 96;
const FOOT = 16;

/** Daylight through the year and what a lamp adds, week by week, with the table behind it. */
export function LightTable() {
  const { flock, events } = useAssessment();
  const { units } = usePlan();
  const weeks = events.flatMap(({ code, on, numbers }): LightWeek[] => {
    const { daylightH = 0, morningH = 0, eveningH = 0 } = numbers;
    return code === 'door.lightWeek' ? [{ day: on, daylightH, morningH, eveningH }] : [];
  });
  if (!flock.climate) {
    return (
      <Fold title="Light for laying">
        <p className="text-soft">Choose a place under Flock, and its daylight is shown here.</p>
      </Fold>
    );
  }
  if (weeks.length === 0) return null;
  const x = (i: number): number => (i / (weeks.length - 1)) * W;
  const y = (h: number): number => H - FOOT - (h / 24) * (H - FOOT);
  const line = (of: (w: LightWeek) => number): string =>
    weeks.map((w, i) => `${i === 0 ? 'M' : 'L'}${x(i).toFixed(1)} ${y(of(w)).toFixed(1)}`).join('');
  const h = (value: number): string => formatValue(value, 'hours', units);
  const first = weeks.findIndex((w) => w.morningH + w.eveningH > 0);
  return (
    <Fold title="Light for laying">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full"
        role="img"
        aria-label="Hours of daylight through the coming year, and hours with the lamp"
      >
        <path
          d={`${line((w) => w.daylightH + w.morningH + w.eveningH)}L${W} ${y(0)}L0 ${y(0)}Z`}
          className="fill-straw"
        />
        <path d={`${line((w) => w.daylightH)}L${W} ${y(0)}L0 ${y(0)}Z`} className="fill-sunk" />
        <path d={line((w) => w.daylightH)} className="stroke-ink" fill="none" strokeWidth="1.2" />
        <line x1="0" x2={W} y1={y(0)} y2={y(0)} className="stroke-ink" strokeWidth="1.4" />
        <text x="0" y={H - 3} className="fill-soft text-[10px]" data-axis>
          now
        </text>
        <text x={W} y={H - 3} textAnchor="end" className="fill-soft text-[10px]" data-axis>
          in a year
        </text>
      </svg>
      <details className="text-[0.87rem]">
        <summary className="w-fit text-chalk hover:underline max-lg:min-h-[44px]">
          The lamp, week by week
        </summary>
        <div className="relative mt-1 max-h-56 overflow-y-auto">
          <table className="w-full text-[0.84rem]">
            <thead>
              <tr className="text-left text-soft">
                <th className="font-normal">From</th>
                <th className="text-right font-normal">Daylight</th>
                <th className="text-right font-normal">Morning</th>
                <th className="text-right font-normal">Evening</th>
              </tr>
            </thead>
            <tbody className="figures" data-axis>
              {weeks.map((w, i) => (
                <tr key={w.day} className={i === first ? 'font-semibold' : ''}>
                  <td>
                    <time data-day={w.day}>{formatDay(w.day)}</time>
                  </td>
                  <td className="text-right">{h(w.daylightH)}</td>
                  <td className="text-right">{h(w.morningH)}</td>
                  <td className="text-right">{h(w.eveningH)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
    </Fold>
  );
}
