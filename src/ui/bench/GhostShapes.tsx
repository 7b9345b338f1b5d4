import { solidOf } from '@/core/geometry/solids';
import type { Plan } from '@/core/model/schema';
import { type Projection, pageRect } from './projection';

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
  const now = new Map(plan.fixtures.map((f) => [f.id, f]));
  const changed = ghost.fixtures.filter((f) => JSON.stringify(now.get(f.id)) !== JSON.stringify(f));
  return (
    <g data-ghost className="pointer-events-none">
      {changed.map((f) => {
        const r = pageRect(solidOf(f, ghost), projection);
        return (
          <rect
            key={f.id}
            x={r.x}
            y={r.y}
            width={Math.max(2, r.width)}
            height={Math.max(2, r.height)}
            className="fill-chalk-soft stroke-chalk"
            fillOpacity="0.55"
            strokeWidth="1.3"
            strokeDasharray="4 3"
          />
        );
      })}
    </g>
  );
}
