import type { Patch } from 'immer';
import type { StoreApi } from 'zustand';
import type { Assessment } from '@/core/assess';
import type { Section, View } from '@/core/drawing/shape';
import type { Clash } from '@/core/edit/merge';
import type { StationId } from '@/core/kernel/finding';
import type { Plan } from '@/core/model/schema';
import type { ZoneId } from '@/core/model/scope';
import type { InTheWay } from '@/core/placing/inTheWay';
import type { Sight } from '@/core/sight';
import type { FindingTable } from '@/text/findingSay';
import type { ShownRemedies } from '@/text/remedies';

/** One edit: one gesture or one field's commit, with the way there and back. */
interface Step {
  readonly name: string;
  readonly forward: Patch[];
  readonly back: Patch[];
}

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'notSaved'; readonly why: string }
  | {
      /** Another window changed the same values: nothing is saved until one window's are taken. */
      readonly kind: 'conflict';
      /** The plan that both windows edited. */
      readonly base: Plan;
      readonly theirs: Plan;
      readonly revision: number;
      readonly clashes: readonly Clash[];
    };

/** Edits kept in the browser since an earlier visit. */
export interface Offered {
  readonly plan: Plan;
  readonly when: string;
}

export interface BenchState {
  readonly plan: Plan | null;
  readonly on: string;
  readonly assessment: Assessment | null;
  /** Whether this window has worked the assessment; before, it is what the server sent to be seen first. */
  readonly worked: boolean;
  readonly revision: number;
  readonly save: SaveState;
  /** Edits of an earlier visit that were never acknowledged, offered. */
  readonly offered: Offered | null;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  readonly station: StationId;
  readonly view: View;
  /** The wall last looked in through, and how far in from it the coop is cut, m. */
  readonly section: Section;
  readonly cutM: number;
  /** Section and plan at once, where there is room. */
  readonly both: boolean;
  /** The run is looked at instead of the coop. */
  readonly run: boolean;
  /** What is being moved: the plan shown is as it would be if it were let go. */
  readonly held: Held | null;
  /** Where something was put and could not stay. */
  readonly refused: Refused | null;
  /** The zone in view, where a partition makes two. */
  readonly zone: ZoneId;
  /** Picked fixture's id, and picked finding's key. */
  readonly picked: string | null;
  readonly pickedFinding: string | null;
  /** On a phone: the staves, or the station's drawing and panel. */
  readonly pane: 'staves' | 'coop';
  /** What came from another window since the last edit here. */
  readonly news: string | null;
  /** What was just done, for readers of the screen. */
  readonly said: string;
  /** What is rested on before it is pressed: drawn faintly. */
  readonly ghost: Ghost | null;
  /** What would mend the findings in view, as the server has found it: shown until the browser has found it too. */
  readonly foretold: Foretold;
}

/** By finding, what would mend it, in words. */
export type Foretold = Readonly<Record<string, ShownRemedies>>;

/** Things in hand, and what was before they were taken up. */
export interface Held {
  readonly plan: Plan;
  readonly assessment: Assessment;
  readonly fixtures: readonly string[];
  /** The flock as it is drawn meanwhile: seated anew only when the hand rests. */
  readonly birds: Assessment['birds'];
}

/** A move that was not taken: it can be forced. */
export interface Refused {
  readonly plan: Plan;
  readonly name: string;
  readonly fixture: string;
  readonly ways: readonly InTheWay[];
}

/** How a school or a remedy would have it. */
export interface Ghost {
  /** Its plan, where fixtures would change. */
  readonly plan: Plan | null;
  /** What stations would carry. */
  readonly rails: Readonly<Record<string, number>>;
}

/** One page's store: its plan, its edits and its assessment. */
export type BenchStore = StoreApi<BenchState>;

/** The plan as it stands: while something is in hand, as it was before. */
export const standing = ({ held, plan }: Pick<BenchState, 'held' | 'plan'>): Plan | null =>
  held?.plan ?? plan;

export const EMPTY: BenchState = {
  plan: null,
  on: '',
  assessment: null,
  worked: true,
  revision: 0,
  save: { kind: 'saved' },
  offered: null,
  past: [],
  future: [],
  station: 'roosts',
  view: 'front',
  section: 'front',
  cutM: 0,
  both: false,
  run: false,
  held: null,
  refused: null,
  zone: 'near',
  picked: null,
  pickedFinding: null,
  pane: 'staves',
  news: null,
  said: '',
  ghost: null,
  foretold: {},
};

/** What the server has worked of a plan for its page. */
export interface FirstSight {
  readonly sight: Sight;
  readonly foretold: Foretold;
  /** The words of its findings: all the others come with the engine. */
  readonly words: FindingTable;
}
