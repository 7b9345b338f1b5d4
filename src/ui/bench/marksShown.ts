import type { StickMark } from '@/core/geometry/stick';

/** Marks in the order in which they keep their figures where there is no room for all. */
const FIRST: Readonly<Record<StickMark['kind'], number>> = {
  bar: 0,
  lip: 1,
  litter: 2,
  roofHigh: 3,
  eaves: 4,
  feederRim: 5,
  drinkerRim: 6,
  board: 7,
  sill: 8,
  head: 9,
  ceiling: 10,
  ledge: 11,
};

/**
 * The marks that keep their figures where there is room for so many: the picked fixture's before all others.
 * @param marks   in their order along the stick
 * @param room    how many figures there is room for
 * @returns       those that keep them, in the same order
 */
export function withFigures<M extends { readonly fixtures: readonly string[] }>(
  marks: readonly M[],
  room: number,
  picked: string | null,
  kindOf: (mark: M) => StickMark['kind'] = () => 'bar',
): readonly M[] {
  if (marks.length <= room) return marks;
  const rank = (m: M): number =>
    picked !== null && m.fixtures.includes(picked) ? -1 : FIRST[kindOf(m)];
  const kept = new Set([...marks].sort((a, b) => rank(a) - rank(b)).slice(0, Math.max(0, room)));
  return marks.filter((m) => kept.has(m));
}
