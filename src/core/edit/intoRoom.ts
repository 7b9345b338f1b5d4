import { inRun, solidOf } from '../geometry/solids';
import type { Plan, Vessel } from '../model/schema';

/**
 * Where a vessel that has become larger stands clear of the walls: as near to its place as it goes.
 * @returns its place, m; as it was where it is in the run
 * @example intoRoom({ ...feeder, x: 0, y: 1 }, plan).x // 0.15
 */
export function intoRoom(
  v: Vessel,
  plan: Pick<Plan, 'shell' | 'litter'>,
): { x: number; y: number } {
  if (inRun(v)) return { x: v.x, y: v.y };
  const { x0, x1, y0, y1 } = solidOf(v, plan as Plan);
  const into = (at: number, low: number, high: number, roomM: number): number =>
    Math.round((low < 0 ? at - low : high > roomM ? at - (high - roomM) : at) * 1e4) / 1e4;
  return { x: into(v.x, x0, x1, plan.shell.lengthM), y: into(v.y, y0, y1, plan.shell.widthM) };
}
