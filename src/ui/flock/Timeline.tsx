'use client';
import { type KeyboardEvent, type PointerEvent, useMemo } from 'react';
import type { FlockByDay } from '@/core/birds/flock';
import { dayNumber, isoDay } from '@/core/kernel/units/day';
import { formatDay } from '@/text/format';
import { STATION_NAMES } from '@/text/stations';
import { useAssessment } from '../store/bench';
import { type Life, type LifeMark, livesOf } from './lives';
import { lotColour } from './lotColours';
import { lotLabel } from './lotLabel';
import { monthTicks, type Span } from './span';

const DESK_ROW = 26;
const PHONE_ROW = 36;
const rowOf = (span: Span): number => (span.narrow ? PHONE_ROW : DESK_ROW);
const TOP = 34;
const FOOT = 20;

export const MARK_NAMES: Readonly<Record<LifeMark, string>> = {
  hatch: 'hatch',
  feathered: 'feathered',
  move: 'into the coop',
  pointOfLay: 'point of lay',
  sorted: 'cocks out',
  grown: 'grown',
  leave: 'leave',
};

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
  const lives = useMemo(() => livesOf(flock), [flock]);
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

function LifeRow({ life, i, span }: { life: Life; i: number; span: Span }) {
  const row = rowOf(span);
  const y = TOP + i * row;
  const middle = span.narrow ? y + row - 9 : y + row / 2;
  const named = span.narrow ? y + 12 : middle + 4;
  const { lot, brooder, coop, lay, moults, marks } = life;
  const fill = { fill: `var(${lotColour(i)})` };
  return (
    <g data-life={lot.id}>
      <rect
        x="0"
        y={named - 9}
        width="10"
        height="10"
        style={fill}
        className="stroke-ink"
        strokeWidth="0.7"
      />
      <text x="16" y={named} fontSize="12.5" className="fill-ink" data-name>
        {lotLabel(lot, span.narrow ? 32 : 17)}
      </text>
      {brooder ? (
        <line
          x1={span.x(brooder[0])}
          x2={span.x(brooder[1])}
          y1={middle}
          y2={middle}
          className="stroke-ink"
          strokeWidth="1.5"
          strokeDasharray="2 2"
          data-stretch="brooder"
        />
      ) : null}
      {coop ? (
        <rect
          x={span.x(coop[0])}
          y={middle - 4}
          width={span.x(coop[1]) - span.x(coop[0])}
          height="8"
          className="fill-raised stroke-ink"
          strokeWidth="0.8"
          data-stretch="coop"
        />
      ) : null}
      {lay ? (
        <rect
          x={span.x(lay[0])}
          y={middle - 4}
          width={span.x(lay[1]) - span.x(lay[0])}
          height="8"
          style={fill}
          className="stroke-ink"
          strokeWidth="0.8"
          data-stretch="lay"
        />
      ) : null}
      {moults.map(([from, to]) => (
        <g key={from} data-stretch="moult">
          <rect
            x={span.x(from)}
            y={middle - 4}
            width={span.x(to) - span.x(from)}
            height="8"
            className="fill-paper stroke-ink"
            strokeWidth="0.5"
          />
          <path
            d={hatch(span.x(from), span.x(to), middle)}
            className="stroke-ink"
            strokeWidth="0.6"
            fill="none"
          />
        </g>
      ))}
      {marks.map(({ kind, at }) => (
        <Mark
          key={kind}
          kind={kind}
          x={span.x(at)}
          y={middle}
          title={`${MARK_NAMES[kind]}, ${formatDay(isoDay(at))}`}
        />
      ))}
    </g>
  );
}

/** Slanting strokes across a moult. */
function hatch(from: number, to: number, middle: number): string {
  const strokes: string[] = [];
  for (let x = from + 2; x < to - 1; x += 4)
    strokes.push(`M${x} ${middle + 4}L${Math.min(to, x + 4)} ${middle - 4}`);
  return strokes.join('');
}

/** Each mark has a shape of its own. */
export function Mark({
  kind,
  x,
  y,
  title,
}: {
  kind: LifeMark;
  x: number;
  y: number;
  title?: string;
}) {
  const shape = () => {
    switch (kind) {
      case 'hatch':
        return <circle cx={x} cy={y} r="4" className="fill-raised stroke-ink" strokeWidth="1.2" />;
      case 'feathered':
        return <path d={`M${x} ${y - 6}v12`} className="stroke-ink" strokeWidth="1.4" />;
      case 'move':
        return (
          <path
            d={`M${x - 4} ${y + 6}v-8l4 -4l4 4v8z`}
            className="fill-raised stroke-ink"
            strokeWidth="1.1"
          />
        );
      case 'pointOfLay':
        return (
          <ellipse
            cx={x}
            cy={y}
            rx="3.6"
            ry="5"
            className="fill-raised stroke-ink"
            strokeWidth="1.2"
          />
        );
      case 'sorted':
        return (
          <path d={`M${x - 4} ${y - 4}l8 8m0 -8l-8 8`} className="stroke-ink" strokeWidth="1.4" />
        );
      case 'grown':
        return <path d={`M${x} ${y - 7}v3`} className="stroke-ink" strokeWidth="1.6" />;
      case 'leave':
        return <path d={`M${x} ${y - 7}v14`} className="stroke-ink" strokeWidth="2.4" />;
    }
  };
  return (
    <g data-life-mark={kind}>
      {title ? <title>{title}</title> : null}
      {shape()}
    </g>
  );
}
