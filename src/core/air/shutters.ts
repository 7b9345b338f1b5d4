import { DAY_HOURS } from '../weather/hours';
import { monthOfDay, YEAR_DAYS } from '../weather/yearCurve';
import { badnessOf } from './badness';
import type { Tender } from './tender';
import { stepperOf, workHours, type YearModel, yearColumns } from './year';

/** How often a keeper agrees to change her openings. */
export type Often = 'season' | 'month' | 'day';

/** Hours that have one state: some months, by day, at night, or both. */
export interface ShutterSpell {
  /** 0…11. */
  readonly months: readonly number[];
  readonly part: 'all' | 'day' | 'night';
}

export interface ShutterChoice extends ShutterSpell {
  /** Share of each opening that can be shut, in the order asked. */
  readonly shares: readonly number[];
  /** Bad hours of the spell, as hours of damp. */
  readonly bad: number;
}

export interface ShutterCalendar {
  readonly ids: readonly string[];
  readonly spells: readonly ShutterChoice[];
  readonly bad: number;
  /** The same with all of them open all year, and all shut. */
  readonly badOpen: number;
  readonly badShut: number;
}

/** Shares that an opening is set to. */
export const SHARES = [0, 0.25, 0.5, 1] as const;
/** So many states of a spell are all tried; of more, one opening after another is turned. */
const ALL_TRIED = 64;
/** Of the days of a month every so-manieth is worked: the state that is best hardly hangs on it. */
const EVERY_DAYS = 3;
const SEASONS = [
  [11, 0, 1],
  [2, 3, 4],
  [5, 6, 7],
  [8, 9, 10],
] as const;

/** The spells of a year by how often openings may be changed. */
export function spellsOf(often: Often): readonly ShutterSpell[] {
  const months = Array.from({ length: 12 }, (_, m) => m);
  if (often === 'season') return SEASONS.map((own) => ({ months: own, part: 'all' }));
  if (often === 'month') return months.map((m) => ({ months: [m], part: 'all' }));
  return months.flatMap((m) => (['day', 'night'] as const).map((part) => ({ months: [m], part })));
}

/**
 * When to have which opening open: the states with the fewest bad hours, spell by spell. No hour hangs on another, so
 * each spell is searched by itself. By month, a change that saves but little is then left out: nobody goes out for it.
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

/** The same search, telling after each spell how much of it is done, 0…1. */
export function* shutterSearch(
  model: YearModel,
  tender: Tender,
  ids: readonly string[],
  often: Often,
): Generator<number, ShutterCalendar> {
  const bad = badWith(model, tender, ids);
  const found: ShutterChoice[] = [];
  const asked = spellsOf(often);
  for (const spell of asked) {
    found.push(best(spell, ids.length, (s) => bad(spell, s)));
    yield found.length / asked.length;
  }
  const spells = often === 'month' ? settled(found, bad) : found;
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

/** Bad hours of a spell with the openings at some shares. */
export function badWith(model: YearModel, tender: Tender, ids: readonly string[]) {
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

/** A change of one opening must save so many bad hours, or it is not worth the way. */
const WORTH_A_CHANGE = 40;

/** How many openings are changed from one spell to the next, round the year. */
const changesOf = (spells: readonly ShutterChoice[]): number =>
  spells.reduce((sum, { shares }, m) => {
    const before = spells[(m + spells.length - 1) % spells.length]?.shares ?? [];
    return sum + shares.filter((share, k) => share !== before[k]).length;
  }, 0);

/** Takes over the state of the month before or after, for a run of months, where that costs little. */
function settled(
  found: readonly ShutterChoice[],
  bad: (spell: ShutterSpell, shares: readonly number[]) => number,
): readonly ShutterChoice[] {
  const cost = (spells: readonly ShutterChoice[]): number =>
    spells.reduce((sum, s) => sum + s.bad, 0) + WORTH_A_CHANGE * changesOf(spells);
  const n = found.length;
  const openings = found[0]?.shares.length ?? 0;
  const known = new Map<string, number>();
  const badAt = (m: number, shares: readonly number[]): number => {
    const key = `${m} ${shares.join()}`;
    const made = known.get(key) ?? bad(found[m] as ShutterSpell, shares);
    known.set(key, made);
    return made;
  };
  let now = found;
  for (let better = true; better; ) {
    better = false;
    for (let k = 0; k < openings; k++) {
      for (let from = 0; from < n; from++) {
        for (let run = 1; run < n; run++) {
          for (const beside of [from + n - 1, from + run]) {
            const share = now[beside % n]?.shares[k] ?? 0;
            const next = now.map((s, m) => {
              if ((m - from + n) % n >= run || s.shares[k] === share) return s;
              const shares = s.shares.with(k, share);
              return { ...s, shares, bad: badAt(m, shares) };
            });
            if (cost(next) < cost(now) - 1e-9) {
              now = next;
              better = true;
            }
          }
        }
      }
    }
  }
  // left as it is all year it needs no way at all
  const still = [0, 1].map((share) =>
    found.map((s, m) => {
      const shares = s.shares.map(() => share);
      return { ...s, shares, bad: badAt(m, shares) };
    }),
  );
  return [now, ...still].sort((a, b) => cost(a) - cost(b))[0] ?? now;
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
