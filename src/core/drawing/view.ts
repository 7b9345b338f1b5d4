import { boundsOf, type Form } from '../geometry/forms';
import { roofHeightM } from '../geometry/shell';
import type { Solid } from '../kernel/finding';
import type { Shell } from '../model/schema';
import type { View } from './shape';
import { cornersOf, ellipse, type Face, type Pen, type Point, polygon, type Shape } from './shape';

/** Thickness that walls and roof are drawn with, m (assumption): the plan gives inside measures. */
export const WALL_DRAWN_M = 0.09;

/** Inside measures that a view shows: across, and up (from above: from front to rear), m. */
export const roomOf = (view: View, shell: Shell): { acrossM: number; upM: number } => ({
  acrossM: view === 'side' ? shell.widthM : shell.lengthM,
  upM: view === 'above' ? shell.widthM : shell.roof.highM,
});

/** Where a solid shows in a view. The side is seen from the right, so the front stands at the left. */
export function faceOf(solid: Solid, view: View): Face {
  const [a0, a1] = view === 'side' ? [solid.y0, solid.y1] : [solid.x0, solid.x1];
  const [b0, b1] = view === 'above' ? [solid.y0, solid.y1] : [solid.z0, solid.z1];
  return { a0, a1, b0, b1 };
}

/** How near a solid is to the eye, m: drawn in rising order, the nearest last. */
export function nearness(solid: Solid, view: View): number {
  if (view === 'front') return -solid.y0;
  return view === 'side' ? solid.x1 : solid.z1;
}

/** The line that a view looks along. */
const ALONG = { front: 'y', side: 'x', above: 'z' } as const;

/** The outline of a form in a view: round where one looks along its axis, a wedge across its slope. */
export function outlineOf(pen: Pen, form: Form, view: View): Shape {
  const face = faceOf(boundsOf(form), view);
  if (form.kind === 'cylinder' && form.axis === ALONG[view]) return ellipse(pen, face);
  if (form.kind === 'prism' && form.axis === ALONG[view]) return polygon(pen, form.outline);
  if (form.kind === 'slope' && view !== 'above' && form.axis !== ALONG[view]) {
    const top: Point = form.highAtFar ? [face.a1, face.b1] : [face.a0, face.b1];
    const [near, far] = cornersOf(face);
    return polygon(pen, [near as Point, far as Point, top]);
  }
  return polygon(pen, cornersOf(face));
}

/** The roof's underside across a section: its highest and lowest outline over the depth, m. */
export function roofOutline(
  shell: Shell,
  view: Exclude<View, 'above'>,
): { high: Point[]; low: Point[] } {
  const acrossM = view === 'side' ? shell.widthM : shell.lengthM;
  const depthM = view === 'side' ? shell.lengthM : shell.widthM;
  const heights = (a: number): number[] =>
    [0, depthM / 2, depthM].map((d) =>
      view === 'side' ? roofHeightM(shell, d, a) : roofHeightM(shell, a, d),
    );
  const stops = [0, acrossM / 2, acrossM];
  return {
    high: stops.map((a): Point => [a, Math.max(...heights(a))]),
    low: stops.map((a): Point => [a, Math.min(...heights(a))]),
  };
}
