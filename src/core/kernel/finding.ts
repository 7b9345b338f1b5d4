import type { FindingCode } from './codes.data';
import { STATIONS, type StationId } from './station';
import type { Unit } from './working';

export type Severity = 'harm' | 'short' | 'awkward';

export const SEVERITIES: readonly Severity[] = ['harm', 'short', 'awkward'];
const RANK: Readonly<Record<Severity, number>> = { harm: 0, short: 1, awkward: 2 };

export type { FindingCode } from './codes.data';
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
  readonly code: FindingCode;
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
  /** The first day of another spell of it, earlier or later; left out where this is the only one. */
  readonly another?: string;
}

/** The days on which something holds, both counted; `till` is null where it lasts. */
export interface When {
  readonly from: string;
  readonly till: string | null;
  /** The first day of another spell, where there is one. */
  readonly another?: string;
}

export function findingKey(code: string, fixtures: readonly string[]): string {
  if (fixtures.length === 0) return code;
  const [first, second] = fixtures as readonly [string, string?];
  if (second === undefined) return `${code}|${first}`;
  if (fixtures.length > 2) return [code, ...[...fixtures].sort()].join('|');
  return first < second ? `${code}|${first}|${second}` : `${code}|${second}|${first}`;
}

/** Whether it says that a station has less than its flock asks for, and by how much. */
const fallsShort = ({ code }: Finding): boolean => {
  let falls = FALLS_SHORT.get(code);
  if (falls === undefined) {
    falls = code.endsWith('.short');
    FALLS_SHORT.set(code, falls);
  }
  return falls;
};
/** Codes are few and asked about often. */
const FALLS_SHORT = new Map<FindingCode, boolean>();

/** Where a station stands in the order of the work. */
const ORDER = Object.fromEntries(STATIONS.map((id, i) => [id, i])) as Record<StationId, number>;

/**
 * Worst first, of equals in the order of the work, at a station what falls short of the flock first, then by key, so
 * that the order never depends on chance.
 */
export const byWorst = (a: Finding, b: Finding): number =>
  RANK[a.severity] - RANK[b.severity] ||
  ORDER[a.station] - ORDER[b.station] ||
  Number(fallsShort(b)) - Number(fallsShort(a)) ||
  (a.key < b.key ? -1 : 1);
