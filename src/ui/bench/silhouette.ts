import type { PageRect } from './projection';

type Command = readonly [letter: 'M' | 'C' | 'L' | 'Z', ...points: number[]];

/** A hen standing, beak to the right, in a box of 1 × 1: beak tip, crown, tail tip and feet touch its sides. */
const PROFILE: readonly Command[] = [
  ['M', 1, 0.13],
  ['C', 0.96, 0.1, 0.93, 0.08, 0.92, 0.06],
  ['C', 0.9, 0.015, 0.86, 0, 0.83, 0],
  ['C', 0.75, 0, 0.725, 0.06, 0.71, 0.13],
  ['C', 0.68, 0.24, 0.6, 0.34, 0.49, 0.37],
  ['C', 0.38, 0.39, 0.28, 0.35, 0.19, 0.27],
  ['C', 0.13, 0.215, 0.07, 0.17, 0, 0.16],
  ['C', 0.02, 0.25, 0.045, 0.32, 0.08, 0.39],
  ['C', 0.11, 0.46, 0.14, 0.53, 0.2, 0.6],
  ['C', 0.26, 0.69, 0.35, 0.76, 0.45, 0.78],
  ['L', 0.445, 0.94],
  ['L', 0.39, 1],
  ['L', 0.59, 1],
  ['L', 0.505, 0.94],
  ['L', 0.52, 0.78],
  ['C', 0.64, 0.77, 0.76, 0.7, 0.81, 0.58],
  ['C', 0.855, 0.47, 0.85, 0.36, 0.87, 0.27],
  ['C', 0.885, 0.215, 0.91, 0.19, 0.92, 0.165],
  ['L', 1, 0.13],
  ['Z'],
];

/** The same hen from the front: crown, feet and both shoulders touch the sides. */
const FRONT: readonly Command[] = [
  ['M', 0.5, 0],
  ['C', 0.56, 0, 0.6, 0.02, 0.61, 0.045],
  ['C', 0.665, 0.06, 0.69, 0.1, 0.68, 0.145],
  ['C', 0.67, 0.18, 0.645, 0.205, 0.655, 0.24],
  ['C', 0.68, 0.3, 0.8, 0.33, 0.89, 0.4],
  ['C', 0.97, 0.46, 1, 0.53, 1, 0.61],
  ['C', 1, 0.73, 0.9, 0.81, 0.74, 0.84],
  ['L', 0.72, 0.95],
  ['L', 0.84, 1],
  ['L', 0.56, 1],
  ['L', 0.63, 0.95],
  ['L', 0.63, 0.855],
  ['L', 0.37, 0.855],
  ['L', 0.37, 0.95],
  ['L', 0.44, 1],
  ['L', 0.16, 1],
  ['L', 0.28, 0.95],
  ['L', 0.26, 0.84],
  ['C', 0.1, 0.81, 0, 0.73, 0, 0.61],
  ['C', 0, 0.53, 0.03, 0.46, 0.11, 0.4],
  ['C', 0.2, 0.33, 0.32, 0.3, 0.345, 0.24],
  ['C', 0.355, 0.205, 0.33, 0.18, 0.32, 0.145],
  ['C', 0.31, 0.1, 0.335, 0.06, 0.39, 0.045],
  ['C', 0.4, 0.02, 0.44, 0, 0.5, 0],
  ['Z'],
];

/** From above, beak upwards: beak, tail and both wings touch the sides. */
const ABOVE: readonly Command[] = [
  ['M', 0.5, 0],
  ['L', 0.57, 0.055],
  ['C', 0.68, 0.07, 0.7, 0.15, 0.66, 0.2],
  ['C', 0.7, 0.24, 0.84, 0.26, 0.93, 0.36],
  ['C', 0.98, 0.42, 1, 0.48, 1, 0.54],
  ['C', 1, 0.66, 0.86, 0.74, 0.72, 0.8],
  ['L', 0.68, 0.97],
  ['C', 0.62, 0.99, 0.56, 1, 0.5, 1],
  ['C', 0.44, 1, 0.38, 0.99, 0.32, 0.97],
  ['L', 0.28, 0.8],
  ['C', 0.14, 0.74, 0, 0.66, 0, 0.54],
  ['C', 0, 0.48, 0.02, 0.42, 0.07, 0.36],
  ['C', 0.16, 0.26, 0.3, 0.24, 0.34, 0.2],
  ['C', 0.3, 0.15, 0.32, 0.07, 0.43, 0.055],
  ['Z'],
];

/** From above on a bar that runs front to rear: beak to the left. */
const ABOVE_ACROSS: readonly Command[] = transposed(ABOVE);

const ABOVE_WINGS: readonly Command[] = [
  ['M', 0.2, 0.36],
  ['C', 0.22, 0.56, 0.32, 0.7, 0.44, 0.82],
  ['M', 0.8, 0.36],
  ['C', 0.78, 0.56, 0.68, 0.7, 0.56, 0.82],
];

/** Lines within an outline: the folded wing, the beak. */
const DETAILS: Readonly<Record<string, readonly Command[]>> = {
  profile: [
    ['M', 0.66, 0.45],
    ['C', 0.6, 0.58, 0.46, 0.65, 0.27, 0.56],
    ['M', 0.25, 0.47],
    ['C', 0.33, 0.52, 0.42, 0.53, 0.5, 0.51],
    ['M', 0.92, 0.06],
    ['L', 0.92, 0.165],
  ],
  front: [
    ['M', 0.14, 0.47],
    ['C', 0.1, 0.57, 0.14, 0.68, 0.24, 0.75],
    ['M', 0.86, 0.47],
    ['C', 0.9, 0.57, 0.86, 0.68, 0.76, 0.75],
    ['M', 0.43, 0.12],
    ['L', 0.5, 0.175],
    ['L', 0.57, 0.12],
  ],
  above: ABOVE_WINGS,
  aboveAcross: transposed(ABOVE_WINGS),
};

const OUTLINES = {
  profile: PROFILE,
  front: FRONT,
  above: ABOVE,
  aboveAcross: ABOVE_ACROSS,
} as const;

export type Aspect = keyof typeof OUTLINES;

/**
 * A bird's outline filling a rectangle of the page exactly.
 * @param rect    px: as long (or broad) and as high as she is at the drawing's scale
 * @param turned  whether she looks to the left (or, from above, down the page)
 */
export const silhouettePath = (aspect: Aspect, rect: PageRect, turned = false): string =>
  pathOf(OUTLINES[aspect], aspect, rect, turned);

/** Lines drawn within the outline, in the same rectangle; empty where a view has none. */
export const silhouetteDetail = (aspect: Aspect, rect: PageRect, turned = false): string =>
  pathOf(DETAILS[aspect] ?? [], aspect, rect, turned);

function pathOf(
  commands: readonly Command[],
  aspect: Aspect,
  rect: PageRect,
  turned: boolean,
): string {
  return commands
    .map(
      ([letter, ...points]) =>
        letter + points.map((n, i) => px(place(n, i % 2, aspect, rect, turned))).join(' '),
    )
    .join('');
}

function place(n: number, axis: number, aspect: Aspect, rect: PageRect, turned: boolean): number {
  if (axis === 0) return rect.x + rect.width * (turned && aspect === 'profile' ? 1 - n : n);
  return rect.y + rect.height * (turned && aspect === 'above' ? 1 - n : n);
}

/** The same drawing with its two axes exchanged. */
function transposed(commands: readonly Command[]): Command[] {
  return commands.map(([letter, ...points]) => [
    letter,
    ...points.map((_, i) => points[i ^ 1] ?? 0),
  ]);
}

const px = (n: number): string => n.toFixed(2);
