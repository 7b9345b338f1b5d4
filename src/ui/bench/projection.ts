import { roofHeightM } from '@/core/geometry/shell';
import type { Solid } from '@/core/kernel/finding';
import type { Shell } from '@/core/model/schema';
import type { View } from '../store/benchState';

/** A view of the coop on the page: metres to pixels, and nothing else. */
export interface Projection {
  readonly view: View;
  /** Pixels a metre, the same both ways. */
  readonly scale: number;
  /** Inside measure across, and the height (or depth, seen from above) shown, m. */
  readonly acrossM: number;
  readonly upM: number;
  /** Page place of a point across and up, px. */
  u(acrossM: number): number;
  v(upM: number): number;
}

export interface Frame {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Room beyond the inner faces of walls and roof, m: the shell's own thickness is drawn in it. */
export const WALL_DRAWN_M = 0.09;

/**
 * The largest scale at which the coop fits a frame, centred in it.
 * @param frame  px: its size and the margins kept for sticks and labels
 */
export function project(view: View, shell: Shell, frame: Frame): Projection {
  const acrossM = view === 'side' ? shell.widthM : shell.lengthM;
  const upM = view === 'above' ? shell.widthM : shell.roof.highM;
  const roomX = frame.width - frame.left - frame.right;
  const roomY = frame.height - frame.top - frame.bottom;
  const scale = Math.max(
    8,
    Math.min(roomX / (acrossM + 2 * WALL_DRAWN_M), roomY / (upM + 2 * WALL_DRAWN_M)),
  );
  const x0 = frame.left + (roomX - acrossM * scale) / 2;
  // a low, wide coop stands a little below the middle of the room left over
  const spare = Math.max(0, roomY - (upM + 2 * WALL_DRAWN_M) * scale);
  const y0 = frame.height - frame.bottom - WALL_DRAWN_M * scale - spare * 0.4;
  return { view, scale, acrossM, upM, u: (m) => x0 + m * scale, v: (m) => y0 - m * scale };
}

/** A rectangle on the page, px. */
export interface PageRect {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Where a solid shows in a view. The side is seen from the right, so the front stands at the left. */
export function pageRect(solid: Solid, p: Projection): PageRect {
  const [a0, a1] = p.view === 'side' ? [solid.y0, solid.y1] : [solid.x0, solid.x1];
  const [b0, b1] = p.view === 'above' ? [solid.y0, solid.y1] : [solid.z0, solid.z1];
  return { x: p.u(a0), y: p.v(b1), width: (a1 - a0) * p.scale, height: (b1 - b0) * p.scale };
}

/** How near a solid is to the eye, m: drawn in rising order, the nearest last. */
export function nearness(solid: Solid, view: View): number {
  if (view === 'front') return -solid.y0;
  return view === 'side' ? solid.x1 : solid.z1;
}

/** The roof's underside across a section: its highest and lowest outline over the depth, m. */
export function roofOutline(
  shell: Shell,
  view: Exclude<View, 'above'>,
): { high: [number, number][]; low: [number, number][] } {
  const acrossM = view === 'side' ? shell.widthM : shell.lengthM;
  const depthM = view === 'side' ? shell.lengthM : shell.widthM;
  const heights = (a: number): number[] =>
    [0, depthM / 2, depthM].map((d) =>
      view === 'side' ? roofHeightM(shell, d, a) : roofHeightM(shell, a, d),
    );
  const stops = [0, acrossM / 2, acrossM];
  return {
    high: stops.map((a) => [a, Math.max(...heights(a))]),
    low: stops.map((a) => [a, Math.min(...heights(a))]),
  };
}
