import type { FlockByDay } from '../birds/flock';
import { type AskedDay, askedOn } from './asked';
import { fittingUpTo, type StationDemand } from './fitting';

/** A stretch of days of the horizon, both counted; `till` is null where it lasts to the horizon's end. */
export interface Spell {
  readonly from: number;
  readonly till: number | null;
}

/** A spell of those that something has, and the first day of the earliest other; null where it is the only one. */
export interface SpellOfMany extends Spell {
  readonly another: number | null;
}

/**
 * Whether a day lies in a spell.
 * @example isIn({ from: 3, till: 5 }, 5) // true
 */
export const isIn = ({ from, till }: Spell, d: number): boolean =>
  d >= from && (till === null || d <= till);

/**
 * The spells of a shortage: unbroken runs of days on which the same lots are short of the same thing. A run goes on as
 * long as some lot that was short the day before is short still; where others are, it is another shortage.
 */
export const shortSpells = (flock: FlockByDay, demand: StationDemand): Spell[] => {
  const known = new Map<AskedDay, readonly number[]>();
  return runsOf(flock, (d) => {
    const day = askedOn(flock, d, demand.perBird);
    const short = known.get(day) ?? lotsShort(day, demand);
    known.set(day, short);
    return short;
  });
};

/** The lots of which somebody finds no place on a day; none where all do. */
function lotsShort(day: AskedDay, demand: StationDemand): readonly number[] {
  const { counts, present, asked, seq } = day;
  if (present === 0 || !(asked > 0)) return [];
  if (demand.fits(counts, day) && (!demand.sure || demand.sure(present, day))) return [];
  const fitting = fittingUpTo(day, demand, present);
  if (fitting >= present) return [];
  const taken = seq.of(fitting);
  return counts.flatMap((n, i) => ((taken[i] ?? 0) < n ? [i] : []));
}

/**
 * The spell of a shortage that a day lies in, and when there is another.
 * @param d  a day of the horizon that is looked at
 * @returns  null where nobody is short on that day
 * @example  spellWith([{ from: 0, till: 4 }, { from: 9, till: null }], 2) // { from: 0, till: 4, another: 9 }
 */
export const spellWith = (spells: readonly Spell[], d: number): SpellOfMany | null => {
  const spell = spells.find((one) => isIn(one, d));
  return spell ? { ...spell, another: spells.find((one) => one !== spell)?.from ?? null } : null;
};

/** Who suffers what holds, where nobody in particular does. */
const ANYBODY: readonly number[] = [0];
const NOBODY: readonly number[] = [];

/**
 * The first stretch of days on which something holds, and when it holds again.
 * @param holds  must not change between two days looked at but from not holding to holding, or back, once
 */
export function spellOf(flock: FlockByDay, holds: (d: number) => boolean): SpellOfMany | null {
  const [first, second] = runsOf(flock, (d) => (holds(d) ? ANYBODY : NOBODY));
  return first ? { ...first, another: second?.from ?? null } : null;
}

/**
 * The stretches of days on which the same lots suffer, narrowed from the days looked at to the days themselves.
 * @param suffer  the lots on a day; must not change between two days looked at but once
 */
function runsOf(flock: FlockByDay, suffer: (d: number) => readonly number[]): Spell[] {
  const days = flock.steps;
  const runs: { from: number; till: number | null }[] = [];
  let before: readonly number[] = NOBODY;
  days.forEach((day, i) => {
    const now = suffer(day);
    const last = days[i - 1] ?? day;
    const goesOn = now.some((lot) => before.includes(lot));
    const run = runs.at(-1);
    if (before.length > 0 && !goesOn && run) {
      let till = day - 1;
      const ends = (d: number): boolean => !suffer(d).some((lot) => before.includes(lot));
      while (till > last && ends(till)) till--;
      run.till = till;
    }
    if (now.length > 0 && !goesOn) {
      let from = day;
      const begun = (d: number): boolean => suffer(d).some((lot) => now.includes(lot));
      while (from - 1 > last && begun(from - 1)) from--;
      runs.push({ from, till: null });
    }
    before = now;
  });
  return runs;
}
