import type { AirMoment } from '@/core/air/airMoment';
import type { View } from '@/core/drawing/shape';
import type { Plan, Side } from '@/core/model/schema';

/** A view shows the flow through the walls at its two sides; through those before and behind it comes end on. */
const CUT_IN: Readonly<Record<Side, 'front' | 'right'>> = {
  left: 'front',
  right: 'front',
  front: 'right',
  rear: 'right',
};
/** Less of the flow than this share tells nothing of it. */
const TELLING = 0.1;

/**
 * The view that shows the air's flow where the one that is looked at does not; null where it does, or nothing flows.
 * @param view  that is looked at
 */
export function viewOfFlow(plan: Plan, { flows }: AirMoment, view: View): View | null {
  const seen = { front: 0, right: 0 };
  for (const { id, inLS, outLS } of flows) {
    const opening = plan.fixtures.find((f) => f.id === id);
    if (opening && 'wall' in opening) seen[CUT_IN[opening.wall]] += inLS + outLS;
  }
  const all = seen.front + seen.right;
  if (all === 0) return view === 'above' ? 'right' : null;
  const here = view === 'above' ? 0 : seen[view === 'front' || view === 'rear' ? 'front' : 'right'];
  if (here / all >= TELLING) return null;
  return seen.front > seen.right ? 'front' : 'right';
}
