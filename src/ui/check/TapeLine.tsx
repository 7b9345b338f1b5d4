import { type Projection, px } from '@/core/drawing/projection';
import type { Tape } from '@/core/measure/tapes';

/** A tape shorter than its number, and how far beside it the number stands, px. */
const SHORT_PX = 28;
const BESIDE_PX = 16;

/** A tape from where to where it is held, with a stop at each end; of one that has a number, the number. */
export function TapeLine({
  tape,
  projection: p,
  number = null,
}: {
  tape: Tape;
  projection: Projection;
  number?: number | null;
}) {
  const [x0, y0] = [p.u(tape.from[0]), p.v(tape.from[1])];
  const [x1, y1] = [p.u(tape.to[0]), p.v(tape.to[1])];
  const isLevel = Math.abs(y1 - y0) < Math.abs(x1 - x0);
  const [dx, dy] = isLevel ? [0, 6] : [6, 0];
  const isShort = Math.hypot(x1 - x0, y1 - y0) < SHORT_PX;
  // the number of a short tape stands beside it
  const [ox, oy] = isShort ? (isLevel ? [0, -BESIDE_PX] : [BESIDE_PX, 0]) : [0, 0];
  // off the middle, where tapes cross
  const t = isShort ? 0.5 : isLevel ? 0.35 : 0.65;
  const [mx, my] = [x0 + t * (x1 - x0) + ox, y0 + t * (y1 - y0) + oy];
  return (
    <g className="stroke-chalk" strokeWidth={number === null ? 3 : 1.5} data-tape>
      <path
        d={`M${px(x0)} ${px(y0)}L${px(x1)} ${px(y1)}M${px(x0 - dx)} ${px(y0 - dy)}L${px(x0 + dx)} ${px(y0 + dy)}M${px(x1 - dx)} ${px(y1 - dy)}L${px(x1 + dx)} ${px(y1 + dy)}`}
        fill="none"
      />
      {number === null ? null : (
        <>
          <circle cx={mx} cy={my} r={8} className="fill-paper" />
          <text
            x={mx}
            y={my}
            dy="0.35em"
            textAnchor="middle"
            stroke="none"
            className="figures fill-ink text-[10px]"
          >
            {number}
          </text>
        </>
      )}
    </g>
  );
}
