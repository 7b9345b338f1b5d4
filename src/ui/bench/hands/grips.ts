import type { View } from '@/core/drawing/shape';
import { faceOf, LIES } from '@/core/drawing/view';
import { solidOf } from '@/core/geometry/solids';
import type { Fixture, Plan } from '@/core/model/schema';
import type { PlaceAxis } from '@/core/placing/lines';
import { type End, endsOf } from '@/core/placing/pull';

/** An end that can be pulled in a view: where it is on the page, m, and which way it points. */
export interface Grip {
  readonly end: End;
  readonly acrossM: number;
  readonly upM: number;
  readonly outward: readonly [across: number, up: number];
}

/** The axis that runs up the page. */
export const upAxis = (view: View): PlaceAxis => (view === 'above' ? 'y' : 'z');

/** The ends of a fixture that show in a view. */
export function gripsOf(fixture: Fixture, plan: Plan, view: View): Grip[] {
  const face = faceOf(solidOf(fixture, plan), view, plan.shell);
  const { across, mirrored } = LIES[view];
  const middle = [(face.a0 + face.a1) / 2, (face.b0 + face.b1) / 2] as const;
  return endsOf(fixture).flatMap((end): Grip[] => {
    if (end.axis === across) {
      const atRight = (end.side === 'high') !== mirrored;
      return [
        {
          end,
          acrossM: atRight ? face.a1 : face.a0,
          upM: middle[1],
          outward: [atRight ? 1 : -1, 0],
        },
      ];
    }
    if (end.axis !== upAxis(view)) return [];
    const atTop = end.side === 'high';
    return [
      { end, acrossM: middle[0], upM: atTop ? face.b1 : face.b0, outward: [0, atTop ? 1 : -1] },
    ];
  });
}
