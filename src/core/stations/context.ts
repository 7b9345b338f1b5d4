import { dayOf, type FlockByDay } from '../birds/flock';
import type { PerBird } from '../carrying/asked';
import type { Carries, Carry } from '../carrying/carrying';
import type { StationDemand } from '../carrying/fitting';
import { type SpellOfMany, spellOf } from '../carrying/spells';
import type { OutsideCode } from '../geometry/outside';
import type { Event } from '../kernel/event';
import type { Solid, StationId, When } from '../kernel/finding';
import type { Kept, Once } from '../kernel/memory';
import type { Basis } from '../kernel/working';
import type { FixtureLists } from '../model/lists';
import type { Fixture, Plan } from '../model/schema';
import type { Scoped } from '../model/scope';
import type { ChosenSchool } from '../rules/book';
import type { RuleBook } from '../rules/types';
import type { LitterCourse } from './litterCourse';
import type { Sheet } from './sheet';

/** What every station is worked from. */
export interface StationContext {
  /** A whole coop, or one zone of a parted one. */
  readonly plan: Scoped;
  readonly flock: FlockByDay;
  readonly book: RuleBook;
  /** Chosen school by topic. */
  readonly schools: Readonly<Record<string, ChosenSchool>>;
  /** How its litter grows; `plan` has the final depth that follows. */
  readonly litter: LitterCourse;
  /** Leaves out what is only told: for proving remedies. */
  readonly lean: boolean;
  /** Fixtures of a kind: the same list as long as they are the same. */
  readonly of: FixtureLists;
  /** The box a fixture fills, m, and how it lies outside the shell: worked once for each fixture. */
  readonly solid: (fixture: Fixture) => Solid;
  readonly outside: (fixture: Fixture) => OutsideCode | null;
  /** Works something once for this assessment and keeps it under its name. */
  readonly once: Once;
  /** Works something anew only where what it is worked from is no longer the same. */
  readonly kept: Kept;
}

/** What is not entered carries nothing yet; `asked` is what its flock asks for all the same. */
export type StationCarry = Carry | { readonly state: 'notEntered'; readonly asked?: Carry };

/** What a station is asked for, entered or not. */
export const askedOf = (carry: StationCarry): Carry =>
  carry.state === 'notEntered' ? (carry.asked ?? { state: 'notApplicable' }) : carry;

/** What a station is asked: what its flock asks for, by which school, and when it falls short. */
export interface Asked {
  readonly carry: StationCarry;
  readonly school: ChosenSchool;
  /** The days of the spell in which it falls shortest of the birds then here; null where it never does. */
  readonly short: When | null;
}

/** One part of a coop's work: it judges, and what it judged is explained by judging once more on a sheet that explains. */
export interface Station {
  readonly id: StationId;
  judge(sheet: Sheet, ctx: StationContext, asked: Asked): void;
  /** What comes on a day; left out where nothing does. */
  events?(ctx: StationContext): readonly Event[];
}

/** A station that carries birds, most of them by a school that the keeper chooses. */
export interface CarryingStation extends Station {
  /** Null where one rule is common to all. */
  readonly topic: string | null;
  /** Whether the fixtures it needs have been entered. */
  entered(plan: Plan): boolean;
  /** What birds are weighed against: with flock and school, all that the demand's `fits` reads. */
  supply(ctx: StationContext): readonly unknown[];
  demand(ctx: StationContext, school: ChosenSchool): StationDemand;
  /** What a lot that finds nothing here lacks; left out where that is room. */
  lack?(ctx: StationContext, lot: number): 'reach' | 'room';
  /** What is there by what winter and summer ask for each; left out where seasons ask for the same. */
  seasons?(ctx: StationContext): { readonly winter: number; readonly summer: number } | null;
}

/** A spell as days of the calendar. */
export const whenOf = (flock: FlockByDay, { from, till, another }: SpellOfMany): When => ({
  from: dayOf(flock, from),
  till: till === null ? null : dayOf(flock, till),
  ...(another === null ? {} : { another: dayOf(flock, another) }),
});

/** The first days on which something of the flock holds, and when it holds again; null where it never does, or where nobody reads it. */
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

/** Of a station that carries nothing: nobody asks it for room. */
export const NOT_ASKED: Asked = {
  carry: { state: 'notApplicable' },
  school: NO_SCHOOL,
  short: null,
};
