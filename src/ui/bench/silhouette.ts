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
  ['C', 0.6, 0, 0.66, 0.05, 0.66, 0.12],
  ['C', 0.66, 0.2, 0.7, 0.27, 0.8, 0.35],
  ['C', 0.94, 0.45, 1, 0.54, 1, 0.63],
  ['C', 1, 0.76, 0.86, 0.83, 0.7, 0.84],
  ['L', 0.68, 0.95],
  ['L', 0.8, 1],
  ['L', 0.54, 1],
  ['L', 0.6, 0.95],
  ['L', 0.6, 0.85],
  ['L', 0.4, 0.85],
  ['L', 0.4, 0.95],
  ['L', 0.46, 1],
  ['L', 0.2, 1],
  ['L', 0.32, 0.95],
  ['L', 0.3, 0.84],
  ['C', 0.14, 0.83, 0, 0.76, 0, 0.63],
  ['C', 0, 0.54, 0.06, 0.45, 0.2, 0.35],
  ['C', 0.3, 0.27, 0.34, 0.2, 0.34, 0.12],
  ['C', 0.34, 0.05, 0.4, 0, 0.5, 0],
  ['Z'],
];

/** From above, beak upwards: beak, tail and both wings touch the sides. */
const ABOVE: readonly Command[] = [
  ['M', 0.5, 0],
  ['C', 0.58, 0.05, 0.64, 0.1, 0.64, 0.18],
  ['C', 0.66, 0.26, 1, 0.3, 1, 0.5],
  ['C', 1, 0.68, 0.74, 0.78, 0.66, 0.88],
  ['L', 0.7, 1],
  ['L', 0.3, 1],
  ['L', 0.34, 0.88],
  ['C', 0.26, 0.78, 0, 0.68, 0, 0.5],
  ['C', 0, 0.3, 0.34, 0.26, 0.36, 0.18],
  ['C', 0.36, 0.1, 0.42, 0.05, 0.5, 0],
  ['Z'],
];

/** From above on a bar that runs front to rear: beak to the left. */
const ABOVE_ACROSS: readonly Command[] = ABOVE.map(
  ([letter, ...points]) => [letter, ...points.map((_, i) => points[i ^ 1] ?? 0)] as const,
);

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
export function silhouettePath(aspect: Aspect, rect: PageRect, turned = false): string {
  return OUTLINES[aspect]
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

const px = (n: number): string => n.toFixed(2);
