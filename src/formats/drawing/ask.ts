import type { View } from '@/core/drawing/shape';
import type { PaperId } from './paper';

export const DRAWING_FORMATS = ['svg', 'dxf', 'png', 'pdf'] as const;
export type DrawingFormat = (typeof DRAWING_FORMATS)[number];

/** What can be drawn: a view, the run, the story sticks at full size, or the papers of one vessel. */
export type Drawn = View | 'run' | 'sticks' | 'strip' | 'sitter';
export const DRAWN: readonly Drawn[] = [
  ...(['front', 'right', 'rear', 'left', 'above'] as const),
  ...(['run', 'sticks', 'strip', 'sitter'] as const),
];

/** What is printed at full size only, and what of it is printed. */
export const FULL_SIZE: Readonly<Partial<Record<Drawn, string>>> = {
  sticks: 'Story sticks at full size are printed',
  strip: 'A strip at full size is printed',
  sitter: 'A sheet for the sitter is printed',
};

/** What is asked of a drawing. */
export interface DrawingAsk {
  readonly view: Drawn;
  /** Null: the largest that a sheet of the paper holds. */
  readonly scale: number | null;
  readonly format: DrawingFormat;
  readonly paper: PaperId;
  /** The vessel whose papers are asked for. */
  readonly fixture?: string | null;
  /** The day of coming back, of a sheet for the sitter; `on` is the first day away. */
  readonly back?: string | null;
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
