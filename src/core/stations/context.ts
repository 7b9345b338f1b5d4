import { dayOf, type FlockByDay } from '../birds/flock';
import type { PerBird } from '../carrying/asked';
import {
  type Carries,
  type Carry,
  type Spell,
  type StationDemand,
  spellOf,
} from '../carrying/carrying';
import type { Finding, StationId, When } from '../kernel/finding';
import type { Basis, Figure } from '../kernel/working';
import type { Plan } from '../model/schema';
import type { ChosenSchool } from '../rules/book';
import type { RuleBook } from '../rules/types';
import type { LitterCourse } from './litterCourse';

/** What every station is worked from. */
export interface StationContext {
  readonly plan: Plan;
  readonly flock: FlockByDay;
  readonly book: RuleBook;
  /** Chosen school by topic. */
  readonly schools: Readonly<Record<string, ChosenSchool>>;
  /** Whether it is one zone of a parted coop. */
  readonly zone: boolean;
  /** How its litter grows; `plan` has the final depth that follows. */
  readonly litter: LitterCourse;
  /** Leaves out what is only told: for proving remedies. */
  readonly lean: boolean;
  /** Works something once for this assessment and keeps it under its name. */
  readonly once: <T>(name: string, work: () => T) => T;
  /** Works something anew only where what it is worked from is no longer the same. */
  readonly kept: Kept;
}

/**
 * Gives what was worked under a name before where every part is the same object or number as then.
 * @param from  all that the work reads
 */
export type Kept = <T>(name: string, from: readonly unknown[], work: () => T) => T;

/** A memory from one assessment to the next. */
export function createKept(): Kept {
  const known = new Map<string, { from: readonly unknown[]; value: unknown }>();
  return <T>(name: string, from: readonly unknown[], work: () => T): T => {
    const last = known.get(name);
    if (last && sameParts(last.from, from)) return last.value as T;
    const value = work();
    known.set(name, { from, value });
    return value;
  };
}

const sameParts = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((part, i) => Object.is(part, b[i]));

/** A memory for one assessment: the same name must always stand for the same work. */
export function createOnce(): StationContext['once'] {
  const known = new Map<string, unknown>();
  return <T>(name: string, work: () => T): T => {
    if (!known.has(name)) known.set(name, work());
    return known.get(name) as T;
  };
}

/** What is not entered carries nothing yet; `asked` is what its flock asks for all the same. */
export type StationCarry = Carry | { readonly state: 'notEntered'; readonly asked?: Carry };

/** What a station is asked for, entered or not. */
export const askedOf = (carry: StationCarry): Carry =>
  carry.state === 'notEntered' ? (carry.asked ?? { state: 'notApplicable' }) : carry;

export interface StationResult {
  readonly station: StationId;
  readonly carry: StationCarry;
  readonly figures: readonly Figure[];
  readonly findings: readonly Finding[];
}

/** A station that carries birds, most of them by a school that the keeper chooses. */
export interface CarryingStation {
  readonly id: StationId;
  /** Null where one rule is common to all. */
  readonly topic: string | null;
  /** Whether the fixtures it needs have been entered. */
  entered(plan: Plan): boolean;
  /** What birds are weighed against: with flock and school, all that the demand's `fits` reads. */
  supply(ctx: StationContext): readonly unknown[];
  demand(ctx: StationContext, school: ChosenSchool): StationDemand;
  /** @param short the days on which it falls short of the birds then here; null where it never does */
  assess(
    ctx: StationContext,
    carry: StationCarry,
    school: ChosenSchool,
    short: When | null,
  ): StationResult;
}

/** A spell as days of the calendar. */
export const whenOf = (flock: FlockByDay, spell: Spell): When => ({
  from: dayOf(flock, spell.from),
  till: spell.till === null ? null : dayOf(flock, spell.till),
});

/** The days on which something of the flock holds; null where it never does, or where nobody reads it. */
export function whenHolds(ctx: StationContext, holds: (d: number) => boolean): When | null {
  if (ctx.lean) return null;
  const spell = spellOf(ctx.flock, holds);
  return spell && whenOf(ctx.flock, spell);
}

/** What every station's capacity is worked from: the setting day's birds, those that fit, and the planned flock. */
export const capacityParts = ({ flock }: Pick<StationContext, 'flock'>, carry: Carries) => ({
  fitted: carry.taken,
  fitting: carry.fitting,
  present: carry.present,
  planned: flock.planned,
  carries: carry.carries,
});

/** A figure's id: what a station needs is shown for the day of the most; a shortage of another day has its own. */
export const thenId = (carry: Carries, id: string): string =>
  carry.setOn === carry.needOn ? id : `${id}.then`;

export const basisOf = (school: ChosenSchool): Basis => ({
  evidence: school.evidence,
  source: school.source,
  topic: school.topic,
});

/** Taken where a station has no schools: its rules are common to all. */
const NO_SCHOOL: ChosenSchool = {
  topic: '',
  id: 'common',
  value: 0,
  params: {},
  scale: 'none',
  evidence: 'keepers',
  source: 'keepers',
};

/** The school that a station is worked by. */
export const schoolOf = (ctx: StationContext, { topic }: CarryingStation): ChosenSchool =>
  topic === null ? NO_SCHOOL : schoolFor(ctx, topic);

export function schoolFor(ctx: StationContext, topic: string): ChosenSchool {
  const school = ctx.schools[topic];
  if (!school) throw new Error(`no school has been chosen for ${topic}`);
  return school;
}

/**
 * A value of each lot by day, worked once for each day as long as the flock and what else it hangs on stay the same.
 * @param from  all that `work` reads beside the flock
 */
export function byDay(
  ctx: StationContext,
  name: string,
  from: readonly unknown[],
  work: (flock: FlockByDay, d: number) => number[],
): PerBird {
  const { flock } = ctx;
  return ctx.kept(name, [flock, ...from], () => {
    const known = new Map<number, number[]>();
    return (d: number) => {
      const found = known.get(d);
      if (found) return found;
      const made = work(flock, d);
      known.set(d, made);
      return made;
    };
  });
}
