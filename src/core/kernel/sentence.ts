import type { StationId } from './finding';

/** The pair of a day on which the birds living here are not the planned ones. */
export interface Pair {
  /** First day of it, YYYY-MM-DD; null where it is so today. */
  readonly from: string | null;
  readonly birds: number;
  readonly of: number;
}

/** Birds of one breed and sex. */
export interface Kind {
  readonly breed: string;
  readonly kind: 'chicken' | 'duck';
  readonly sex: 'hen' | 'cock';
  readonly birds: number;
}

/** Kinds of which nobody is served at a station on the day that sets it. */
export interface Apart {
  readonly station: StationId;
  /** What they lack there: a thing they get to, or room on it. */
  readonly lack: 'reach' | 'room';
  /** Those who find nothing, and the others. */
  readonly none: readonly Kind[];
  readonly others: readonly Kind[];
  /** Birds of each lot that find nothing. */
  readonly counts: readonly number[];
  /** How many of the others the coop carries, and each station that carries. */
  readonly carried: number;
  readonly at: readonly number[];
  /** First day of it, YYYY-MM-DD; null where it is so today. */
  readonly from: string | null;
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
      /** Where a whole kind finds nothing: who is carried and who is not. */
      readonly apart?: Apart;
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
