import { DAY_MS, dayNumber, isoDay } from '../kernel/units/day';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import type { Group, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { type Climate, dayOfYearAt, workClimate } from '../weather/climate';
import { changesOf, stepsOf } from './changes';
import { type Horizon, type LotDays, lotDays } from './daily';
import { type Lot, lotsOf } from './lots';

/** What a flock adds up to on a day. */
export const MEASURES = [
  'head',
  'area',
  'length',
  'roosting',
  'inLay',
  'massKg',
  'eggs',
  'feedKg',
  'waterL',
  'heatW',
  'vapourKgDay',
  /** Of the birds in the coop: their reach round a rim, and what they eat and drink there. */
  'rim',
  'coopFeedKg',
  'coopWaterL',
] as const;
export type Measure = (typeof MEASURES)[number];

/** The largest total of a measure, and the day of the horizon (its index) on which it is first met. */
export interface Peak {
  readonly d: number;
  readonly value: number;
}

/** The flock over the horizon, a value a day: what every station is sized by. */
export interface FlockByDay {
  /** Lots that live here on the first day or come later; those that have left before it are not among them. */
  readonly lots: readonly Lot[];
  readonly columns: readonly LotDays[];
  readonly horizon: Horizon;
  readonly climate: Climate | null;
  readonly totals: Readonly<Record<Measure, Float64Array>>;
  /** Null where nobody asks for it on any day. */
  readonly peaks: Readonly<Record<Measure, Peak | null>>;
  readonly planned: number;
  /** First day on which the planned number lives in the coop; null without birds. */
  readonly plannedOn: string | null;
  readonly today: number;
  /** The heaviest that a bird gets which sleeps on bars, kg; null where none does. */
  readonly heaviestOnBarsKg: number | null;
  /** Days (indices) on which the number living in the coop changes; the first is 0. */
  readonly changes: readonly number[];
  /**
   * Days that are looked at: today; those on which birds come, go, come into lay, take to the bars or pass a rule's
   * limit, and the day before each; while birds grow, each Monday; and the last.
   */
  readonly steps: readonly number[];
  /** The same days with the birds of each lot living then, and all of them. */
  readonly looked: readonly LookedAt[];
}

/** A day that is looked at, and who lives in the coop on it. */
export interface LookedAt {
  readonly d: number;
  readonly counts: readonly number[];
  readonly present: number;
}

export type FlockPlan = Pick<Plan, 'flock' | 'horizonYears' | 'climate' | 'ownBreeds'>;

/** Works the flock by day, keeping what a changed group or place does not touch. */
export function createFlockWorker(): (plan: FlockPlan, on: string) => FlockByDay {
  let climate: { of: Plan['climate']; worked: Climate | null } | null = null;
  let frame: { on: string; years: number; horizon: Horizon } | null = null;
  let known = new Map<Group, { lots: Lot[]; columns: LotDays[] }>();
  let ownBreeds: Plan['ownBreeds'] | null = null;
  let flock: { of: Plan['flock']; value: FlockByDay } | null = null;
  return (plan, on) => {
    const sameClimate = climate !== null && climate.of === plan.climate;
    const sameFrame = frame?.on === on && frame.years === plan.horizonYears;
    if (!sameClimate) climate = { of: plan.climate, worked: workClimate(plan.climate) };
    if (!sameFrame) {
      frame = { on, years: plan.horizonYears, horizon: horizonOf(on, plan.horizonYears) };
    }
    const rest = sameClimate && sameFrame && ownBreeds === plan.ownBreeds;
    if (rest && flock?.of === plan.flock) return flock.value;
    ownBreeds = plan.ownBreeds;
    const before = rest ? known : new Map<Group, never>();
    const where = climate?.worked ?? null;
    const horizon = frame?.horizon ?? horizonOf(on, plan.horizonYears);
    known = new Map(
      plan.flock.map((group) => {
        const kept = before.get(group);
        if (kept) return [group, kept];
        const lots = lotsOf(group, plan.ownBreeds).filter((lot) => !isGone(lot, horizon));
        return [group, { lots, columns: lots.map((lot) => lotDays(lot, horizon, where)) }];
      }),
    );
    const value = addUp([...known.values()], horizon, where);
    flock = { of: plan.flock, value };
    return value;
  };
}

/** Whether a lot has left before the first day that is looked at: it decides nothing any more. */
const isGone = ({ leavesOn }: Lot, { first }: Horizon): boolean =>
  leavesOn !== null && leavesOn <= first;

/**
 * Who lives in the coop when, what they weigh, lay, eat, drink and give off.
 * @param plan  the plan; its horizon runs from `on` for `horizonYears`, both days counted
 * @param on    the assessment's day, YYYY-MM-DD
 */
export const flockByDay = (plan: FlockPlan, on: string): FlockByDay =>
  createFlockWorker()(plan, on);

/**
 * Birds of each lot living in the coop on a day of the horizon.
 * @example livingOn(flock, 0) // [6]
 */
export const livingOn = (flock: Pick<FlockByDay, 'columns'>, d: number): number[] =>
  flock.columns.map((c) => c.living[d] ?? 0);

/**
 * Mass of one bird of a lot on a day, kg; of a lot that is not here that day, her adult mass.
 * @example massThen(flock, 0, 0) // 2.2
 */
export const massThen = (
  flock: Pick<FlockByDay, 'columns' | 'lots'>,
  lot: number,
  d: number,
): number => flock.columns[lot]?.massKg[d] || (flock.lots[lot]?.massKg ?? REFERENCE_HEN_KG);

/**
 * The ISO day of a day of the horizon.
 * @example dayOf(flock, 7) // '2026-12-01'
 */
export function dayOf({ horizon }: Pick<FlockByDay, 'horizon'>, d: number): string {
  const written = WRITTEN.get(horizon) ?? [];
  WRITTEN.set(horizon, written);
  const day = written[d] ?? isoDay(horizon.first + d);
  written[d] = day;
  return day;
}

/** The days of a horizon that have been written out: the same few are asked for at every edit. */
const WRITTEN = new WeakMap<Horizon, string[]>();

function horizonOf(on: string, years: number): Horizon {
  const first = dayNumber(on);
  const start = new Date(`${on}T00:00:00Z`);
  const end = Date.UTC(start.getUTCFullYear() + years, start.getUTCMonth(), start.getUTCDate());
  const length = end / DAY_MS - first + 1;
  const days = Int16Array.from({ length }, (_, d) => dayOfYearAt(first + d));
  return { first, length, dayOfYear: days };
}

function addUp(
  groups: readonly { lots: readonly Lot[]; columns: readonly LotDays[] }[],
  horizon: Horizon,
  climate: Climate | null,
): FlockByDay {
  const lots = groups.flatMap((g) => g.lots);
  const columns = groups.flatMap((g) => g.columns);
  const totals = Object.fromEntries(
    MEASURES.map((m) => [m, new Float64Array(horizon.length)]),
  ) as Record<Measure, Float64Array>;
  columns.forEach((column, i) => {
    const splash = lots[i]?.kind === 'duck' ? DUCK_SPLASH : 1;
    addColumn(totals, column, splash, horizon.length);
  });
  const { head } = totals;
  const peaks = Object.fromEntries(
    MEASURES.map((m) => [m, peakOf(totals[m], head)]),
  ) as FlockByDay['peaks'];
  const changes = changesOf(columns, horizon.length);
  const steps = stepsOf(lots, changes, horizon);
  return {
    lots,
    columns,
    horizon,
    climate,
    totals,
    peaks,
    planned: peaks.head?.value ?? 0,
    plannedOn: peaks.head ? isoDay(horizon.first + peaks.head.d) : null,
    today: head[0] ?? 0,
    heaviestOnBarsKg: heaviestOnBars(columns, horizon.length),
    changes,
    steps,
    looked: steps.map((d) => {
      const counts = livingOn({ columns }, d);
      return { d, counts, present: counts.reduce((a, b) => a + b, 0) };
    }),
  };
}

/** Ducks splash so much more than they drink. Source: wide-rafter. */
export const DUCK_SPLASH = ruled('water.duck.splash');

function addColumn(
  totals: Record<Measure, Float64Array>,
  c: LotDays,
  splash: number,
  length: number,
): void {
  for (let d = 0; d < length; d++) {
    const here = at(c.here, d);
    if (here === 0) continue;
    const living = at(c.living, d);
    const width = at(c.lengthFactor, d);
    totals.eggs[d] = at(totals.eggs, d) + here * at(c.eggs, d);
    totals.feedKg[d] = at(totals.feedKg, d) + here * at(c.feedKg, d);
    totals.waterL[d] = at(totals.waterL, d) + here * at(c.waterL, d);
    if (living === 0) continue;
    totals.head[d] = at(totals.head, d) + living;
    totals.area[d] = at(totals.area, d) + living * at(c.areaFactor, d);
    totals.length[d] = at(totals.length, d) + living * width;
    totals.roosting[d] = at(totals.roosting, d) + (width > 0 ? living : 0);
    totals.inLay[d] = at(totals.inLay, d) + living * at(c.inLay, d);
    totals.massKg[d] = at(totals.massKg, d) + living * at(c.massKg, d);
    totals.heatW[d] = at(totals.heatW, d) + living * at(c.heatW, d);
    totals.vapourKgDay[d] = at(totals.vapourKgDay, d) + living * at(c.vapourKgDay, d);
    totals.rim[d] = at(totals.rim, d) + living * Math.sqrt(at(c.areaFactor, d));
    totals.coopFeedKg[d] = at(totals.coopFeedKg, d) + living * at(c.feedKg, d);
    totals.coopWaterL[d] = at(totals.coopWaterL, d) + living * at(c.waterL, d) * splash;
  }
}

/** A meat bird never reaches her grown mass here: what counts is what she weighs on the bar. */
function heaviestOnBars(columns: readonly LotDays[], length: number): number | null {
  let most = 0;
  for (const c of columns) {
    for (let d = 0; d < length; d++) {
      if (at(c.living, d) > 0 && at(c.lengthFactor, d) > 0) most = Math.max(most, at(c.massKg, d));
    }
  }
  return most > 0 ? most : null;
}

/** Within the horizon every row is there. */
const at = (column: Float64Array, d: number): number => column[d] as number;

/** The first day of the largest total; of equal totals the one with most birds. */
function peakOf(total: Float64Array, head: Float64Array): Peak | null {
  let best: Peak | null = null;
  for (let d = 0; d < total.length; d++) {
    const value = total[d] ?? 0;
    if (value <= 0) continue;
    const ahead = best === null ? 1 : value - best.value || (head[d] ?? 0) - (head[best.d] ?? 0);
    if (ahead > 0) best = { d, value };
  }
  return best;
}
