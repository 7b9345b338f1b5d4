'use client';
import { useId } from 'react';
import type { Projection } from '@/core/drawing/projection';
import { drawRun, type RunMeasure } from '@/core/drawing/run/run';
import type { Face } from '@/core/drawing/shape';
import { formatLength } from '@/core/kernel/units/length';
import { RUN_MEASURES } from '@/text/views';
import { Hatches, Shapes } from '../drawing/Shapes';
import { type Size, useSize } from '../drawing/size';
import { pick, useBench, usePlan, useWhole } from '../session/bench';

/** Kept free for what is written beside the drawing, px. */
const ROOM = { left: 112, right: 112, top: 14, bottom: 40 } as const;
/** The size that is drawn for until the browser has measured. */
const NOMINAL: Size = { width: 720, height: 600 };

/** The run and its coop, from the side over from above; what stands in it is picked here and in its row. */
export function RunDrawing() {
  const plan = usePlan();
  const { birds } = useWhole();
  const picked = useBench((s) => s.picked);
  const [ref, measured] = useSize<HTMLDivElement>();
  const hatches = useId();
  const drawn = drawRun(plan, birds);
  if (drawn === null) return null;
  const size = measured ?? NOMINAL;
  const projection = onPage(drawn.face, size);
  return (
    <div ref={ref} className="h-full min-h-0 overflow-hidden">
      <svg
        role="img"
        aria-label={`Drawing of the run of ${plan.name}, from its side and from above`}
        data-run-drawing
        data-scale={projection.scale}
        viewBox={measured ? undefined : `0 0 ${size.width} ${size.height}`}
        width={measured ? size.width : '100%'}
        height={measured ? size.height : '100%'}
        className="block select-none"
      >
        <Hatches of={hatches} />
        {drawn.items.map(({ what, key, shapes }) => {
          const own = what === 'fixture' ? (plan.fixtures.find((f) => f.id === key) ?? null) : null;
          return (
            <g
              key={`${what} ${key}`}
              data-fixture={own?.id}
              onPointerDown={own ? () => pick(own.id) : undefined}
              className={
                own
                  ? `cursor-pointer ${picked === own.id ? '[&_*]:stroke-chalk [&_*]:[stroke-width:2px]' : ''}`
                  : 'pointer-events-none'
              }
            >
              {own ? <title>{own.name}</title> : null}
              <Shapes shapes={shapes} projection={projection} hatches={hatches} />
            </g>
          );
        })}
        {drawn.measures.map((measure) => (
          <Measure key={measure.key} measure={measure} p={projection} units={plan.units} />
        ))}
      </svg>
    </div>
  );
}

/** The largest scale at which a face fits, in the middle of the room left for it. */
function onPage(face: Face, { width, height }: Size): Projection {
  const [wide, tall] = [face.a1 - face.a0, face.b1 - face.b0];
  const room = [width - ROOM.left - ROOM.right, height - ROOM.top - ROOM.bottom] as const;
  const scale = Math.max(8, Math.min(room[0] / wide, room[1] / tall));
  const x0 = ROOM.left + (room[0] - wide * scale) / 2;
  const y0 = ROOM.top + (room[1] - tall * scale) / 2;
  return {
    view: 'above',
    upAxis: 'y',
    scale,
    acrossM: wide,
    upM: tall,
    u: (a) => x0 + (a - face.a0) * scale,
    v: (b) => y0 + (face.b1 - b) * scale,
  };
}

/** A length with its ends, written beside its line. */
function Measure({
  measure: { key, from, to, metres },
  p,
  units,
}: {
  measure: RunMeasure;
  p: Projection;
  units: 'metric' | 'imperial';
}) {
  const [x0, y0, x1, y1] = [p.u(from[0]), p.v(from[1]), p.u(to[0]), p.v(to[1])];
  const isLevel = from[1] === to[1];
  const isLeft = key === 'floor';
  const x = isLevel ? (x0 + x1) / 2 : x0 + (isLeft ? -8 : 8);
  const ends = isLevel
    ? `M${x0} ${y0 - 4}v8M${x1} ${y1 - 4}v8`
    : `M${x0 - 4} ${y0}h8M${x1 - 4} ${y1}h8`;
  return (
    <g data-measure={key}>
      <path d={`M${x0} ${y0}L${x1} ${y1}${ends}`} className="fill-none stroke-chalk" />
      <text
        x={x}
        y={isLevel ? y0 + 16 : (y0 + y1) / 2 - 3}
        textAnchor={isLevel ? 'middle' : isLeft ? 'end' : 'start'}
        fontSize="12"
        className="figures fill-ink"
      >
        {formatLength(metres, { units })}
        {isLevel ? (
          <tspan className="fill-soft" dx="4">
            {RUN_MEASURES[key]}
          </tspan>
        ) : (
          <tspan className="fill-soft" x={x} dy="14">
            {RUN_MEASURES[key]}
          </tspan>
        )}
      </text>
    </g>
  );
}
