'use client';
import type { KeyboardEvent } from 'react';
import { placeLabels } from '@/core/geometry/labels';
import type { FootMark, StickMark } from '@/core/geometry/stick';
import { MARK_NAMES, markLabel } from '@/text/marks';
import { SvgFigure } from '../figure/SvgFigure';
import { useShown } from '../figure/shown';
import type { Projection } from './projection';
import { columnPx, FIGURES_AT, footLabels } from './stickLabels';

/** Height of a line of labels, px. */
const LINE_PX = 15;

/** The story stick: one rod with every height of the coop marked on it. */
export function StoryStick({
  marks,
  projection: p,
  x,
  named,
  picked,
}: {
  marks: readonly StickMark[];
  projection: Projection;
  x: number;
  /** Whether each height has its name beside it. */
  named: boolean;
  picked: string | null;
}) {
  const { units } = useShown();
  const column = columnPx(
    marks.map((m) => m.heightM),
    units,
  );
  const top = p.v(p.upM) - 10;
  const labels = placeLabels(
    marks.map((m) => -p.v(m.z)),
    LINE_PX,
    -p.v(0) + 2,
    -top + LINE_PX,
  );
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrows walk the marks, which are buttons
    <g data-stick onKeyDown={walkMarks}>
      <rect
        x={x}
        y={top}
        width={13}
        height={p.v(0) - top}
        className="fill-straw stroke-straw-line"
        strokeWidth="1"
      />
      {marks.map((mark, i) => {
        const y = p.v(mark.z);
        const at = -(labels[i] ?? -y);
        const on = picked !== null && mark.fixtures.includes(picked);
        return (
          <g key={mark.id} data-mark={mark.id} data-mark-m={mark.z}>
            <line
              x1={x}
              x2={x + 13}
              y1={y}
              y2={y}
              className={on ? 'stroke-chalk' : 'stroke-ink'}
              strokeWidth={on ? 2.5 : 1.3}
              data-tick
            />
            <path
              d={`M${x + 13} ${y}L${x + 22} ${at}`}
              className={on ? 'stroke-chalk' : 'stroke-strong'}
              fill="none"
              strokeWidth="0.8"
            />
            <SvgFigure
              tabIndex={i === 0 ? 0 : -1}
              id={mark.id}
              label={markLabel(mark.kind)}
              x={x + FIGURES_AT}
              y={at + 4}
              fontSize="12"
            />
            {named ? (
              <text x={x + FIGURES_AT + column} y={at + 4} fontSize="11.5" className="fill-soft">
                {MARK_NAMES[mark.kind]}
              </text>
            ) : null}
          </g>
        );
      })}
    </g>
  );
}

const STEPS: Readonly<Record<string, number>> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
};

/** One mark of a stick is in the tab order; arrow keys walk to the others. */
function walkMarks(event: KeyboardEvent<SVGGElement>): void {
  const step = STEPS[event.key];
  if (step === undefined) return;
  const marks = [...event.currentTarget.querySelectorAll<SVGElement>('[data-figure]')];
  const at = marks.indexOf(event.target as SVGElement);
  if (at < 0) return;
  event.preventDefault();
  event.stopPropagation();
  marks[Math.max(0, Math.min(marks.length - 1, at + step))]?.focus();
}

/** The stick's twin for lengths, along the foot. */
export function FootStick({
  marks,
  projection: p,
  y,
  width,
  picked,
}: {
  marks: readonly FootMark[];
  projection: Projection;
  y: number;
  /** Of the drawing, px: labels stay within it. */
  width: number;
  picked: string | null;
}) {
  const { units } = useShown();
  const labels = footLabels(
    marks.map((m) => p.u(m.m)),
    columnPx(
      marks.map((m) => m.m),
      units,
    ),
    [Math.max(2, p.u(0) - 70), Math.min(p.u(p.acrossM) + 70, width - 2)],
  );
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrows walk the marks, which are buttons
    <g data-foot onKeyDown={walkMarks}>
      <rect
        x={p.u(0)}
        y={y}
        width={p.acrossM * p.scale}
        height={11}
        className="fill-straw stroke-straw-line"
        strokeWidth="1"
      />
      {marks.map((mark, i) => {
        const x = p.u(mark.m);
        const { at, row } = labels[i] ?? { at: x, row: 0 };
        const below = y + row * LINE_PX;
        const on = picked !== null && mark.fixtures.includes(picked);
        return (
          <g key={mark.id} data-mark={mark.id} data-mark-m={mark.m}>
            <line
              x1={x}
              x2={x}
              y1={y}
              y2={y + 11}
              className={on ? 'stroke-chalk' : 'stroke-ink'}
              strokeWidth={on ? 2.5 : 1.3}
              data-tick
            />
            <path
              d={`M${x} ${y + 11}L${at} ${below + 19}`}
              className={on ? 'stroke-chalk' : 'stroke-strong'}
              fill="none"
              strokeWidth="0.8"
            />
          </g>
        );
      })}
      {marks.map((mark, i) => {
        const { at, row } = labels[i] ?? { at: p.u(mark.m), row: 0 };
        return (
          <SvgFigure
            key={mark.id}
            tabIndex={i === 0 ? 0 : -1}
            id={mark.id}
            label={MARK_NAMES.along}
            x={at}
            y={y + row * LINE_PX + 31}
            fontSize="11.5"
            textAnchor="middle"
            // a leader to the row below passes behind the figures
            stroke="var(--color-paper)"
            strokeWidth="4"
            paintOrder="stroke"
          />
        );
      })}
    </g>
  );
}
