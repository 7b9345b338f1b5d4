'use client';
import dynamic from 'next/dynamic';
import { useCallback, useMemo, useState } from 'react';
import type { FlockByDay } from '@/core/birds/flock';
import { isoDay } from '@/core/kernel/units/day';
import { formatDay, formatPlain } from '@/text/format';
import type { Inks } from '../charts/inks';
import { ShownChoice } from '../charts/ShownChoice';
import { useSize } from '../drawing/size';
import { useAssessment, usePlan } from '../session/bench';
import {
  axisOf,
  CHART_MEASURES,
  CHART_NAMES,
  type ChartMeasure,
  demandOption,
  monthlyOption,
  shareOf,
} from './demandOption';
import { MARK_NAMES, Mark } from './LifeRow';
import { lotLabel } from './lotLabel';
import { MonthTable } from './MonthTable';
import { type Span, spanOf } from './span';
import { Timeline } from './Timeline';

const EChart = dynamic(() => import('../charts/EChart').then((m) => m.EChart), { ssr: false });

const CHART_HEIGHT = 212;

type Shown = ChartMeasure | 'months' | 'table';

/** The timeline and, under it on the same scale of time, what the flock asks for; hovering links the two. */
export function DemandPictures() {
  const { flock } = useAssessment();
  const [ref, size] = useSize<HTMLDivElement>();
  const [hovered, hover] = useState<number | null>(null);
  const [shown, show] = useState<Shown>('birds');
  const width = size?.width ?? 0;
  const span = useMemo(() => (width > 0 ? spanOf(flock, width) : null), [flock, width]);
  return (
    <div ref={ref} className="flex min-w-0 flex-col gap-2">
      {span ? (
        <>
          <Timeline flock={flock} span={span} hovered={hovered} hover={hover} />
          <Legend />
          <div className="flex flex-wrap items-center justify-between gap-2 border-line border-t pt-2">
            <Choice shown={shown} show={show} />
            {shown === 'table' ? null : shown === 'months' ? (
              <MonthsKey />
            ) : (
              <Readout flock={flock} measure={shown} dayNo={hovered} />
            )}
          </div>
          {shown === 'table' ? (
            <MonthTable />
          ) : shown === 'months' ? (
            <MonthsChart span={span} />
          ) : (
            <Chart flock={flock} span={span} measure={shown} hovered={hovered} hover={hover} />
          )}
        </>
      ) : null}
    </div>
  );
}

function Choice({ shown, show }: { shown: Shown; show: (s: Shown) => void }) {
  const names: readonly (readonly [Shown, string])[] = [
    ...CHART_MEASURES.map((m) => [m, CHART_NAMES[m]] as const),
    ['months', 'Dozens, bags'],
    ['table', 'Month by month'],
  ];
  return <ShownChoice names={names} shown={shown} show={show} />;
}

function Chart({
  flock,
  span,
  measure,
  hovered,
  hover,
}: {
  flock: FlockByDay;
  span: Span;
  measure: ChartMeasure;
  hovered: number | null;
  hover: (dayNo: number | null) => void;
}) {
  const { units } = usePlan();
  const { staves } = useAssessment();
  const option = useCallback(
    (ink: Inks) => demandOption(flock, staves, measure, units, span, ink),
    [flock, staves, measure, units, span],
  );
  return (
    <div
      className="relative"
      onPointerMove={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        hover(span.day(event.clientX - box.left));
      }}
      onPointerLeave={() => hover(null)}
    >
      <EChart
        option={option}
        width={span.width}
        height={CHART_HEIGHT}
        label={`${CHART_NAMES[measure]} over the coming years, by group. The same by month stands under Month by month.`}
      />
      {hovered === null ? null : (
        <div
          className="pointer-events-none absolute top-6 bottom-[22px] w-px bg-chalk"
          style={{ left: span.x(hovered) }}
          data-crosshair
        />
      )}
    </div>
  );
}

function MonthsChart({ span }: { span: Span }) {
  const { months, figures } = useAssessment();
  const option = useCallback(
    (ink: Inks) => monthlyOption(months, (id) => figures.get(id)?.value ?? 0, span, ink),
    [months, figures, span],
  );
  return (
    <EChart
      option={option}
      width={span.width}
      height={CHART_HEIGHT}
      label="Dozen eggs and bags of feed, month by month. The same stands under Month by month."
    />
  );
}

function MonthsKey() {
  return (
    <p className="flex items-center gap-3 text-[0.84rem] text-soft">
      {(
        [
          ['--lot-1', 'dozen eggs, left'],
          ['--lot-2', 'bags of feed, right'],
        ] as const
      ).map(([token, name]) => (
        <span key={token} className="flex items-center gap-1">
          <span className="size-2.5 border border-ink" style={{ background: `var(${token})` }} />
          {name}
        </span>
      ))}
    </p>
  );
}

/** What the flock is and asks on the day pointed at. */
function Readout({
  flock,
  measure,
  dayNo,
}: {
  flock: FlockByDay;
  measure: ChartMeasure;
  dayNo: number | null;
}) {
  const { units } = usePlan();
  if (dayNo === null) {
    return <p className="text-[0.84rem] text-soft">Point at a day to read it.</p>;
  }
  const d = dayNo - flock.horizon.first;
  const { unit, times } = axisOf(measure, units);
  const shares = flock.lots.map((lot, i) => ({
    lot,
    value: shareOf(flock, i, measure, d) * times,
  }));
  const total = shares.reduce((sum, s) => sum + s.value, 0);
  const rounded = (n: number): string => formatPlain(Number(n.toPrecision(3)));
  const iso = isoDay(dayNo);
  return (
    <p className="min-w-0 flex-1 truncate text-right text-[0.84rem]" data-readout>
      <time data-day={iso}>{formatDay(iso)}</time>:{' '}
      <strong className="figures">{rounded(total)}</strong> {unit}
      <span className="text-soft">
        {shares
          .filter((s) => s.value > 0)
          .map((s) => `; ${lotLabel(s.lot, 14)} ${rounded(s.value)}`)
          .join('')}
      </span>
    </p>
  );
}

const EXPLAINED = ['hatch', 'feathered', 'move', 'pointOfLay', 'sorted', 'leave'] as const;

function Legend() {
  return (
    <ul className="flex flex-wrap gap-x-3.5 gap-y-1 text-[0.8rem] text-soft">
      {EXPLAINED.map((kind) => (
        <li key={kind} className="flex items-center gap-1">
          <svg width="14" height="16" aria-hidden>
            <Mark kind={kind} x={7} y={8} />
          </svg>
          {MARK_NAMES[kind]}
        </li>
      ))}
      <li className="flex items-center gap-1">
        <svg width="22" height="10" aria-hidden>
          <rect
            x="0.5"
            y="1"
            width="21"
            height="8"
            className="fill-straw stroke-ink"
            strokeWidth="0.8"
          />
        </svg>
        in lay
      </li>
      <li className="flex items-center gap-1">
        <svg width="22" height="10" aria-hidden>
          <rect
            x="0.5"
            y="1"
            width="21"
            height="8"
            className="fill-paper stroke-ink"
            strokeWidth="0.6"
          />
          <path d="M2 9l4-8M7 9l4-8M12 9l4-8M17 9l4-8" className="stroke-ink" strokeWidth="0.6" />
        </svg>
        moult
      </li>
    </ul>
  );
}
