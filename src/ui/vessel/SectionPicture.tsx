'use client';
import { useId } from 'react';
import { massThen } from '@/core/birds/flock';
import type { Measured } from '@/core/drawing/vessel/measures';
import { vesselSection } from '@/core/drawing/vessel/section';
import { formatTape, type Tape } from '@/core/kernel/units/tape';
import type { Made, Vessel } from '@/core/model/schema';
import { Hatches, Shapes } from '../drawing/Shapes';
import { useSize } from '../drawing/size';
import { useAssessment, usePlan } from '../session/bench';
import { sectionProjection } from './sectionProjection';

/** What each measure is called in the picture's description. */
const NAMES: Readonly<Record<Measured['what'], string>> = {
  across: 'across',
  high: 'high',
  holeMiddle: 'middle of the holes above the foot',
  mouth: 'mouth above the floor',
  stand: 'block under it',
  back: 'back of the smallest bird',
  pan: 'pan across',
  underRim: 'water under the rim',
};

/** A vessel cut open at its size, with what is in it, and a bird of this flock at it. */
export function SectionPicture({ vessel, made, tape }: { vessel: Vessel; made: Made; tape: Tape }) {
  const plan = usePlan();
  const { flock } = useAssessment();
  const [ref, size] = useSize<HTMLDivElement>();
  const hatches = useId();
  // on the day that they eat most all of them are there
  const d = flock.peaks.coopFeedKg?.d ?? 0;
  const [smallest] = flock.lots
    .map((lot, i) => ({
      class: lot.class,
      sex: lot.sex,
      breed: lot.breed,
      massKg: massThen(flock, i, d),
    }))
    .filter((b) => b.massKg > 0)
    .sort((a, b) => a.massKg - b.massKg);
  const section = vesselSection(vessel, made, plan, smallest ?? null);
  const width = Math.max(260, size?.width ?? 520);
  const height = Math.max(260, Math.min(460, size?.height ?? 420));
  const p = sectionProjection(section.face, width, height);
  return (
    <div ref={ref} className="min-h-[16rem] min-w-0 flex-1">
      <svg
        width={width}
        height={height}
        role="img"
        data-section
        aria-label={`${vessel.name} cut open: ${section.measures
          .map(({ what, m }) => `${NAMES[what]} ${formatTape(m, tape)}`)
          .join(', ')}`}
      >
        <Hatches of={hatches} />
        <Shapes shapes={section.shapes} projection={p} hatches={hatches} />
        {section.measures.map((m) => (
          <Dimension key={m.what} measured={m} tape={tape} u={p.u} v={p.v} />
        ))}
      </svg>
    </div>
  );
}

/** A measure between its two ends, with small strokes across them. */
function Dimension({
  measured: { m, from, to, what },
  tape,
  u,
  v,
}: {
  measured: Measured;
  tape: Tape;
  u: (a: number) => number;
  v: (b: number) => number;
}) {
  const [x0, y0, x1, y1] = [u(from[0]), v(from[1]), u(to[0]), v(to[1])];
  const upright = Math.abs(x1 - x0) < 1;
  const [tx, ty] = upright ? [4, 0] : [0, 4];
  return (
    <g className="stroke-chalk" strokeWidth={1} data-measure={what}>
      <path
        d={`M${x0} ${y0}L${x1} ${y1}M${x0 - tx} ${y0 - ty}L${x0 + tx} ${y0 + ty}M${x1 - tx} ${y1 - ty}L${x1 + tx} ${y1 + ty}`}
        fill="none"
      />
      <text
        x={upright ? x0 + (what === 'back' ? -6 : 6) : (x0 + x1) / 2}
        y={upright ? (y0 + y1) / 2 + 4 : y0 + (what === 'pan' ? 14 : -5)}
        textAnchor={upright ? (what === 'back' ? 'end' : 'start') : 'middle'}
        className="figures fill-chalk stroke-none text-[0.78rem]"
        data-axis
      >
        {formatTape(m, tape)}
      </text>
    </g>
  );
}
