/** A wall that is taken away to look in: across the page runs what runs along it. */
export type Section = 'front' | 'right' | 'rear' | 'left';

/** From where the coop is looked at: through one of its walls, or from above. */
export type View = Section | 'above';

/** What of a thing shows in a view, m: across from the left, and up (from above: towards the rear). */
export interface Face {
  readonly a0: number;
  readonly a1: number;
  readonly b0: number;
  readonly b1: number;
}

export type Point = readonly [across: number, up: number];

/** Line to, curve by two handles to, close: points in m, across and up. */
export type Command =
  | readonly [letter: 'M' | 'L', across: number, up: number]
  | readonly [letter: 'C', ...six: [number, number, number, number, number, number]]
  | readonly [letter: 'Z'];

/** What a shape is, which says how it is drawn: each renderer has a look for each pen. */
export type Pen =
  // the house
  | 'room'
  | 'littered'
  | 'wall'
  | 'wallEdge'
  | 'roofBehind'
  | 'ground'
  | 'partition'
  | 'litter'
  | 'litterTop'
  | 'litterEnd'
  | 'stud'
  | 'studLine'
  | 'storage'
  | 'storageEdge'
  // what stands and hangs in it
  | 'timber'
  | 'endGrain'
  | 'thing'
  | 'thingLine'
  | 'divider'
  | 'hollow'
  | 'hole'
  | 'holeBefore'
  | 'cutHole'
  | 'fold'
  | 'mesh'
  | 'dust'
  | 'grain'
  | 'outlet'
  | 'chain'
  | 'glass'
  | 'wire'
  | 'leaf'
  | 'ramp'
  | 'rail'
  | 'bracket'
  | 'pipe'
  | 'tank'
  // what is in a vessel that is cut open
  | 'hollowed'
  | 'feed'
  | 'deadFeed'
  | 'water'
  | 'waterLow'
  // what a section is cut through
  | 'cutGrain'
  | 'cutEdge'
  | 'keeper'
  // birds
  | 'bird'
  | 'birdLine'
  | 'birdLeg'
  | 'birdEye'
  | 'comb'
  | 'astray'
  | 'astrayLine'
  // what is said of the plan
  | 'outOfReach'
  | 'broken'
  | 'brokenEdge'
  | 'markOut'
  | 'markOutEdge'
  | 'aisle'
  | 'ghost'
  // on paper
  | 'leader';

export interface PathShape {
  readonly kind: 'path';
  readonly pen: Pen;
  readonly commands: readonly Command[];
}

export interface EllipseShape {
  readonly kind: 'ellipse';
  readonly pen: Pen;
  readonly middle: Point;
  /** Half of it across and up, m. */
  readonly half: Point;
}

/** One thing to draw, in metres: the screen, a print or a file of lines draws the same list. */
export type Shape = PathShape | EllipseShape;

/** What belongs together and is drawn before what is nearer to the eye. */
export interface Item {
  readonly what: 'shell' | 'fixture' | 'bird' | 'keeper' | 'reach' | 'rain' | 'markOut';
  readonly key: string;
  readonly shapes: readonly Shape[];
  /** All that it takes in the view. */
  readonly face: Face;
}

export const path = (pen: Pen, ...commands: Command[]): PathShape => ({
  kind: 'path',
  pen,
  commands,
});

/** Lines from point to point, closed or not. */
export const lines = (points: readonly Point[], closed: boolean): Command[] => [
  ...points.map(([a, b], i): Command => [i === 0 ? 'M' : 'L', a, b]),
  ...(closed ? [['Z'] as const] : []),
];

export const polygon = (pen: Pen, points: readonly Point[]): PathShape =>
  path(pen, ...lines(points, true));

export const polyline = (pen: Pen, ...points: Point[]): PathShape =>
  path(pen, ...lines(points, false));

export const cornersOf = ({ a0, a1, b0, b1 }: Face): Point[] => [
  [a0, b0],
  [a1, b0],
  [a1, b1],
  [a0, b1],
];

/** Corners and handles of a shape, m. */
export const pointsOf = (shape: Shape): Point[] =>
  shape.kind === 'ellipse'
    ? [
        [shape.middle[0] - shape.half[0], shape.middle[1] - shape.half[1]],
        [shape.middle[0] + shape.half[0], shape.middle[1] + shape.half[1]],
      ]
    : shape.commands.flatMap(([, ...n]) =>
        Array.from({ length: n.length / 2 }, (_, i): Point => [n[2 * i] ?? 0, n[2 * i + 1] ?? 0]),
      );

/** The least face that a shape with straight sides fits in. */
export function extentOf(shape: Shape): Face {
  const points = pointsOf(shape);
  const [across, up] = [points.map(([a]) => a), points.map(([, b]) => b)];
  return {
    a0: Math.min(...across),
    a1: Math.max(...across),
    b0: Math.min(...up),
    b1: Math.max(...up),
  };
}

export const rect = (pen: Pen, face: Face): PathShape => polygon(pen, cornersOf(face));

/** An ellipse that touches all four sides of a face. */
export const ellipse = (pen: Pen, { a0, a1, b0, b1 }: Face): EllipseShape => ({
  kind: 'ellipse',
  pen,
  middle: [(a0 + a1) / 2, (b0 + b1) / 2],
  half: [(a1 - a0) / 2, (b1 - b0) / 2],
});

/**
 * A circle about a point, m.
 * @example circle('outlet', [1, 2], 0.1).half // [0.1, 0.1]
 */
export const circle = (pen: Pen, [a, b]: Point, radiusM: number): EllipseShape => ({
  kind: 'ellipse',
  pen,
  middle: [a, b],
  half: [radiusM, radiusM],
});
