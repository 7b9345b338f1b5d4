import type { FlockSizes } from '../birds/flockSizes';
import type { FindingCode, RemedyCode } from '../kernel/codes.data';
import type { Finding } from '../kernel/finding';
import type { Unit } from '../kernel/working';
import type { Plan } from '../model/schema';
import type { Scoped } from '../model/scope';

/** A number a remedy speaks of: what it would set. */
export interface RemedyNumber {
  readonly value: number;
  readonly unit: Unit;
}

/** What is done, as it is told. */
export interface Told {
  /** Key into the words of `src/text/remedies.ts`. */
  readonly code: RemedyCode;
  readonly fixtures: readonly string[];
  readonly numbers: Readonly<Record<string, RemedyNumber>>;
  /** A wall it speaks of. */
  readonly wall?: 'front' | 'rear' | 'left' | 'right';
  /** What it is done piece by piece: each told under it. */
  readonly parts?: readonly Told[];
}

/** A change to the plan that may mend a finding; not proved yet. */
export interface Proposal extends Told {
  /** The same again and more of it: offered only where less of it was not enough. */
  readonly more?: boolean;
  /** Offered only where nothing else mends it without bringing something as bad. */
  readonly last?: boolean;
  /** Changes beside it, each told on a line of its own. */
  readonly also?: readonly Told[];
  /** Work and money, in hours, where it is not what `costs.ts` has for its code. */
  readonly hours?: number;
  /** Changes a copy of the plan. */
  readonly change: (draft: Plan) => void;
}

/** Up to four changes that an assessment has proved to remove a finding together. */
export interface Remedy extends Told {
  /** Key of the finding it mends. */
  readonly finding: string;
  /** What is done, one after another; the first is what the remedy itself says. */
  readonly steps: readonly Told[];
  /** The plan as it would be. */
  readonly plan: Plan;
  /** Codes of findings of equal or higher severity that it brings or multiplies; empty for most. */
  readonly brings: readonly FindingCode[];
  /** Codes of lesser findings that it brings or multiplies. */
  readonly lesser: readonly FindingCode[];
  /** Codes of findings of equal or higher severity, told already, that then fall further short; empty for most. */
  readonly worsens: readonly FindingCode[];
  /** Work and money, in hours. */
  readonly hours: number;
  /** What the coop would carry; null until every main station has been entered. */
  readonly carries: number | null;
  /** What each station would carry, by its id. */
  readonly rails: Readonly<Record<string, number>>;
}

/** Things of a kind added at once, at most. */
export const MOST_ADDED = { popDoor: 6, bar: 4, vessel: 6 } as const;

/** Makes the changes that may mend one kind of finding. */
export type Proposer = (finding: Finding, ctx: ProposalContext) => readonly Proposal[];

/** What may mend each kind of finding. */
export type Proposers<P = Proposer> = Readonly<Partial<Record<FindingCode, readonly P[]>>>;

/** The same one by one, each made when it is asked for. */
export type LazyProposer = (finding: Finding, ctx: ProposalContext) => Iterable<Proposal>;

export interface ProposalContext {
  /** The plan, with the final depth of its litter. */
  readonly plan: Scoped;
  readonly sizes: FlockSizes;
  /** The heaviest bird that sleeps on bars, kg. */
  readonly heaviestKg: number;
  /** A figure's value by its id; undefined where there is none. */
  readonly value: (figure: string) => number | undefined;
}

/**
 * A length that a remedy speaks of, m.
 * @param value  m
 * @example metres(0.3) // { value: 0.3, unit: 'm' }
 */
export const metres = (value: number): RemedyNumber => ({ value, unit: 'm' });
