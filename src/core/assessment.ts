import type { FlockByDay } from './birds/flock';
import type { ReachMap } from './geometry/reach';
import type { FootMark, StickMark } from './geometry/stick';
import type { Event } from './kernel/event';
import type { Finding } from './kernel/finding';
import type { Sentence } from './kernel/sentence';
import type { StationId } from './kernel/station';
import type { Figures, Items } from './kernel/working';
import type { ZoneId } from './model/scope';
import type { ChosenSchool } from './rules/book';
import type { RuleBook } from './rules/types';
import type { BroodPlan } from './stations/brooder/brooder';
import type { DemandRow } from './stations/flock/flock';
import type { MonthRow } from './stations/flock/monthly';
import type { PlacedBird } from './stations/roosts/perched';
import type { SchoolOffer } from './stations/schools';
import type { Stave } from './staves';

/** What is worked from a plan. What is only told of it is made when it is first read. */
export interface Assessment {
  readonly on: string;
  readonly planned: number;
  readonly plannedOn: string | null;
  readonly today: number;
  /** Birds the coop carries; null until every main station has been entered. */
  readonly carries: number | null;
  readonly heldBackBy: readonly StationId[];
  readonly sentence: Sentence;
  readonly staves: readonly Stave[];
  readonly figures: Figures;
  /** What the lists in the figures' workings have one of for each. */
  readonly items: Items;
  readonly findings: readonly Finding[];
  /** What each school of each topic would give. */
  readonly schools: Readonly<Record<string, readonly SchoolOffer[]>>;
  readonly chosen: Readonly<Record<string, ChosenSchool>>;
  /** Days of the horizon on which the flock changes, with the figure of its birds; the first is `on`. */
  readonly days: readonly { readonly day: string; readonly figure: string }[];
  /** The flock by day, and what it asks for today and at most. */
  readonly flock: FlockByDay;
  readonly demand: readonly DemandRow[];
  readonly months: readonly MonthRow[];
  /** What comes on a day of the plan, the first to come first. */
  readonly events: readonly Event[];
  /** Litter as it is cleaned out, m: entered, or worked by the school. */
  readonly litterFinalM: number;
  /** Where each bird sleeps, in the zone it lives in. */
  readonly birds: readonly PlacedBird[];
  /** Floor within the keeper's reach; null until a door or a hatch has been entered. */
  readonly reach: ReachMap | null;
  /** Chicks of the largest brood, what the brooder carries of them, and each brood week by week. */
  readonly brooder: {
    readonly chicks: number;
    readonly carries: number | null;
    readonly broods: readonly BroodPlan[];
  };
  /** Each zone of a partitioned coop, assessed by itself; null for a coop that is one. */
  readonly zones: Readonly<Record<ZoneId, Assessment>> | null;
  readonly marks: readonly StickMark[];
  /** Lengths along the foot: from the left wall, and from the front wall. */
  readonly feet: { readonly x: readonly FootMark[]; readonly y: readonly FootMark[] };
}

export interface AssessOptions {
  /** The day assessed, YYYY-MM-DD. The core reads no clock. */
  readonly on: string;
  readonly book?: RuleBook;
  /** Leaves out what other schools would give and what is only drawn: for proving remedies. */
  readonly lean?: boolean;
}
