import { memo, useId } from 'react';
import { drawSome } from '@/core/drawing/draw';
import { type Projection, pageRect } from '@/core/drawing/projection';
import type { Fixture, Plan } from '@/core/model/schema';
import { heightOf } from '@/core/placing/lines';
import type { PlacedBird } from '@/core/stations/roosts/perched';
import { Hatches, Shapes } from '../../drawing/Shapes';
import { useWhole } from '../../session/bench';
import type { Held } from '../../session/benchState';
import { carriedBy } from './carriedBy';

/**
 * What is in hand, drawn where it is at this frame with the birds that sit on it; the drawing leaves it out meanwhile.
 * What looks as it did is drawn once and carried over the page.
 */
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
  const { birds } = useWhole();
  const own = new Set(held.fixtures);
  const now = plan.fixtures.filter((f) => own.has(f.id));
  const then = worked.fixtures.filter((f) => own.has(f.id));
  const by = cutM > 0 ? null : carriedBy(then, now, plan, projection);
  const from = by === null ? plan : worked;
  return (
    <g
      data-in-hand
      className="pointer-events-none will-change-transform"
      style={by === null ? undefined : { transform: `translate(${by[0]}px, ${by[1]}px)` }}
    >
      <Carried
        plan={from}
        worked={worked}
        birds={birds}
        own={held.fixtures}
        projection={projection}
        cutM={cutM}
      />
    </g>
  );
}

/** Things with their birds, as a plan has them. */
const Carried = memo(function Carried({
  plan,
  worked,
  birds,
  own,
  projection,
  cutM,
}: {
  plan: Plan;
  worked: Plan;
  birds: readonly PlacedBird[];
  own: readonly string[];
  projection: Projection;
  cutM: number;
}) {
  const hatches = useId();
  const fixtures = plan.fixtures.filter((f) => own.includes(f.id));
  const sitting = birds.flatMap((bird) => {
    const now = fixtures.find((f) => f.id === bird.barId);
    const then = worked.fixtures.find((f) => f.id === bird.barId);
    return now && then ? [carried(bird, then, now)] : [];
  });
  return (
    <>
      <Hatches of={hatches} />
      {drawSome(plan, fixtures, projection.view, sitting, cutM).map((item) => (
        <g key={item.key}>
          <Shapes shapes={item.shapes} projection={projection} hatches={hatches} />
          {item.what === 'fixture' ? <Outline {...pageRect(item.face, projection)} /> : null}
        </g>
      ))}
    </>
  );
});

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
