import type { StationId } from './station';
import type { Unit } from './working';

export type Severity = 'harm' | 'short' | 'awkward';

export const SEVERITIES: readonly Severity[] = ['harm', 'short', 'awkward'];

export { STATIONS, type StationId } from './station';

/** A number a finding speaks of; `figure` leads to its working. */
export interface FindingNumber {
  readonly value: number;
  readonly unit: Unit;
  readonly figure: string;
}

/** A solid in the coop, m: what a fixture fills or a fault concerns. */
export interface Solid {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
  readonly z0: number;
  readonly z1: number;
}

/** One rule broken: codes and numbers only; `src/text/findings.ts` has the words. */
export interface Finding {
  /** `<station>.<thing>.<fault>` */
  readonly code: string;
  /** Code and sorted fixture ids: one cause, one key. */
  readonly key: string;
  readonly station: StationId;
  readonly severity: Severity;
  readonly fixtures: readonly string[];
  readonly numbers: Readonly<Record<string, FindingNumber>>;
  readonly zone: Solid | null;
  /** From which day; null or left out where it holds whatever the day. */
  readonly from?: string | null;
  /** The last day on which it holds, where it ends; null or left out where it lasts. */
  readonly till?: string | null;
}

/** The days on which something holds, both counted; `till` is null where it lasts. */
export interface When {
  readonly from: string;
  readonly till: string | null;
}

export const findingKey = (code: string, fixtures: readonly string[]): string =>
  [code, ...[...fixtures].sort()].join('|');

/** Whether it says that a station has less than its flock asks for, and by how much. */
const fallsShort = (f: Finding): boolean => f.code.endsWith('.short');

/** Worst first, of equals what falls short of the flock first, then by key, so that the order never depends on chance. */
export const byWorst = (a: Finding, b: Finding): number =>
  SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) ||
  Number(fallsShort(b)) - Number(fallsShort(a)) ||
  (a.key < b.key ? -1 : 1);
