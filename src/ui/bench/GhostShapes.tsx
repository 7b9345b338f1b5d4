import { drawChanged } from '@/core/drawing/draw';
import type { Projection } from '@/core/drawing/projection';
import type { Plan } from '@/core/model/schema';
import { Shapes } from '../drawing/Shapes';

/** Fixtures as a remedy would have them, faintly over the drawing; those it leaves alone are not drawn. */
export function GhostShapes({
  plan,
  ghost,
  projection,
}: {
  plan: Plan;
  ghost: Plan;
  projection: Projection;
}) {
  return (
    <g data-ghost className="pointer-events-none">
      {drawChanged(plan, ghost, projection.view).map((item) => (
        <Shapes key={item.key} shapes={item.shapes} projection={projection} hatches="" />
      ))}
    </g>
  );
}
