'use client';
import { isoDay } from '@/core/kernel/units/day';
import { formatDay } from '@/text/format';
import type { Life, LifeMark } from './lives';
import { lotColour } from './lotColours';
import { lotLabel } from './lotLabel';
import type { Span } from './span';

const DESK_ROW = 26;
const PHONE_ROW = 36;
export const rowOf = (span: Span): number => (span.narrow ? PHONE_ROW : DESK_ROW);
export const TOP = 34;
export const FOOT = 20;

export const MARK_NAMES: Readonly<Record<LifeMark, string>> = {
  hatch: 'hatch',
  feathered: 'feathered',
  move: 'into the coop',
  pointOfLay: 'point of lay',
  sorted: 'cocks out',
  grown: 'grown',
  leave: 'leave',
};

export function LifeRow({ life, i, span }: { life: Life; i: number; span: Span }) {
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
