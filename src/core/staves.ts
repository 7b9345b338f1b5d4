import { dayOf, type FlockByDay } from './birds/flock';
import { type Verdict, verdictOf } from './carrying/verdict';
import type { When } from './kernel/finding';
import type { Apart, Pair, Sentence } from './kernel/sentence';
import type { StationId } from './kernel/station';
import type { StationCarry } from './stations/context';

/** A station's rail: what it carries against the plan. */
export interface Stave {
  readonly station: StationId;
  readonly state: StationCarry['state'];
  /** Birds it carries; null where it carries nothing or has not been entered. */
  readonly carries: number | null;
  readonly verdict: Verdict | null;
  /** The day in the horizon that sets it. */
  readonly setOn: string | null;
  /** First day from which it falls short, and the last of those days where they end; null where it never does. */
  readonly shortFrom: string | null;
  readonly shortTill: string | null;
  /** Whether it carries that many or more: no end was looked for beyond. */
  readonly orMore: boolean;
  /** Of the birds living on the day that sets it, where those are not the planned ones: so many find what they ask for. */
  readonly pair: Pair | null;
  /** Kinds of which nobody is served on the day that sets it; null where every kind is. Worked when it is read. */
  readonly apart?: Apart | null;
  /** Where two seasons ask for different things: what is there by what is asked for, 0 and up. */
  readonly seasons?: Seasons | null;
}

/** What is there by what is asked for, in each season; 1 is just enough. */
export interface Seasons {
  readonly winter: number;
  readonly summer: number;
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
  shortTill: null,
  orMore: false,
  pair: null,
});

export function stave(
  station: StationId,
  carry: StationCarry,
  short: When | null,
  flock: FlockByDay,
): Stave {
  if (carry.state !== 'carries') return { ...carriesNothing(station), state: carry.state };
  const { carries, setOn, orMore, fitting, present } = carry;
  return {
    station,
    state: 'carries',
    carries,
    verdict: verdictOf(carries, flock.planned),
    setOn: dayOf(flock, setOn),
    shortFrom: short?.from ?? null,
    shortTill: short?.till ?? null,
    orMore,
    pair:
      present === flock.planned
        ? null
        : { from: setOn === 0 ? null : dayOf(flock, setOn), birds: fitting, of: present },
  };
}

/** What each station that carries carries. */
export const railsOf = (staves: readonly Stave[]): number[] =>
  staves.flatMap((s) => (s.carries === null ? [] : [s.carries]));

/** The shortest stave is what the coop carries, once every main station has been entered. */
export function shortest(staves: readonly Stave[]): {
  carries: number | null;
  heldBackBy: StationId[];
  pair: Pair | null;
  apart: Apart | null;
  orMore: boolean;
} {
  const numbered = staves.filter((s) => s.carries !== null);
  if (numbered.length === 0 || missing(staves).length > 0) {
    return { carries: null, heldBackBy: [], pair: null, apart: null, orMore: false };
  }
  const carries = Math.min(...numbered.map((s) => s.carries ?? Infinity));
  const back = numbered.filter((s) => s.carries === carries);
  return {
    carries,
    heldBackBy: back.map((s) => s.station),
    // the day's own pair is told of the first station named
    pair: back[0]?.pair ?? null,
    get apart() {
      for (const { apart } of back) if (apart) return apart;
      return null;
    },
    orMore: back.every((s) => s.orMore),
  };
}

/** Main stations that have not been entered. */
const missing = (staves: readonly Stave[]): StationId[] =>
  staves.filter((s) => s.state === 'notEntered' && MAIN.has(s.station)).map((s) => s.station);

/**
 * What the staves come to, in one sentence.
 * @example sentenceOf([], 0).kind // 'noBirds'
 */
export function sentenceOf(staves: readonly Stave[], planned: number): Sentence {
  const all = shortest(staves);
  const { carries, heldBackBy, pair, orMore } = all;
  if (planned === 0) return { kind: 'noBirds' };
  if (carries === null) return { kind: 'notEntered', stations: missing(staves) };
  if (carries < planned) {
    const { apart } = all;
    const more = { ...(pair ? { pair } : {}), ...(apart ? { apart } : {}) };
    return { kind: 'short', carries, planned, heldBackBy, ...more };
  }
  const room = carries - planned;
  const more = orMore ? ({ orMore } as const) : {};
  return { kind: 'enough', carries, planned, room, next: heldBackBy, ...more };
}
