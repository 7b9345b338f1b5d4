import type { Bar } from '../../model/schema';
import type { Seating } from './packing';

export interface CountedBar {
  readonly bar: Bar;
  readonly effectiveM: number;
}

/** Who sits where when the planned flock goes up on the setting day. */
export interface FlockSeats extends Seating {
  /** The day of the horizon on which they sit so. */
  readonly d: number;
  readonly bars: readonly CountedBar[];
  readonly counts: readonly number[];
  readonly widths: readonly number[];
}
