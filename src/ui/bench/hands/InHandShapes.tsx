import { useId } from 'react';
import { draw } from '@/core/drawing/draw';
import type { Fixture, Plan } from '@/core/model/schema';
import { heightOf } from '@/core/placing/lines';
import type { PlacedBird } from '@/core/stations/roosts/perched';
import { useWhole } from '../../store/bench';
import type { Held } from '../../store/benchState';
import { type Projection, pageRect } from '../projection';
import { Hatches, Shapes } from '../Shapes';

/** What is in hand, drawn where it is at this frame with the birds that sit on it; the drawing leaves it out meanwhile. */
export function InHandShapes({
  held,
  plan,
  worked,
  projection,
  cutM,
}: {
  held: Held;
  /** The plan with what is in hand where it is. */
  plan: Plan;
  /** The plan that birds were last placed in. */
  worked: Plan;
  projection: Projection;
  cutM: number;
}) {
  const hatches = useId();
  const { birds } = useWhole();
  const own = new Set(held.fixtures);
  const fixtures = plan.fixtures.filter((f) => own.has(f.id));
  const sitting = birds.flatMap((bird) => {
    const now = fixtures.find((f) => f.id === bird.barId);
    const then = worked.fixtures.find((f) => f.id === bird.barId);
    return now && then ? [carried(bird, then, now)] : [];
  });
  const items = draw({ ...plan, fixtures }, projection.view, { birds: sitting, cutM });
  return (
    <g data-in-hand className="pointer-events-none">
      <Hatches of={hatches} />
      {items
        .filter((item) => item.what === 'fixture' || item.what === 'bird')
        .map((item) => (
          <g key={item.key}>
            <Shapes shapes={item.shapes} projection={projection} hatches={hatches} />
            {item.what === 'fixture' ? <Outline {...pageRect(item.face, projection)} /> : null}
          </g>
        ))}
    </g>
  );
}

const Outline = (r: { x: number; y: number; width: number; height: number }) => (
  <rect
    x={r.x - 3}
    y={r.y - 3}
    width={r.width + 6}
    height={r.height + 6}
    className="fill-none stroke-chalk"
    strokeWidth="1.6"
  />
);

/** A bird carried along with her bar. */
function carried(bird: PlacedBird, then: Fixture, now: Fixture): PlacedBird {
  if (!('x' in then) || !('x' in now)) return bird;
  return {
    ...bird,
    x: bird.x + now.x - then.x,
    y: bird.y + now.y - then.y,
    z: bird.z + (heightOf(now) ?? 0) - (heightOf(then) ?? 0),
  };
}
