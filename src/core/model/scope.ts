import type { Plan } from './schema';

export type ZoneId = 'near' | 'beyond';
export const ZONES: readonly ZoneId[] = ['near', 'beyond'];

/** One of the two coops that a partition makes of one. */
export interface Zone {
  readonly id: ZoneId;
  /** Its part of the floor, m. */
  readonly floor: {
    readonly x0: number;
    readonly x1: number;
    readonly y0: number;
    readonly y1: number;
  };
  /** Its share of the run. */
  readonly ofRun: number;
}

/**
 * What is judged by itself: a whole coop, or one zone of a parted one. A zone's plan has the birds and the fixtures
 * of the zone; shell, keeper's strip and run are the whole coop's, and `zone` says how much of them is its own.
 */
export type Scoped = Plan & { readonly zone?: Zone };

/** The floor that is in view, m: of a whole coop all of it. */
export const floorOf = ({ zone, shell }: Pick<Scoped, 'zone' | 'shell'>): Zone['floor'] =>
  zone?.floor ?? { x0: 0, x1: shell.lengthM, y0: 0, y1: shell.widthM };
