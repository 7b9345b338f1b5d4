import { METRES_PER_INCH } from '../kernel/units/factors.data';

/** A pipe as it is sold: what it is called is not what it measures. */
export interface Pipe {
  readonly id: string;
  /** What is printed on it. */
  readonly name: string;
  readonly outsideM: number;
  readonly boreM: number;
}

const inches = (name: string, id: string, outside: number, bore: number): Pipe => ({
  id: `schedule40-${id}`,
  name: `${name} in, schedule 40`,
  outsideM: outside * METRES_PER_INCH,
  boreM: bore * METRES_PER_INCH,
});

/** Wall of a metric drain pipe until it has been measured, mm. Source: domain notes, "Settled", 28. */
const drainWallMm = (outsideMm: number): number => (outsideMm >= 75 ? 3.2 : 1.8);
const drain = (mm: number): Pipe => ({
  id: `drain-${mm}`,
  name: `${mm} mm drain`,
  outsideM: mm / 1000,
  boreM: (mm - 2 * drainWallMm(mm)) / 1000,
});
const supply = (mm: number): Pipe => ({
  id: `supply-${mm}`,
  name: `${mm} mm supply`,
  outsideM: mm / 1000,
  // the wall of a supply pipe is about a thirteenth of it
  boreM: (mm * (1 - 2 / 13)) / 1000,
});

/**
 * Pipes of both systems, small to large. The outside of a fitting is measured: it is larger than its pipe.
 * @source published: nominal and true sizes of PVC schedule 40; metric pipe is called by its outside
 */
export const PIPES: readonly Pipe[] = [
  inches('1/2', '050', 0.84, 0.622),
  inches('3/4', '075', 1.05, 0.824),
  inches('1', '100', 1.315, 1.049),
  inches('1 1/4', '125', 1.66, 1.38),
  inches('1 1/2', '150', 1.9, 1.61),
  inches('2', '200', 2.375, 2.067),
  inches('3', '300', 3.5, 3.068),
  inches('4', '400', 4.5, 4.026),
  ...[16, 20, 25, 32, 40, 50, 63].map(supply),
  ...[32, 40, 50, 75, 90, 110, 125, 160].map(drain),
];

/** A pipe measured so, m, has this outside within half a millimetre. */
const NEAR_M = 0.0005;

/**
 * What a pipe of this outside is sold as; null where it is none of the table.
 * @example pipeOf(0.11).name // '110 mm drain'
 */
export const pipeOf = (outsideM: number): Pipe | null =>
  PIPES.filter((p) => Math.abs(p.outsideM - outsideM) < NEAR_M).at(-1) ?? null;
