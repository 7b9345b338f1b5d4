import type { View } from '@/core/drawing/shape';
import type { PaperId } from './paper';

export const DRAWING_FORMATS = ['svg', 'dxf', 'png', 'pdf'] as const;
export type DrawingFormat = (typeof DRAWING_FORMATS)[number];

/** What can be drawn: a view, the run, or the story sticks at full size. */
export type Drawn = View | 'run' | 'sticks';
export const DRAWN: readonly Drawn[] = ['front', 'right', 'rear', 'left', 'above', 'run', 'sticks'];

/** What is asked of a drawing. */
export interface DrawingAsk {
  readonly view: Drawn;
  /** Null: the largest that a sheet of the paper holds. */
  readonly scale: number | null;
  readonly format: DrawingFormat;
  readonly paper: PaperId;
  /** The day it is drawn for, YYYY-MM-DD. */
  readonly on: string;
}

/** Kinds of file, as browsers and servers say them. */
export const DRAWING_TYPES: Readonly<Record<DrawingFormat, string>> = {
  svg: 'image/svg+xml',
  dxf: 'image/vnd.dxf',
  png: 'image/png',
  pdf: 'application/pdf',
};
