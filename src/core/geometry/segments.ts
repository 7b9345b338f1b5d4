import type { Solid } from '../kernel/finding';

/** Shortest distance between two solids seen from above, m; 0 where they meet. */
export function gapInPlan(a: Solid, b: Solid): number {
  const dx = Math.max(0, a.x0 - b.x1, b.x0 - a.x1);
  const dy = Math.max(0, a.y0 - b.y1, b.y0 - a.y1);
  return Math.hypot(dx, dy);
}

/**
 * A solid grown by so much on every side, seen from above.
 * @example grown({ x0: 1, x1: 2, y0: 1, y1: 2, z0: 0, z1: 1 }, 0.5).x0 // 0.5
 */
export const grown = (s: Solid, byM: number): Solid => ({
  ...s,
  x0: s.x0 - byM,
  x1: s.x1 + byM,
  y0: s.y0 - byM,
  y1: s.y1 + byM,
});
