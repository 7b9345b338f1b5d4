/** Steps of a sum along each of its two ways: within one part in ten thousand of the whole. */
const STEPS = 72;

/** What holds the feed back: how steep it lies, how deep it is filled, and the outlets that it runs out at. */
export interface Heap {
  /** Angle of repose, degrees. */
  readonly reposeDeg: number;
  /** Depth of the fill, m: no heap is higher. */
  readonly fillM: number;
  /** Lower edge of the outlet above the floor, m. */
  readonly lipM: number;
  /** The outlet across, m. */
  readonly acrossM: number;
}

/**
 * Height of the heap so far from the middle of the nearest outlet, m.
 * @param farM  m
 * @example heapHeightM({ reposeDeg: 45, fillM: 1, lipM: 0.02, acrossM: 0.06 }, 0.13) // 0.12
 */
export const heapHeightM = (heap: Heap, farM: number): number => heightAt(heap)(farM);

const heightAt = ({ reposeDeg, fillM, lipM, acrossM }: Heap): ((farM: number) => number) => {
  const slope = Math.tan((reposeDeg * Math.PI) / 180);
  return (farM) => Math.min(fillM, lipM + slope * Math.max(0, farM - acrossM / 2));
};

/**
 * Feed that never runs out of a round vessel with outlets round its wall, L.
 * @param floorM   across the floor, m
 * @param outlets  evenly round it; null: one all round, as over a pan
 * @source domain notes, "Dead heap": ∫ min(H, lip + tan φ·max(0, s − d/2)) dA over the floor
 * @example roundHeapL(0.28, 4, { reposeDeg: 35, fillM: 0.35, lipM: 0, acrossM: 0.05 }) // 2.03
 */
export function roundHeapL(floorM: number, outlets: number | null, heap: Heap): number {
  const height = heightAt(heap);
  const radius = floorM / 2;
  if (outlets === null) {
    // a ring all round: nothing changes round the vessel
    const sum = midpoints(radius, (r) => height(radius - r) * 2 * Math.PI * r);
    return sum * 1000;
  }
  // half of the part of the floor that is nearest to one outlet
  const half = Math.PI / outlets;
  const sum = midpoints(half, (turn) => {
    const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
    return midpoints(radius, (r) => height(Math.hypot(radius - r * cos, r * sin)) * r);
  });
  return 2 * outlets * sum * 1000;
}

/**
 * Feed that never runs out of a box with outlets along its front, L.
 * @param longM    along the front inside, m
 * @param deepM    from front to rear inside, m
 * @param outlets  evenly along the front; null: a slot along all of it
 * @example boxHeapL(0.4, 0.3, null, { reposeDeg: 45, fillM: 1, lipM: 0, acrossM: 0 }) // 18
 */
export function boxHeapL(longM: number, deepM: number, outlets: number | null, heap: Heap): number {
  const height = heightAt(heap);
  if (outlets === null) return longM * midpoints(deepM, height) * 1000;
  const half = longM / outlets / 2;
  const sum = midpoints(half, (x) => midpoints(deepM, (y) => height(Math.hypot(x, y))));
  return 2 * outlets * sum * 1000;
}

/** ∫ f from 0 to `to` by the midpoints of equal steps. */
function midpoints(to: number, f: (at: number) => number): number {
  const step = to / STEPS;
  let sum = 0;
  for (let i = 0; i < STEPS; i++) sum += f((i + 0.5) * step);
  return sum * step;
}
