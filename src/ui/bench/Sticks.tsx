'use client';
import type { KeyboardEvent } from 'react';
import type { Frame, Projection } from '@/core/drawing/projection';
import { placeLabels } from '@/core/geometry/labels';
import type { FootMark } from '@/core/geometry/stick';
import { MARK_NAMES } from '@/text/marks';
import { SvgFigure } from '../figure/SvgFigure';
import { useShown } from '../figure/shown';
import type { RodMark } from './frame';
import { light } from './lit';
import { withFigures } from './marksShown';
import { columnPx, FIGURES_AT, footLabels } from './stickLabels';

/** Height of a line of labels, px. */
const LINE_PX = 16;
/** No rod reaches higher on the page than this, px. */
const TOP_PX = 12;

/** The story stick: one rod with every height of the coop marked on it, or from above every distance from the front. */
export function StoryStick({
  marks,
  projection: p,
  frame,
  x,
  named,
  picked,
}: {
  marks: readonly RodMark[];
  projection: Projection;
  frame: Frame;
  x: number;
  /** Whether each height has its name beside it. */
  named: boolean;
  picked: string | null;
}) {
  const { units } = useShown();
  const column = columnPx(
    marks.map((m) => m.writtenM),
    units,
  );
  const foot = Math.min(p.v(0), frame.height - frame.bottom + 8);
  const top = Math.max(p.v(p.upM) - 10, TOP_PX);
  const seen = marks.filter((m) => p.v(m.at) >= top && p.v(m.at) <= foot + 0.5);
  // figures may stand a little above the rod and below its foot, and no farther
  const range = [-foot - 2 * LINE_PX, -Math.max(LINE_PX, top - LINE_PX)] as const;
  const room = Math.floor((range[1] - range[0]) / LINE_PX);
  const told = withFigures(seen, seen.length > room ? room - 1 : room, picked, (m) => m.kind);
  const places = placeLabels(
    told.map((m) => -p.v(m.at)),
    LINE_PX,
    range[0],
    range[1] - (told.length < seen.length ? LINE_PX : 0),
  );
  const labels = new Map(told.map((m, i) => [m.id, -(places[i] ?? p.v(m.at))]));
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrows walk the marks, which are buttons
    <g data-stick onKeyDown={walkMarks}>
      <rect
        x={x}
        y={top}
        width={13}
        height={Math.max(0, foot - top)}
        className="fill-straw stroke-straw-line"
        strokeWidth="1"
      />
      {told.length < seen.length ? (
        <text x={x + FIGURES_AT} y={-range[1] + 4} fontSize="11.5" className="fill-soft">
          {seen.length - told.length} without figures
          <title>There is no room for all: zoom in, or pick a fixture.</title>
        </text>
      ) : null}
      {seen.map((mark) => {
        const y = p.v(mark.at);
        const at = labels.get(mark.id);
        const on = picked !== null && mark.fixtures.includes(picked);
        const moves = mark.fixtures.length > 0;
        return (
          <g
            key={mark.id}
            data-mark={mark.id}
            data-mark-m={mark.at}
            data-mark-moves={moves ? mark.fixtures.join(' ') : undefined}
            className={moves ? 'cursor-ns-resize' : undefined}
            onPointerEnter={() => light(mark.fixtures)}
            onPointerLeave={() => light()}
          >
            <rect x={x - 4} y={y - 6} width={26} height={12} fill="transparent" />
            <line
              x1={x}
              x2={x + 13}
              y1={y}
              y2={y}
              className={on ? 'stroke-chalk' : 'stroke-ink'}
              strokeWidth={on ? 2.5 : 1.3}
              data-tick
            />
            {at === undefined ? null : (
              <>
                <path
                  d={`M${x + 13} ${y}L${x + 22} ${at}`}
                  className={on ? 'stroke-chalk' : 'stroke-strong'}
                  fill="none"
                  strokeWidth="0.8"
                />
                <SvgFigure
                  tabIndex={mark === told[0] ? 0 : -1}
                  id={mark.id}
                  label={mark.label}
                  x={x + FIGURES_AT}
                  y={at + 4}
                  fontSize="12"
                  onFocus={() => light(mark.fixtures)}
                  onBlur={() => light()}
                />
                {named && mark.name ? (
                  <text
                    x={x + FIGURES_AT + column}
                    y={at + 4}
                    fontSize="11.5"
                    className="fill-soft"
                  >
                    {mark.name}
                  </text>
                ) : null}
              </>
            )}
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
  frame,
  picked,
}: {
  /** In their order along the page, with where each stands on it, m. */
  marks: readonly (FootMark & { readonly at: number })[];
  projection: Projection;
  y: number;
  /** Labels stay within it. */
  frame: Frame;
  picked: string | null;
}) {
  const { units } = useShown();
  const from = Math.max(p.u(0), frame.left);
  const to = Math.min(p.u(p.acrossM), frame.width - 4);
  const seen = marks.filter((m) => p.u(m.at) >= from - 0.5 && p.u(m.at) <= to + 0.5);
  const column = columnPx(
    seen.map((m) => m.m),
    units,
  );
  const range = [Math.max(2, from - 70), Math.min(to + 70, frame.width - 2)] as const;
  const room = 2 * Math.floor((range[1] - range[0]) / Math.max(1, column));
  const told = withFigures(seen, room, picked);
  const places = footLabels(
    told.map((m) => p.u(m.at)),
    column,
    range,
  );
  const labels = new Map(told.map((m, i) => [m.id, places[i]]));
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrows walk the marks, which are buttons
    <g data-foot onKeyDown={walkMarks}>
      <rect
        x={from}
        y={y}
        width={Math.max(0, to - from)}
        height={11}
        className="fill-straw stroke-straw-line"
        strokeWidth="1"
      />
      {seen.map((mark) => {
        const x = p.u(mark.at);
        const { at, row } = labels.get(mark.id) ?? { at: x, row: 0 };
        const below = y + row * LINE_PX;
        const on = picked !== null && mark.fixtures.includes(picked);
        return (
          <g
            key={mark.id}
            data-mark={mark.id}
            data-mark-m={mark.m}
            data-mark-moves={mark.fixtures.length > 0 ? mark.fixtures.join(' ') : undefined}
            className={mark.fixtures.length > 0 ? 'cursor-ew-resize' : undefined}
            onPointerEnter={() => light(mark.fixtures)}
            onPointerLeave={() => light()}
          >
            <rect x={x - 6} y={y - 4} width={12} height={20} fill="transparent" />
            <line
              x1={x}
              x2={x}
              y1={y}
              y2={y + 11}
              className={on ? 'stroke-chalk' : 'stroke-ink'}
              strokeWidth={on ? 2.5 : 1.3}
              data-tick
            />
            {labels.has(mark.id) ? (
              <path
                d={`M${x} ${y + 11}L${at} ${below + 19}`}
                className={on ? 'stroke-chalk' : 'stroke-strong'}
                fill="none"
                strokeWidth="0.8"
              />
            ) : null}
          </g>
        );
      })}
      {told.map((mark) => {
        const { at, row } = labels.get(mark.id) ?? { at: p.u(mark.at), row: 0 };
        return (
          <SvgFigure
            key={mark.id}
            tabIndex={mark === told[0] ? 0 : -1}
            onFocus={() => light(mark.fixtures)}
            onBlur={() => light()}
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
