import type { DrawnItem } from '../drawing/draw';
import { type Pen, type Point, pointsOf, type Shape, type View } from '../drawing/shape';

export const VIEWS: readonly View[] = ['front', 'right', 'rear', 'left', 'above'];

/** How broad and how high shapes are, m. */
export const sizeOf = (shapes: readonly Shape[]): Point => {
  const points = shapes.flatMap(pointsOf);
  const span = (i: 0 | 1): number =>
    Math.max(...points.map((p) => p[i])) - Math.min(...points.map((p) => p[i]));
  return [span(0), span(1)];
};

/** An item of a drawing by its key. */
export const item = (items: readonly DrawnItem[], key: string): DrawnItem => {
  const found = items.find((i) => i.key === key);
  if (!found) throw new Error(`nothing is drawn for ${key}`);
  return found;
};

/** The pens that shapes are drawn by, each once. */
export const pens = (shapes: readonly Shape[]): Pen[] => [...new Set(shapes.map((s) => s.pen))];
