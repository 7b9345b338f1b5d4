'use client';
import { type KeyboardEvent, type PointerEvent, useMemo } from 'react';
import type { FlockByDay } from '@/core/birds/flock';
import { dayNumber, isoDay } from '@/core/kernel/units/day';
import { formatDay } from '@/text/format';
import { STATION_NAMES } from '@/text/stations';
import { useAssessment } from '../session/bench';
import { FOOT, LifeRow, rowOf, TOP } from './LifeRow';
import { livesOf } from './lives';
import { monthTicks, type Span } from './span';

/** Who lives when, to the scale of time; flags say from when a station falls short. */
export function Timeline({
  flock,
  span,
  hovered,
  hover,
}: {
  flock: FlockByDay;
  span: Span;
  hovered: number | null;
  hover: (dayNo: number | null) => void;
}) {
  const { events } = useAssessment();
  const lives = useMemo(() => livesOf(flock, events), [flock, events]);
  const height = TOP + lives.length * rowOf(span) + FOOT;
  const move = (event: PointerEvent<HTMLElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    hover(span.day(event.clientX - box.left));
  };
  const onKey = (event: KeyboardEvent): void => {
    const days = { ArrowLeft: -1, ArrowRight: 1, PageUp: -30, PageDown: 30 }[event.key];
    const to = { Home: span.from, End: span.to }[event.key];
    if (days === undefined && to === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    const step = days === undefined ? 0 : event.shiftKey ? days * 7 : days;
    const next = to ?? (hovered ?? span.from) + step;
    hover(Math.min(span.to, Math.max(span.from, next)));
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label="Timeline of the flock: arrow keys go day by day"
      aria-valuemin={span.from}
      aria-valuemax={span.to}
      aria-valuenow={hovered ?? span.from}
      aria-valuetext={formatDay(isoDay(hovered ?? span.from))}
      onPointerMove={move}
      onPointerLeave={() => hover(null)}
      onKeyDown={onKey}
      className="touch-pan-y outline-offset-[-2px]"
      data-timeline
      data-px-per-day={(span.x(span.to) - span.x(span.from)) / (span.to - span.from)}
    >
      <svg width={span.width} height={height} className="block" aria-hidden>
        <Axis span={span} height={height} />
        <Flags span={span} />
        {lives.map((life, i) => (
          <LifeRow key={life.lot.id} life={life} i={i} span={span} />
        ))}
        {hovered === null ? null : (
          <line
            x1={span.x(hovered)}
            x2={span.x(hovered)}
            y1={TOP - 6}
            y2={height - FOOT}
            className="stroke-chalk"
            strokeWidth="1.2"
          />
        )}
      </svg>
    </div>
  );
}

function Axis({ span, height }: { span: Span; height: number }) {
  const ticks = monthTicks(span);
  const monthPx = (span.x(span.to) - span.x(span.from)) / Math.max(1, ticks.length);
  return (
    <g data-axis>
      {ticks.map(({ dayNo, iso, quarter }) => (
        <g key={iso}>
          <line
            x1={span.x(dayNo)}
            x2={span.x(dayNo)}
            y1={TOP - 4}
            y2={height - FOOT}
            className={iso.endsWith('-01-01') ? 'stroke-strong' : 'stroke-line'}
            strokeWidth={quarter ? 1 : 0.5}
          />
          {quarter || monthPx > 44 ? (
            <text
              x={span.x(dayNo) + 3}
              y={height - 6}
              fontSize="11"
              className={iso.endsWith('-01-01') ? 'fill-ink' : 'fill-soft'}
            >
              {tickName(iso)}
            </text>
          ) : null}
        </g>
      ))}
    </g>
  );
}

const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');
const tickName = (iso: string): string =>
  iso.endsWith('-01-01') ? iso.slice(0, 4) : (MONTHS[Number(iso.slice(5, 7)) - 1] ?? '');

/** From when each station that falls short does so. */
function Flags({ span }: { span: Span }) {
  const { staves } = useAssessment();
  const short = staves.filter((s) => s.shortFrom !== null);
  const days = [...new Set(short.map((s) => s.shortFrom ?? ''))].sort();
  return (
    <g>
      {days.map((day, i) => {
        const at = span.x(Math.max(span.from, dayNumber(day)));
        const names = short
          .filter((s) => s.shortFrom === day)
          .map((s) => STATION_NAMES[s.station].toLowerCase())
          .join(', ');
        const late = at > span.width - span.right - 110;
        return (
          <g key={day} data-short-from={day}>
            <line
              x1={at}
              x2={at}
              y1={12 + (i % 2) * 11}
              y2={TOP + 400}
              className="stroke-oxide"
              strokeWidth="1.2"
              strokeDasharray="3 3"
            />
            <text
              x={late ? at - 5 : at + 5}
              y={13 + (i % 2) * 11}
              fontSize="11.5"
              textAnchor={late ? 'end' : 'start'}
              className="fill-oxide font-semibold"
            >
              {names} short
            </text>
          </g>
        );
      })}
    </g>
  );
}
