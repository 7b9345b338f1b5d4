import type { Assessment } from '@/core/assess';
import type { Frame } from '@/core/drawing/projection';
import type { View } from '@/core/drawing/shape';
import type { FootMark, StickMark } from '@/core/geometry/stick';
import type { UnitSystem } from '@/core/kernel/units/length';
import { MARK_NAMES, markLabel } from '@/text/marks';
import { stickPx } from './stickLabels';

/** Narrower than this a drawing has no room for every mark: only the picked fixture's are shown. */
export const NARROW_PX = 480;
/** Where the rod at the left stands, px. */
export const STICK_AT = 18;
/** From the rod's figures and names to the drawing, px. */
const CLEAR_PX = 14;

/** A mark on the rod at the left: a height of the section, or from above how far it is from the front. */
export interface RodMark {
  readonly id: string;
  /** Where it stands up the page, m. */
  readonly at: number;
  /** What is written beside it, m. */
  readonly writtenM: number;
  readonly name: string;
  readonly label: string;
  readonly fixtures: readonly string[];
  readonly kind: StickMark['kind'];
}

export const heightMarks = (marks: readonly StickMark[]): RodMark[] =>
  marks.map((m) => ({
    ...m,
    at: m.z,
    writtenM: m.heightM,
    name: MARK_NAMES[m.kind],
    label: markLabel(m.kind),
  }));

export const depthMarks = (marks: readonly FootMark[]): RodMark[] =>
  marks.map((m) => ({
    ...m,
    at: m.m,
    writtenM: m.m,
    name: '',
    label: 'from the front',
    kind: 'bar',
  }));

/** What is marked on the rod at the left: heights, or from above how far things are from the front. */
export const rodMarks = (
  view: View,
  { marks, feet }: Pick<Assessment, 'marks' | 'feet'>,
): RodMark[] => (view === 'above' ? depthMarks(feet.y) : heightMarks(marks));

/**
 * What is kept free round the drawing: for the sticks, and above and at the right for the measures of what is picked.
 * @param marks  of the rod at the left
 */
export function marginsOf(
  view: View,
  narrow: boolean,
  marks: readonly RodMark[],
  units: UnitSystem,
): Omit<Frame, 'width' | 'height'> {
  if (narrow) return { left: view === 'above' ? 16 : 78, right: 16, top: 10, bottom: 40 };
  const beside = stickPx(
    marks.map((m) => ({ heightM: m.writtenM })),
    marks.map((m) => m.name),
    units,
  );
  return { left: STICK_AT + beside + CLEAR_PX, right: 40, top: 38, bottom: 64 };
}
