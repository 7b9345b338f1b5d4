import { dayOf, type FlockByDay } from './birds/flock';
import type { Sentence } from './sentence';
import type { StationId } from './station';
import type { StationCarry } from './stations/context';
import { type Verdict, verdictOf } from './stations/verdict';

/** A station's rail: what it carries against the plan. */
export interface Stave {
  readonly station: StationId;
  readonly state: StationCarry['state'];
  /** Birds it carries; null where it carries nothing or has not been entered. */
  readonly carries: number | null;
  readonly verdict: Verdict | null;
  /** The day in the horizon that sets it. */
  readonly setOn: string | null;
  /** First day from which it falls short; null where it never does. */
  readonly shortFrom: string | null;
}

/** What a coop cannot be told to carry without. */
const MAIN: ReadonlySet<StationId> = new Set(['floor', 'roosts', 'nests']);

export const carriesNothing = (station: StationId): Stave => ({
  station,
  state: 'notApplicable',
  carries: null,
  verdict: null,
  setOn: null,
  shortFrom: null,
});

export function stave(
  station: StationId,
  carry: StationCarry,
  shortOn: number | null,
  flock: FlockByDay,
): Stave {
  if (carry.state !== 'carries') return { ...carriesNothing(station), state: carry.state };
  const { carries, setOn } = carry;
  return {
    station,
    state: 'carries',
    carries,
    verdict: verdictOf(carries, flock.planned),
    setOn: dayOf(flock, setOn),
    shortFrom: shortOn === null ? null : dayOf(flock, shortOn),
  };
}

/** What each station that carries carries. */
export const railsOf = (staves: readonly Stave[]): number[] =>
  staves.flatMap((s) => (s.carries === null ? [] : [s.carries]));

/** The shortest stave is what the coop carries, once every main station has been entered. */
export function shortest(staves: readonly Stave[]): {
  carries: number | null;
  heldBackBy: StationId[];
} {
  const numbered = staves.filter((s) => s.carries !== null);
  if (numbered.length === 0 || missing(staves).length > 0) {
    return { carries: null, heldBackBy: [] };
  }
  const carries = Math.min(...numbered.map((s) => s.carries ?? Infinity));
  return {
    carries,
    heldBackBy: numbered.filter((s) => s.carries === carries).map((s) => s.station),
  };
}

/** Main stations that have not been entered. */
const missing = (staves: readonly Stave[]): StationId[] =>
  staves.filter((s) => s.state === 'notEntered' && MAIN.has(s.station)).map((s) => s.station);

export function sentenceOf(
  staves: readonly Stave[],
  carries: number | null,
  heldBackBy: readonly StationId[],
  planned: number,
): Sentence {
  if (planned === 0) return { kind: 'noBirds' };
  if (carries === null) {
    return { kind: 'notEntered', stations: missing(staves) };
  }
  return carries < planned
    ? { kind: 'short', carries, planned, heldBackBy }
    : { kind: 'enough', carries, planned, room: carries - planned, next: heldBackBy };
}
