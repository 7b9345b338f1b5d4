import type { Vessel } from '../../model/schema';
import { BODY_RULES } from '../../rules/bodies.data';
import { type Command, type Face, type Pen, path, type Shape, type View } from '../shape';

/** A pan is so deep, m. */
const PAN_M = BODY_RULES['feed.pan.deep'].value;
/** An outlet across as it is drawn, m, and how many are drawn at most. */
export const OUTLET_M = 0.018;
export const MOST_OUTLETS = 8;

/** Commands in parts of a face: 0…1 across and up. */
export function inFace(pen: Pen, { a0, a1, b0, b1 }: Face, ...commands: Command[]): Shape {
  const [w, h] = [a1 - a0, b1 - b0];
  return path(
    pen,
    ...commands.map(
      ([letter, ...n]) =>
        [letter, ...n.map((k, i) => (i % 2 === 0 ? a0 + k * w : b0 + k * h))] as unknown as Command,
    ),
  );
}

export type Body = (v: Vessel, face: Face, view: View) => Shape[];

/** How high the pan under a can is, as a part of the whole. */
export const panPart = ({ b0, b1 }: Face): number =>
  Math.min(0.45, PAN_M / Math.max(0.01, b1 - b0));

export const pan = (face: Face): Shape => {
  const p = panPart(face);
  return inFace('thing', face, ['M', 0, p], ['L', 1, p], ['L', 0.93, 0], ['L', 0.07, 0], ['Z']);
};

/** Places of outlets on the side that is looked at, as parts of its breadth. */
export const placesOf = (v: Vessel): number[] => {
  const n = Math.min(MOST_OUTLETS, v.outlets);
  return Array.from({ length: n }, (_, i) => (i + 0.5) / n);
};

/**
 * How far up a face a height lies, as a part of it (0…1), kept a little off its ends.
 * @param z  the height, m
 * @example upPart(0.5, { a0: 0, a1: 1, b0: 0, b1: 1 }) // 0.5
 */
export const upPart = (z: number, { b0, b1 }: Face): number =>
  Math.max(0.06, Math.min(0.9, (z - b0) / Math.max(0.01, b1 - b0)));

/**
 * A can with its foot over the floor where its outlets hang below it, on two legs.
 * @param under  where its foot is, as a part of the face (0…1)
 * @example can({ hung: true, onWall: false }, { a0: 0, a1: 1, b0: 0, b1: 1 }, 0.3).length // 2
 */
export function can(v: Vessel, face: Face, under: number): Shape[] {
  const legs =
    under > 0.12 && !v.hung && !v.onWall
      ? [
          inFace(
            'thingLine',
            face,
            ['M', 0.16, under],
            ['L', 0.16, 0],
            ['M', 0.84, under],
            ['L', 0.84, 0],
          ),
        ]
      : [];
  return [
    ...legs,
    inFace(
      'thing',
      face,
      ['M', 0.04, 0.95],
      ['L', 0.96, 0.95],
      ['L', 0.9, under],
      ['L', 0.1, under],
      ['Z'],
    ),
    inFace('thing', face, ['M', 0, 0.94], ['L', 1, 0.94], ['L', 0.96, 1], ['L', 0.04, 1], ['Z']),
  ];
}
