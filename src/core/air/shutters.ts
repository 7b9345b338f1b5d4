import { DAY_HOURS } from '../weather/hours';
import { monthOfDay, YEAR_DAYS } from '../weather/yearCurve';
import { badnessOf } from './badness';
import {
  type BadWith,
  type Often,
  SHARES,
  type ShutterChoice,
  type ShutterSpell,
  spellsOf,
} from './shutterSpells';
import { summerSpells } from './summerSpells';
import type { Tender } from './tender';
import { stepperOf, workHours, type YearModel, yearColumns } from './year';

export interface ShutterCalendar {
  readonly ids: readonly string[];
  readonly spells: readonly ShutterChoice[];
  readonly bad: number;
  /** The same with all of them open all year, and all shut. */
  readonly badOpen: number;
  readonly badShut: number;
}

/** So many states of a spell are all tried; of more, one opening after another is turned. */
const ALL_TRIED = 64;
/** Of the days of a month every so-manieth is worked: the state that is best hardly hangs on it. */
const EVERY_DAYS = 3;
/**
 * When to have which opening open: the states with the fewest bad hours, spell by spell. No hour hangs on another, so
 * each spell is searched by itself. By month each opening has one spell in the warm part of the year, in which it is open
 * wider, and a change that saves but little is left out: so a keeper would do it (`summerSpells.ts`).
 * @param ids  openings that can be shut
 */
export function shutterCalendar(
  model: YearModel,
  tender: Tender,
  ids: readonly string[],
  often: Often,
): ShutterCalendar {
  const search = shutterSearch(model, tender, ids, often);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

/**
 * The same search, telling how much of it is done, 0…1.
 * @param isPanelled  whether an opening is shut by a panel, by month: all of it or nothing
 */
export function* shutterSearch(
  model: YearModel,
  tender: Tender,
  ids: readonly string[],
  often: Often,
  isPanelled?: (k: number) => boolean,
): Generator<number, ShutterCalendar> {
  const bad = badWith(model, tender, ids);
  const spells = yield* often === 'month'
    ? summerSpells(model, ids.length, bad, isPanelled)
    : eachBest(spellsOf(often), ids.length, bad);
  const sum = (share: number): number =>
    spells.reduce(
      (total, spell) =>
        total +
        bad(
          spell,
          ids.map(() => share),
        ),
      0,
    );
  return {
    ids,
    spells,
    bad: spells.reduce((total, s) => total + s.bad, 0),
    badOpen: sum(1),
    badShut: sum(0),
  };
}

function* eachBest(
  asked: readonly ShutterSpell[],
  openings: number,
  bad: BadWith,
): Generator<number, readonly ShutterChoice[]> {
  const found: ShutterChoice[] = [];
  for (const spell of asked) {
    found.push(best(spell, openings, (s) => bad(spell, s)));
    yield found.length / asked.length;
  }
  return found;
}

/** Bad hours of a spell with the openings at some shares. */
export function badWith(model: YearModel, tender: Tender, ids: readonly string[]): BadWith {
  const { openings } = model.house;
  const n = openings.length;
  const at = ids.map((id) => openings.findIndex((o) => o.id === id));
  const states = Float64Array.from(model.states);
  const worked = { ...model, states };
  const stepper = stepperOf(worked);
  const columns = yearColumns(YEAR_DAYS * DAY_HOURS);
  return (spell: ShutterSpell, shares: readonly number[]): number => {
    for (let row = 0; row < states.length / n; row++)
      for (const [k, j] of at.entries()) if (j >= 0) states[row * n + j] = shares[k] ?? 0;
    let bad = 0;
    for (let day = 0; day < YEAR_DAYS; day += EVERY_DAYS) {
      if (!spell.months.includes(monthOfDay(day))) continue;
      for (let i = day * DAY_HOURS; i < (day + 1) * DAY_HOURS; i++) {
        const isNight = (model.weather.sun.sinHeight[i] ?? 0) <= 0;
        if (spell.part === (isNight ? 'day' : 'night')) continue;
        workHours(worked, stepper, columns, i, i + 1);
        bad += EVERY_DAYS * badnessOf(worked, columns, tender, i);
      }
    }
    return bad;
  };
}

function best(
  spell: ShutterSpell,
  openings: number,
  bad: (shares: readonly number[]) => number,
): ShutterChoice {
  const tried =
    SHARES.length ** openings <= ALL_TRIED
      ? statesOf(openings).map((shares) => ({ shares, bad: bad(shares) }))
      : [0, 1].map((from) => turned(Array<number>(openings).fill(from), bad));
  // of equals the one that is more open: air is let in unless there is a reason
  const open = (shares: readonly number[]): number => shares.reduce((a, b) => a + b, 0);
  const [found] = tried.sort((a, b) => a.bad - b.bad || open(b.shares) - open(a.shares));
  return { ...spell, ...(found ?? { shares: [], bad: bad([]) }) };
}

/**
 * Every state of some openings.
 * @param openings  how many
 * @example         statesOf(2).length // 16
 */
export const statesOf = (openings: number): number[][] =>
  openings === 0
    ? [[]]
    : statesOf(openings - 1).flatMap((rest) => SHARES.map((share) => [...rest, share]));

/** One opening after another turned to its best, until none gets better. */
function turned(
  from: number[],
  bad: (shares: readonly number[]) => number,
): { shares: number[]; bad: number } {
  let now = { shares: from, bad: bad(from) };
  for (let better = true; better; ) {
    better = false;
    for (let k = 0; k < from.length; k++) {
      for (const share of SHARES) {
        if (share === now.shares[k]) continue;
        const shares = now.shares.with(k, share);
        const next = bad(shares);
        if (next < now.bad - 1e-9) {
          now = { shares, bad: next };
          better = true;
        }
      }
    }
  }
  return now;
}

/** A change of an opening in the course of the year. */
export interface ShutterChange {
  readonly id: string;
  /** 0…11: it is changed on the first. */
  readonly month: number;
  readonly share: number;
}

/** When each opening is changed, month by month; an opening that stays as it is all year is set once, in January. */
export function shutterChanges({ ids, spells }: ShutterCalendar): ShutterChange[] {
  return ids.flatMap((id, k) => {
    const shares = spells.map((s) => s.shares[k] ?? 0);
    const changes = shares.flatMap((share, month) =>
      share === shares[(month + shares.length - 1) % shares.length] ? [] : [{ id, month, share }],
    );
    return changes.length === 0 ? [{ id, month: 0, share: shares[0] ?? 0 }] : changes;
  });
}
