import type { Frame } from '@/core/drawing/projection';

/** How large the glass over a finger is, px. */
export const RADIUS_PX = 54;
/** How far it stands over the finger, px. */
const OVER_PX = 100;

/** Where the glass stands for a finger: over it, or beside it where there is no room above. */
export function glassAt([x, y]: readonly [number, number], { width }: Pick<Frame, 'width'>) {
  const within = (n: number): number => Math.max(RADIUS_PX + 2, Math.min(width - RADIUS_PX - 2, n));
  if (y - OVER_PX >= RADIUS_PX + 2) return { x: within(x), y: y - OVER_PX };
  const beside = x > width / 2 ? x - OVER_PX - 24 : x + OVER_PX + 24;
  return { x: within(beside), y: Math.max(RADIUS_PX + 2, y) };
}
