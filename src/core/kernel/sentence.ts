import type { StationId } from './finding';

/** The pair of a day on which the birds living here are not the planned ones. */
export interface Pair {
  /** First day of it, YYYY-MM-DD; null where it is so today. */
  readonly from: string | null;
  readonly birds: number;
  readonly of: number;
}

/** The one sentence, as data; `src/text/sentence.ts` has the words. */
export type Sentence =
  | { readonly kind: 'noBirds' }
  | { readonly kind: 'notEntered'; readonly stations: readonly StationId[] }
  | {
      readonly kind: 'short';
      readonly carries: number;
      readonly planned: number;
      readonly heldBackBy: readonly StationId[];
      /** Where the day that sets it has other birds than the planned ones. */
      readonly pair?: Pair;
    }
  | {
      readonly kind: 'enough';
      readonly carries: number;
      readonly planned: number;
      readonly room: number;
      readonly next: readonly StationId[];
      /** Whether no end was found: it carries that many or more. */
      readonly orMore?: true;
    };
