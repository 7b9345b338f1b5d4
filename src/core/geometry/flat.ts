import type { Shell } from '../model/schema';
import { floorOf, type Scoped } from '../model/scope';

/** A rectangle of the floor, m. */
export interface Flat {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/** Area of a rectangle, m²; 0 for one that is empty. */
export const areaM2 = ({ x0, x1, y0, y1 }: Flat): number =>
  Math.max(0, x1 - x0) * Math.max(0, y1 - y0);

/** The part of a rectangle inside another. */
export const within = (f: Flat, other: Flat): Flat => ({
  x0: Math.max(other.x0, f.x0),
  x1: Math.min(other.x1, f.x1),
  y0: Math.max(other.y0, f.y0),
  y1: Math.min(other.y1, f.y1),
});

/**
 * How much of a rectangle others cover, each square metre counted once, m².
 * @example coveredM2({ x0: 0, x1: 2, y0: 0, y1: 1 }, [{ x0: 1, x1: 3, y0: 0, y1: 1 }]) // 1
 */
export function coveredM2(own: Flat, others: readonly Flat[]): number {
  const met = others.map((o) => within(o, own)).filter((o) => areaM2(o) > 0);
  const [only] = met;
  if (only === undefined) return 0;
  if (met.length === 1) return areaM2(only);
  const edges = [...new Set(met.flatMap((o) => [o.x0, o.x1]))].sort((a, b) => a - b);
  let area = 0;
  for (let i = 1; i < edges.length; i++) {
    const [x0, x1] = [edges[i - 1] as number, edges[i] as number];
    // of the columns between two edges, how deep the union is
    const spans = met
      .filter((o) => o.x0 <= x0 && o.x1 >= x1)
      .map((o) => [o.y0, o.y1] as const)
      .sort((a, b) => a[0] - b[0]);
    let end = Number.NEGATIVE_INFINITY;
    let deep = 0;
    for (const [y0, y1] of spans) {
      deep += Math.max(0, y1 - Math.max(y0, end));
      end = Math.max(end, y1);
    }
    area += deep * (x1 - x0);
  }
  return area;
}

/** The strip along a wall that is the keeper's own; null where there is none. */
function stripOf({ storage, lengthM, widthM }: Shell): Flat | null {
  if (storage === null) return null;
  const { wall, depthM } = storage;
  const [acrossX, acrossY] = [Math.min(depthM, lengthM), Math.min(depthM, widthM)];
  return {
    x0: wall === 'right' ? lengthM - acrossX : 0,
    x1: wall === 'left' ? acrossX : lengthM,
    y0: wall === 'rear' ? widthM - acrossY : 0,
    y1: wall === 'front' ? acrossY : widthM,
  };
}

/** What of the keeper's own strip lies in the coop or the zone in view; null where nothing does. */
export function ownStripOf(plan: Pick<Scoped, 'zone' | 'shell'>): Flat | null {
  const strip = stripOf(plan.shell);
  if (strip === null) return null;
  const own = within(strip, floorOf(plan));
  return areaM2(own) > 0 ? own : null;
}

/** Floor of a coop, or of the zone in view, without the keeper's own strip, m². */
export function birdsFloorM2(plan: Pick<Scoped, 'zone' | 'shell'>): number {
  const strip = ownStripOf(plan);
  return Math.max(0, areaM2(floorOf(plan)) - (strip === null ? 0 : areaM2(strip)));
}
