import type { StationId } from './finding';

/** The one sentence, as data; `src/text/sentence.ts` has the words. */
export type Sentence =
  | { readonly kind: 'noBirds' }
  | { readonly kind: 'notEntered'; readonly stations: readonly StationId[] }
  | {
      readonly kind: 'short';
      readonly carries: number;
      readonly planned: number;
      readonly heldBackBy: readonly StationId[];
    }
  | {
      readonly kind: 'enough';
      readonly carries: number;
      readonly planned: number;
      readonly room: number;
      readonly next: readonly StationId[];
    };
