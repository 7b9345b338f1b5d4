import { useId } from 'react';
import { markOutsOf } from '@/core/drawing/markOuts/markOuts';
import type { Projection } from '@/core/drawing/projection';
import { formatLength } from '@/core/kernel/units/length';
import type { Fixture, Plan } from '@/core/model/schema';
import { MARK_OUTS } from '@/text/placing';
import { Hatches, Shapes } from '../../drawing/Shapes';

/** What is marked out about the fixture that is picked: its droppings, the room it wants, what it swings through. */
export function MarkOuts({
  fixture,
  plan,
  projection,
  heaviestKg,
  isMoving,
}: {
  fixture: Fixture;
  plan: Plan;
  projection: Projection;
  heaviestKg: number | null;
  /** In hand it is marked by lines alone: a hatch is slow to draw at every frame. */
  isMoving: boolean;
}) {
  const hatches = useId();
  const marks = markOutsOf(fixture, plan, projection.view, heaviestKg);
  if (marks.length === 0) return null;
  return (
    <g data-mark-outs className="pointer-events-none">
      <Hatches of={hatches} />
      {marks.map((mark) => (
        <g key={mark.kind} data-mark-out={mark.kind}>
          <title>{MARK_OUTS[mark.kind]}</title>
          <Shapes
            shapes={isMoving ? mark.shapes.filter((s) => s.pen !== 'markOut') : mark.shapes}
            projection={projection}
            hatches={hatches}
          />
          {mark.written?.map(({ at: [a, b], metres }) => (
            <text
              key={`${a} ${b}`}
              x={projection.u(a) + 5}
              y={projection.v(b) + 4}
              fontSize="11.5"
              className="figures fill-chalk stroke-paper"
              strokeWidth="3"
              paintOrder="stroke"
            >
              {formatLength(metres, { units: plan.units })}
            </text>
          ))}
        </g>
      ))}
    </g>
  );
}
