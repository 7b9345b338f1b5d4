import type { Frame, Past, Projection } from '@/core/drawing/projection';
import { formatLength } from '@/core/kernel/units/length';
import type { Fixture, Plan } from '@/core/model/schema';
import { columnPx } from '../stickLabels';
import { measuresOf, type Placed, placeFigures } from './dimensions';

/** From the drawing to a line of measures, px. */
const OFF_PX = 13;
const TICK_PX = 4;

/** The measures of the picked fixture: above the drawing across, at its right up. */
export function Dimensions({
  fixture,
  plan,
  projection: p,
  frame,
  past,
}: {
  fixture: Fixture;
  plan: Plan;
  projection: Projection;
  frame: Frame;
  /** What is drawn past the walls: measures stand clear of it. */
  past: Past;
}) {
  const { across, up } = measuresOf(fixture, plan, p.view);
  const text = (m: { fromM: number; toM: number }): string =>
    formatLength(m.toM - m.fromM, { units: plan.units });
  const breadth = (list: typeof across): number =>
    columnPx(
      list.map((m) => m.toM - m.fromM),
      plan.units,
    );
  const y = Math.max(26, p.v(p.upM) - past.above * p.scale - OFF_PX);
  const x = Math.min(frame.width - 16, p.u(p.acrossM) + past.right * p.scale + OFF_PX);
  const along = placeFigures(
    across.map((m) => ({ from: p.u(m.fromM), to: p.u(m.toM), text: text(m) })),
    breadth(across),
    [Math.max(frame.left - 6, p.u(0) - 40), Math.min(frame.width - 34, p.u(p.acrossM) + 30)],
  );
  // up the page figures are turned: from the foot to the top
  const upright = placeFigures(
    up.map((m) => ({ from: -p.v(m.fromM), to: -p.v(m.toM), text: text(m) })),
    breadth(up),
    [-(p.v(0) + 34), -Math.max(34, p.v(p.upM) - 10)],
  );
  return (
    <g data-dimensions className="pointer-events-none">
      {along.map((m) => (
        <Line key={`${m.from}`} m={m} d={`M${m.from} ${y}H${m.to}`} ends={endsAcross(m, y)}>
          <text x={m.at} y={y - 6} textAnchor="middle" {...FIGURES}>
            {m.text}
          </text>
        </Line>
      ))}
      {upright.map((m) => (
        <Line key={`${m.from}`} m={m} d={`M${x} ${-m.from}V${-m.to}`} ends={endsUp(m, x)}>
          <text
            transform={`translate(${x + 13} ${-m.at}) rotate(-90)`}
            textAnchor="middle"
            {...FIGURES}
          >
            {m.text}
          </text>
        </Line>
      ))}
    </g>
  );
}

const FIGURES = {
  fontSize: 11.5,
  className: 'fill-chalk figures',
  'data-dimension': true,
} as const;

const endsAcross = ({ from, to }: Placed, y: number): string =>
  [from, to].map((x) => `M${x - TICK_PX} ${y + TICK_PX}L${x + TICK_PX} ${y - TICK_PX}`).join('');

const endsUp = ({ from, to }: Placed, x: number): string =>
  [-from, -to].map((y) => `M${x - TICK_PX} ${y + TICK_PX}L${x + TICK_PX} ${y - TICK_PX}`).join('');

function Line({
  m,
  d,
  ends,
  children,
}: {
  m: Placed;
  d: string;
  ends: string;
  children: React.ReactNode;
}) {
  return (
    <g data-measure={m.text}>
      <path d={d} className="stroke-chalk" strokeWidth="0.8" fill="none" />
      <path d={ends} className="stroke-chalk" strokeWidth="1.3" fill="none" />
      {children}
    </g>
  );
}
