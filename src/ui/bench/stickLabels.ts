import { placeLabels } from '@/core/geometry/labels';
import { formatLength, type UnitSystem } from '@/core/kernel/units/length';

/** Breadth of one letter of a figure, and of a name, in a label, px. */
const FIGURE_PX = 7.3;
const NAME_PX = 6.4;
/** Kept free between two labels, px. */
const GAP_PX = 8;
/** From the stick's left edge to its figures, px. */
export const FIGURES_AT = 25;

/** Breadth of a column that holds the longest of these lengths, px. */
export const columnPx = (lengthsM: readonly number[], units: UnitSystem): number =>
  Math.max(0, ...lengthsM.map((m) => formatLength(m, { units }).length)) * FIGURE_PX + GAP_PX;

/** Breadth of the story stick with its figures and names, px: what the drawing leaves free beside it. */
export const stickPx = (
  marks: readonly { readonly heightM: number }[],
  names: readonly string[],
  units: UnitSystem,
): number =>
  FIGURES_AT +
  columnPx(
    marks.map((m) => m.heightM),
    units,
  ) +
  Math.max(0, ...names.map((name) => name.length)) * NAME_PX;

/** Farther than this part of its own breadth no label of one row stands from its mark. */
const MOST_LED = 0.6;

/** Where a label stands along the foot, px, and in which row under it. */
export interface FootLabel {
  readonly at: number;
  readonly row: 0 | 1;
}

/**
 * Labels under the foot stick: side by side in one row, or by turns in two where they would stand far from their marks.
 * @param wantedPx  where each mark stands, rising
 * @param columnPx  breadth kept for a label
 * @param roomPx    the lowest and highest edge a label may touch
 */
export function footLabels(
  wantedPx: readonly number[],
  columnPx: number,
  [least, most]: readonly [number, number],
): FootLabel[] {
  const half = columnPx / 2;
  const place = (wanted: readonly number[]): number[] =>
    placeLabels(wanted, columnPx, least + half, most - half);
  const one = place(wantedPx);
  // led far from its mark a label is taken for another's
  const near = one.every((at, i) => Math.abs(at - (wantedPx[i] ?? at)) <= MOST_LED * columnPx);
  if (near && wantedPx.length * columnPx <= most - least) return one.map((at) => ({ at, row: 0 }));
  const rows = [0, 1].map((row) => place(wantedPx.filter((_, i) => i % 2 === row)));
  return wantedPx.map((wanted, i) => ({
    at: rows[i % 2]?.[i >> 1] ?? wanted,
    row: i % 2 === 0 ? 0 : 1,
  }));
}
