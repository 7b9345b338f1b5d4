import type { Evidence } from '../kernel/evidence';
import type { StationId } from '../kernel/station';

/** What a rule's value scales with: a bird's linear size, her area, nothing, or her size only where she is small or large. */
export type Scale = 'none' | 'length' | 'area' | 'sideways';

/** One row a school: what it asks, how it scales, how well founded it is and why its keepers hold it. */
export interface RuleRow {
  /** `<topic>.<school>`, stable: plans refer to it. */
  readonly id: string;
  readonly topic: string;
  /** The keepers' name for it. */
  readonly school: string;
  /** The reason its keepers give. */
  readonly why: string;
  /** SI values; the topic's own parameter is named in topics.data. */
  readonly params: Readonly<Record<string, number>>;
  readonly scale: Scale;
  /** Live mass of a bird, kg, for which it is held to apply. */
  readonly validMassKg: readonly [number, number];
  readonly evidence: Evidence;
  readonly source: string;
  /** A legal floor is shown to compare with and is never a target. */
  readonly comparisonOnly?: boolean;
}

/** A subject on which schools differ and the keeper chooses. */
export interface Topic {
  readonly id: string;
  readonly station: StationId;
  /** The parameter that a custom value replaces; null where the schools differ in kind. */
  readonly param: string | null;
  readonly unit: 'm' | 'm2' | 'hensPerBox' | 'ratio' | 'days' | null;
  readonly defaultRule: string;
  /** What a keeper's own value may be; null where she has none. */
  readonly customRange: readonly [number, number] | null;
}

/** Everything a run of the core takes as its rules; tests pass their own. */
export interface RuleBook {
  readonly rows: readonly RuleRow[];
  readonly topics: readonly Topic[];
}
