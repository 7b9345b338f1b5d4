import type { Finding } from '../finding';
import type { Plan } from '../plan/schema';
import type { Unit } from '../working';

/** A number a remedy speaks of: what it would set. */
export interface RemedyNumber {
  readonly value: number;
  readonly unit: Unit;
}

/** A change to the plan that may mend a finding; not proved yet. */
export interface Proposal {
  /** Key into the words of `src/text/remedies.ts`. */
  readonly code: string;
  readonly fixtures: readonly string[];
  readonly numbers: Readonly<Record<string, RemedyNumber>>;
  /** A wall it speaks of. */
  readonly wall?: 'front' | 'rear' | 'left' | 'right';
  /** The same again and more of it: offered only where less of it was not enough. */
  readonly more?: boolean;
  /** Changes a copy of the plan. */
  readonly change: (draft: Plan) => void;
}

/** A proposal that an assessment has proved to remove its finding. */
export interface Remedy extends Omit<Proposal, 'change' | 'more'> {
  /** Key of the finding it mends. */
  readonly finding: string;
  /** The plan as it would be. */
  readonly plan: Plan;
  /** Codes of findings of equal or higher severity that it brings or multiplies; empty for most. */
  readonly brings: readonly string[];
  /** Codes of such findings, told already, that then fall further short; empty for most. */
  readonly worsens: readonly string[];
  /** What the coop would carry; null until every main station has been entered. */
  readonly carries: number | null;
  /** What each station would carry, by its id. */
  readonly rails: Readonly<Record<string, number>>;
}

/** Makes the changes that may mend one kind of finding. */
export type Proposer = (finding: Finding, ctx: ProposalContext) => readonly Proposal[];

export interface ProposalContext {
  readonly plan: Plan;
  /** The heaviest bird that sleeps on bars, kg. */
  readonly heaviestKg: number;
  /** A figure's value by its id; undefined where there is none. */
  readonly value: (figure: string) => number | undefined;
}

export const metres = (value: number): RemedyNumber => ({ value, unit: 'm' });

/** To the whole centimetre, upwards or downwards: what a tape can read. */
export const cmUp = (m: number): number => Math.ceil(m * 100 - 1e-6) / 100;
export const cmDown = (m: number): number => Math.floor(m * 100 + 1e-6) / 100;
