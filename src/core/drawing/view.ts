import { boundsOf, type Form } from '../geometry/forms';
import { roofHeightM } from '../geometry/shell';
import type { Solid } from '../kernel/finding';
import type { Shell, Side } from '../model/schema';
import {
  cornersOf,
  ellipse,
  type Face,
  type Pen,
  type Point,
  polygon,
  type Section,
  type Shape,
  type View,
} from './shape';

/** Thickness that walls and roof are drawn with, m (assumption): the plan gives inside measures. */
export const WALL_DRAWN_M = 0.09;

/** What of a shell a view is worked by. */
type Room = Pick<Shell, 'lengthM' | 'widthM'>;

/** How a view lies in the coop: the line that runs across the page, whether it runs backwards, and its wall. */
interface Lie {
  readonly across: 'x' | 'y';
  readonly mirrored: boolean;
  /** The line that is looked along. */
  readonly along: 'x' | 'y' | 'z';
  /** The wall that is taken away to look in; from above it is the roof. */
  readonly near: Side | null;
}

export const LIES: Readonly<Record<View, Lie>> = {
  front: { across: 'x', mirrored: false, along: 'y', near: 'front' },
  right: { across: 'y', mirrored: false, along: 'x', near: 'right' },
  rear: { across: 'x', mirrored: true, along: 'y', near: 'rear' },
  left: { across: 'y', mirrored: true, along: 'x', near: 'left' },
  above: { across: 'x', mirrored: false, along: 'z', near: null },
};

/** Inside measures that a view shows: across, and up (from above: from front to rear), m. */
export const roomOf = (view: View, shell: Shell): { acrossM: number; upM: number } => ({
  acrossM: LIES[view].across === 'y' ? shell.widthM : shell.lengthM,
  upM: view === 'above' ? shell.widthM : shell.roof.highM,
});

/** How far it is from the near wall of a section to the far one, inside, m. */
export const depthOf = (view: Section, shell: Room): number =>
  LIES[view].along === 'y' ? shell.widthM : shell.lengthM;

/**
 * Where a place along the coop stands on the page, m from the left.
 * @param alongM  m from the left wall, or from the front wall where a view shows the coop from front to rear
 * @example acrossPage('rear', shell, 1) // 3 (of 4 m)
 */
export function acrossPage(view: View, shell: Room, alongM: number): number {
  const { across, mirrored } = LIES[view];
  if (!mirrored) return alongM;
  return (across === 'x' ? shell.lengthM : shell.widthM) - alongM;
}

/** Where a solid shows in a view. Seen from the right the front stands at the left, seen from the left at the right. */
export function faceOf(solid: Solid, view: View, shell: Room): Face {
  const { across, mirrored } = LIES[view];
  const [from, to] = across === 'y' ? [solid.y0, solid.y1] : [solid.x0, solid.x1];
  const [b0, b1] = view === 'above' ? [solid.y0, solid.y1] : [solid.z0, solid.z1];
  const [a, b] = [acrossPage(view, shell, from), acrossPage(view, shell, to)];
  return mirrored ? { a0: b, a1: a, b0, b1 } : { a0: a, a1: b, b0, b1 };
}

/** How near a solid is to the eye, m: drawn in rising order, the nearest last. */
export function nearness(solid: Solid, view: View): number {
  switch (view) {
    case 'front':
      return -solid.y0;
    case 'rear':
      return solid.y1;
    case 'left':
      return -solid.x0;
    case 'right':
      return solid.x1;
    case 'above':
      return solid.z1;
  }
}

/** How a solid lies to a cut: before it and taken away, cut through, or behind it. */
export type Cut = 'before' | 'through' | 'behind';

/** What touches a cut is not cut, m. */
const TOUCH_M = 1e-6;

/**
 * How a solid lies to a cut through the coop.
 * @param cutM  m from the inner face of the near wall
 * @example lieToCut({ x0: 0, x1: 1, y0: 0.5, y1: 1.5, z0: 0, z1: 1 }, 'front', shell, 1) // 'through'
 */
export function lieToCut(solid: Solid, view: Section, shell: Room, cutM: number): Cut {
  const deep = depthOf(view, shell);
  const [near, far] = {
    front: [solid.y0, solid.y1],
    rear: [deep - solid.y1, deep - solid.y0],
    left: [solid.x0, solid.x1],
    right: [deep - solid.x1, deep - solid.x0],
  }[view] as [number, number];
  if (far <= cutM - TOUCH_M || (near < cutM - TOUCH_M && far <= cutM + TOUCH_M)) return 'before';
  return near < cutM - TOUCH_M ? 'through' : 'behind';
}

/** The outline of a form in a view: round where one looks along its axis, a wedge across its slope. */
export function outlineOf(pen: Pen, form: Form, view: View, shell: Room): Shape {
  const face = faceOf(boundsOf(form), view, shell);
  const { along, mirrored } = LIES[view];
  if (form.kind === 'cylinder' && form.axis === along) return ellipse(pen, face);
  if (form.kind === 'prism' && form.axis === along) {
    const points = form.outline.map(([a, z]): Point => [acrossPage(view, shell, a), z]);
    return polygon(pen, mirrored ? points.reverse() : points);
  }
  if (form.kind === 'slope' && view !== 'above' && form.axis !== along) {
    const top: Point = form.highAtFar !== mirrored ? [face.a1, face.b1] : [face.a0, face.b1];
    const [near, far] = cornersOf(face);
    return polygon(pen, [near as Point, far as Point, top]);
  }
  return polygon(pen, cornersOf(face));
}

/**
 * The roof's underside across a section: its highest and lowest outline from the cut to the far wall, m.
 * @param cutM  m from the inner face of the near wall
 * @example roofOutline({ lengthM: 2, widthM: 2, roof: { kind: 'mono', highSide: 'rear', lowM: 1.9, highM: 2.4 } }, 'front', 1).low[0] // [0, 2.15]
 */
export function roofOutline(
  shell: Shell,
  view: Section,
  cutM = 0,
): { high: Point[]; low: Point[] } {
  const acrossM = roomOf(view, shell).acrossM;
  const depthM = depthOf(view, shell);
  const fromNear = [cutM, Math.max(cutM, depthM / 2), depthM];
  const { along } = LIES[view];
  const far = view === 'front' || view === 'left';
  const heights = (a: number): number[] =>
    fromNear.map((d) => {
      const deep = far ? d : depthM - d;
      const wide = acrossPage(view, shell, a);
      return along === 'y' ? roofHeightM(shell, wide, deep) : roofHeightM(shell, deep, wide);
    });
  const stops = [0, acrossM / 2, acrossM];
  return {
    high: stops.map((a): Point => [a, Math.max(...heights(a))]),
    low: stops.map((a): Point => [a, Math.min(...heights(a))]),
  };
}
