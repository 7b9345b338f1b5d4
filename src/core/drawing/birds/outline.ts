import { type Command, lines, type Pen, type Point } from '../shape';
import type { OutlinePoint } from './silhouettes.data';

/** A part of a bird: its line, and how it is drawn. */
export interface Part {
  readonly pen: Extract<Pen, 'bird' | 'birdLine' | 'comb' | 'birdEye' | 'birdLeg'>;
  readonly commands: readonly Command[];
}

/**
 * A smooth line through points, by handles a sixth of the way from neighbour to neighbour; corners stay sharp.
 * Across and down the page.
 */
export function smooth(points: readonly OutlinePoint[], isClosed = true): Command[] {
  const n = points.length;
  const at = (i: number): OutlinePoint =>
    points[isClosed ? (i + n) % n : Math.max(0, Math.min(n - 1, i))] as OutlinePoint;
  const [first] = points;
  if (!first) return [];
  const commands: Command[] = [['M', first[0], first[1]]];
  for (let i = 0; i < (isClosed ? n : n - 1); i++) {
    const [before, from, to, after] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const out =
      from[2] === 'corner'
        ? [to[0] - from[0], to[1] - from[1]]
        : [to[0] - before[0], to[1] - before[1]];
    const back =
      to[2] === 'corner'
        ? [to[0] - from[0], to[1] - from[1]]
        : [after[0] - from[0], after[1] - from[1]];
    const [o, b] = [from[2] === 'corner' ? 3 : 6, to[2] === 'corner' ? 3 : 6];
    commands.push([
      'C',
      from[0] + (out[0] ?? 0) / o,
      from[1] + (out[1] ?? 0) / o,
      to[0] - (back[0] ?? 0) / b,
      to[1] - (back[1] ?? 0) / b,
      to[0],
      to[1],
    ]);
  }
  return isClosed ? [...commands, ['Z']] : commands;
}

/**
 * A dot.
 * @param r  its radius, in the outline's unit
 * @example dot(10, 10, 2)[0] // ['M', 12, 10]
 */
export const dot = (x: number, y: number, r: number): Command[] =>
  smooth([
    [x + r, y],
    [x, y + r],
    [x - r, y],
    [x, y - r],
  ]);

/**
 * An eye from the front, where the box of 100 is less than half as broad as it is high.
 * @example eye(36, 8)[0] // ['M', 39.2, 8]
 */
export const eye = (x: number, y: number): Command[] =>
  smooth([
    [x + 3.2, y],
    [x, y + 1.4],
    [x - 3.2, y],
    [x, y - 1.4],
  ]);

export const stroke = (...points: Point[]): Command[] => lines(points, false);

/** Points of the right half of an outline, and the same mirrored, from the top round. */
export const bothSides = (right: readonly OutlinePoint[]): OutlinePoint[] => [
  ...right,
  ...[...right].reverse().map(([x, y, c]): OutlinePoint => [100 - x, y, c]),
];
