/**
 * A rule's two everyday forms, as keepers of either system say it, beside the value that decides: the lesser of the
 * two for a least, the greater for a most, so that whoever builds by either form passes.
 */
export interface Everyday {
  /** The value that decides, m or m². */
  readonly si: number;
  /** cm, or m². */
  readonly metric: number;
  /** in, or ft². */
  readonly imperial: number;
}

const rows = (list: readonly (readonly [number, number, number])[]): readonly Everyday[] =>
  list.map(([si, metric, imperial]) => ({ si, metric, imperial }));

/** Lengths of the trade: m, cm, in. */
export const EVERYDAY_LENGTHS = rows([
  [0.00635, 0.6, 0.25],
  [0.01, 1, 0.5],
  [0.012, 1.2, 0.5],
  [0.013, 1.3, 0.5],
  [0.015, 1.5, 0.625],
  [0.02, 2, 0.875],
  [0.025, 2.5, 1],
  [0.03, 3, 1.25],
  [0.038, 3.8, 1.5],
  [0.04, 4, 1.625],
  [0.05, 5, 2],
  [0.06, 6, 2.5],
  [0.0635, 6.4, 2.5],
  [0.08, 8, 3.25],
  [0.09, 9, 3.625],
  [0.1, 10, 4],
  [0.12, 12, 5],
  [0.14, 14, 5.5],
  [0.15, 15, 6],
  [0.18, 18, 7.5],
  [0.2, 20, 8],
  [0.2286, 23, 9],
  [0.25, 25, 10],
  [0.3, 30, 12],
  [0.3556, 36, 14],
  [0.38, 38, 15],
  [0.4, 40, 16],
  [0.45, 45, 18],
  [0.4572, 46, 18],
  [0.5, 50, 20],
  [0.55, 55, 22],
  [0.6, 60, 24],
  [0.61, 60, 24],
  [0.762, 75, 30],
  [0.9, 90, 36],
  [1, 100, 40],
  [1.1, 110, 44],
  [1.2, 120, 48],
  [1.2192, 120, 48],
  [1.55, 155, 60],
]);

/** Areas of the trade: m², m², ft². */
export const EVERYDAY_AREAS = rows([
  [0.0929, 0.093, 1],
  [0.25, 0.25, 2.7],
  [0.325, 0.33, 3.5],
  [0.6967, 0.7, 7.5],
  [0.836, 0.85, 9],
  [0.929, 0.93, 10],
  [0.0464, 0.05, 0.5],
  [0.09, 0.09, 1],
  [0.1393, 0.14, 1.5],
  [0.1858, 0.19, 2],
  [0.24, 0.24, 2.6],
  [0.03, 0.03, 0.33],
]);
