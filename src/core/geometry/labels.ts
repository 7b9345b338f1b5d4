/**
 * Moves labels apart along a line as little as needed, keeping their order.
 * @param wanted  where each label would like to stand, rising, in any one unit
 * @param gap     least distance between two labels, same unit
 * @param least   lowest place allowed
 * @param most    highest
 * @returns       a place for each label; labels overflow the range only where they cannot all fit in it
 * @example       placeLabels([10, 11, 40], 5, 0, 100) // [8, 13, 40]
 */
export function placeLabels(
  wanted: readonly number[],
  gap: number,
  least: number,
  most: number,
): number[] {
  // clusters of labels that touch share one centre, as in pooled isotonic regression
  const clusters: { sum: number; count: number }[] = [];
  const centre = (c: { sum: number; count: number }): number => {
    const half = ((c.count - 1) * gap) / 2;
    return Math.max(least + half, Math.min(most - half, c.sum / c.count));
  };
  for (const at of wanted) {
    clusters.push({ sum: at, count: 1 });
    while (clusters.length > 1) {
      const last = clusters[clusters.length - 1];
      const before = clusters[clusters.length - 2];
      if (!last || !before) break;
      const room = ((last.count + before.count) / 2) * gap;
      if (centre(last) - centre(before) >= room - 1e-9) break;
      clusters.splice(-2, 2, { sum: before.sum + last.sum, count: before.count + last.count });
    }
  }
  return clusters.flatMap((c) =>
    Array.from({ length: c.count }, (_, i) => centre(c) + (i - (c.count - 1) / 2) * gap),
  );
}
