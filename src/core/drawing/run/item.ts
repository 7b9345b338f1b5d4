import type { Shape } from '../shape';

/** A thing in the drawing of a run. */
export interface RunItem {
  readonly what: 'house' | 'fixture' | 'bird';
  readonly key: string;
  readonly shapes: readonly Shape[];
}
