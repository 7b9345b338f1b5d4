/*
 * Outlines of birds, beak to the right and down the page, in any unit: each is brought to the bird's own size.
 * A third value marks a corner; all other points are joined by one smooth line.
 */

export type OutlinePoint = readonly [across: number, down: number, corner?: 'corner' | undefined];

/** How a bird is built: by her class. */
export type Build = 'bantam' | 'light' | 'medium' | 'heavy' | 'giant' | 'duck';

/** What her build changes of the outline of a bird. */
export interface BuildShape {
  /** Where her belly is, standing: the higher the number, the shorter her legs. */
  readonly belly: number;
  /** How deep her fluff hangs behind. */
  readonly fluff: number;
  /** The highest point of her tail, its end and where it leaves the body. */
  readonly tail: readonly [OutlinePoint, OutlinePoint, OutlinePoint];
  /** Her back at its lowest. */
  readonly back: number;
  /** How far her breast stands out. */
  readonly breast: number;
  /** Half as wide as her neck. */
  readonly neck: number;
}

export const BUILDS: Readonly<Record<Exclude<Build, 'duck'>, BuildShape>> = {
  bantam: {
    belly: 84,
    fluff: 82,
    tail: [
      [8, 25],
      [2, 38, 'corner'],
      [9, 55],
    ],
    back: 36,
    breast: 89,
    neck: 11,
  },
  light: {
    belly: 68,
    fluff: 62,
    tail: [
      [5, 10],
      [0, 17, 'corner'],
      [11, 42],
    ],
    back: 40,
    breast: 84,
    neck: 7.5,
  },
  medium: {
    belly: 74,
    fluff: 71,
    tail: [
      [6, 19],
      [0, 27, 'corner'],
      [8, 47],
    ],
    back: 40,
    breast: 87,
    neck: 9,
  },
  heavy: {
    belly: 79,
    fluff: 78,
    tail: [
      [6, 27],
      [0, 36, 'corner'],
      [7, 53],
    ],
    back: 38,
    breast: 89,
    neck: 10.5,
  },
  giant: {
    belly: 82,
    fluff: 82,
    tail: [
      [7, 31],
      [1, 41, 'corner'],
      [6, 58],
    ],
    back: 38,
    breast: 90,
    neck: 11.5,
  },
};

/** Combs from the side, over a crown at 0 with the beak to the right: across, and up from it. */
export const COMBS: Readonly<
  Record<'single' | 'pea' | 'rose' | 'walnut' | 'other', readonly OutlinePoint[]>
> = {
  single: [
    [-9, 3],
    [-10, -4],
    [-7, -6, 'corner'],
    [-5.5, -3, 'corner'],
    [-3, -9, 'corner'],
    [-1, -4, 'corner'],
    [2, -9.5, 'corner'],
    [3.5, -4, 'corner'],
    [6.5, -7, 'corner'],
    [8, 3],
  ],
  pea: [
    [-5, 2],
    [-4, -2.5],
    [-1.5, -1.5],
    [1, -3.5],
    [3.5, -2],
    [6, -2.5],
    [7, 3],
  ],
  rose: [
    [-11, -3, 'corner'],
    [-5, -3.5],
    [1, -5],
    [6, -3.5],
    [8, 2],
    [0, 2.5],
    [-6, 1],
  ],
  walnut: [
    [-2, 2],
    [-1, -3],
    [3, -4],
    [7, -1.5],
    [7, 3],
  ],
  other: [
    [-3, 2],
    [-5, -5, 'corner'],
    [0, -1.5],
    [2, -6, 'corner'],
    [6, 3],
  ],
};
