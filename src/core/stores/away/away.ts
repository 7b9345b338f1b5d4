import type { FlockByDay } from '../../birds/flock';
import type { Drinker, Feeder, OfKind, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { dayOfYearAt } from '../../weather/climate';
import { DAY_HOURS, type WeatherHours, YEAR_HOURS } from '../../weather/hours';
import { YEAR_DAYS } from '../../weather/yearCurve';
import { blockedAfterH } from '../frost/freeze';
import { warmedHours } from '../frost/heater';
import { inFrost, isOnBarrel } from '../frost/open';
import { type RainDays, type RainStore, stepsOfBarrel } from '../rain/barrel';
import { barrelsL } from '../rain/roof';

/** The longest time away that is looked at, days. */
export const MOST_AWAY_DAYS = 60;

/** What ends the days that birds can be left. */
export const AWAY_LIMITS = ['feed', 'water', 'frost', 'eggs', 'droppings', 'door'] as const;
export type AwayLimit = (typeof AWAY_LIMITS)[number];

/** How long one thing lasts. */
export interface Lasts {
  readonly limit: AwayLimit;
  /** Whole days that it lasts; Infinity where it does not end them. */
  readonly days: number;
  /** What more would bring it over the whole time: kg of feed, L of water, boxes; null where none of it would. */
  readonly more: number | null;
}

/** What a plan's birds take while nobody looks after them. */
export interface AwayAsk {
  readonly plan: Plan;
  readonly flock: FlockByDay;
  /** First day away and the day of coming back, as day numbers. */
  readonly leaves: number;
  readonly back: number;
  /** What feeders and drinkers hold full: usable kg, with waste taken off, and L. */
  readonly feedKg: number;
  readonly waterL: number;
  readonly litresOf: (v: Drinker) => number;
  /** Days until a board must be scraped; null where there is none. */
  readonly boardDays: number | null;
}

/** The weather that it is asked against; null where the place is not known. */
export interface AwayWeather {
  readonly rain: { readonly days: RainDays; readonly store: RainStore } | null;
  readonly hours: Pick<WeatherHours, 'tempC'> | null;
}

/** How long the birds can be left, thing by thing, the shortest first. */
export interface Away {
  /** Days of the time away. */
  readonly wanted: number;
  readonly lasts: readonly Lasts[];
  /** Days until the first of them ends. */
  readonly days: number;
  /** Drinkers that somebody fills from a barrel on whose line none hangs, every so many days; null where one does. */
  readonly fillEvery: { readonly names: readonly string[]; readonly days: number } | null;
}

/** Kilograms or litres of each day of the time away. */
function daily(column: Float64Array, { flock, leaves, back }: AwayAsk): number[] {
  return Array.from(
    { length: back - leaves },
    (_, i) => column[leaves + i - flock.horizon.first] ?? 0,
  );
}

/** Whole days that an amount lasts, and what is missing of all of them. */
function spent(there: number, days: readonly number[]): { days: number; more: number } {
  let left = there;
  let lasted = 0;
  while (lasted < days.length && left >= (days[lasted] ?? 0) - 1e-9) left -= days[lasted++] ?? 0;
  const all = days.reduce((a, b) => a + b, 0);
  return { days: lasted, more: Math.max(0, all - there) };
}

/** How long birds can be left over some dates. */
export function away(ask: AwayAsk, weather: AwayWeather): Away {
  const { plan, flock, leaves, back } = ask;
  const wanted = back - leaves;
  const kinds = <K extends Plan['fixtures'][number]['kind']>(kind: K): OfKind<K>[] =>
    plan.fixtures.filter((f): f is OfKind<K> => f.kind === kind);
  const feed = spent(ask.feedKg, daily(flock.totals.coopFeedKg, ask));
  const lasts: Lasts[] = [
    { limit: 'feed', days: ended(feed.days, wanted), more: over(feed.more) },
    waterLasts(ask, weather),
    { limit: 'frost', days: frostDays(ask, weather), more: null },
    ...eggsLast(ask, kinds('nestBank')),
    {
      limit: 'droppings',
      days: ended(Math.floor(ask.boardDays ?? ruled('away.droppings')), wanted),
      more: null,
    },
    // what is not there ends nothing, and is not told of
    ...(kinds('popDoor').length === 0
      ? []
      : [{ limit: 'door', days: doorDays(kinds('popDoor'), wanted), more: null } as const]),
  ];
  const order = lasts.toSorted((a, b) => a.days - b.days);
  const own = kinds('drinker');
  const byHand = plan.rain !== null && own.length > 0 && !own.some((v) => isOnBarrel(v, plan));
  return {
    wanted,
    lasts: order,
    days: Math.min(order[0]?.days ?? wanted, wanted),
    fillEvery: byHand
      ? {
          names: own.map((v) => v.name),
          days: spent(ask.waterL, daily(flock.totals.coopWaterL, ask)).days,
        }
      : null,
  };
}

/**
 * Parts of a coop that lie apart, as one: of each thing what lasts shortest, and what all of them lack of it.
 * @param apart  each part by itself, at least one
 * @param whole  all as one, whose water is taken: where they drink from one barrel; null where they do not
 */
export function joined(apart: readonly Away[], whole: Away | null): Away {
  const [first] = apart;
  if (!first) throw new Error('nobody lives in any part');
  const { wanted } = first;
  const all = apart.flatMap((a) => a.lasts);
  const lasts = AWAY_LIMITS.flatMap((limit): Lasts[] => {
    const own = (limit === 'water' && whole ? whole.lasts : all).filter((l) => l.limit === limit);
    if (own.length === 0) return [];
    const more = own.flatMap((l) => (l.more === null ? [] : [l.more]));
    return [
      {
        limit,
        days: Math.min(...own.map((l) => l.days)),
        more: more.length === 0 ? null : more.reduce((a, b) => a + b, 0),
      },
    ];
  }).toSorted((a, b) => a.days - b.days);
  const fills = apart.flatMap((a) => a.fillEvery ?? []);
  return {
    wanted,
    lasts,
    days: Math.min(lasts[0]?.days ?? wanted, wanted),
    fillEvery:
      fills.length === 0
        ? null
        : {
            names: [...new Set(fills.flatMap((f) => f.names))],
            days: Math.min(...fills.map((f) => f.days)),
          },
  };
}

/** What lasts all of the time ends nothing. */
const ended = (days: number, wanted: number): number =>
  days >= wanted ? Number.POSITIVE_INFINITY : days;
const over = (more: number): number | null => (more > 1e-9 ? more : null);

function waterLasts(ask: AwayAsk, { rain }: AwayWeather): Lasts {
  const { plan, flock, leaves, back } = ask;
  const wanted = back - leaves;
  const days = daily(flock.totals.coopWaterL, ask);
  const own = spent(ask.waterL, days);
  // a barrel counts only where a drinker hangs on its line: else somebody would have to carry
  const isHung = plan.fixtures.some((f) => f.kind === 'drinker' && isOnBarrel(f, plan));
  if (plan.rain === null || rain === null || !isHung) {
    return { limit: 'water', days: ended(own.days, wanted), more: over(own.more) };
  }
  // in each year over the same dates from today's level, with what the drinkers hold; the third shortest of thirty
  const startL = barrelsL(plan.rain) * plan.rain.barrel.today;
  const from = dayOfYearAt(leaves);
  const years = Math.floor(rain.days.meanC.length / YEAR_DAYS) - 1;
  const lasted = Array.from({ length: years }, (_, y) =>
    stepsOfBarrel(rain.days, rain.store, y * YEAR_DAYS + from, days, startL, ask.waterL),
  ).sort((a, b) => a.days - b.days);
  const third = lasted[2] ?? lasted[0];
  return {
    limit: 'water',
    days: ended(third?.days ?? 0, wanted),
    more: over(third?.missingL ?? 0),
  };
}

/** Days until the first night on which in three of thirty years a drinker is blocked, its heater on. */
function frostDays(ask: AwayAsk, { hours }: AwayWeather): number {
  const { plan, leaves, back } = ask;
  const drinkers = plan.fixtures.filter((f): f is Drinker => f.kind === 'drinker');
  if (hours === null || drinkers.length === 0) return Number.POSITIVE_INFINITY;
  const years = Math.floor(hours.tempC.length / YEAR_HOURS);
  const from = dayOfYearAt(leaves);
  const most = Math.max(1, Math.ceil(years / 10));
  const first = drinkers.map((v) => {
    // a heater counts by its watts and by what it warms; nobody carries water while nobody is there
    const { lump, watts, by } = inFrost(v, ask.litresOf(v), plan);
    const nights = Array.from({ length: years }, (_, y) => {
      const start = (y * YEAR_DAYS + from) * DAY_HOURS;
      const own = hours.tempC.subarray(start, start + (back - leaves) * DAY_HOURS);
      const warmed = watts > 0 ? warmedHours(lump, own, watts, by, plan.site.plugC) : own;
      const blocked = blockedAfterH(lump, warmed);
      return blocked === null ? Number.POSITIVE_INFINITY : Math.floor(blocked / DAY_HOURS);
    }).sort((a, b) => a - b);
    return nights[most - 1] ?? Number.POSITIVE_INFINITY;
  });
  return Math.min(...first);
}

/** Boxes fill: cracked eggs are eaten, and hens go broody. */
function eggsLast(
  { plan, flock, leaves, back }: AwayAsk,
  banks: readonly OfKind<'nestBank'>[],
): Lasts[] {
  const wanted = back - leaves;
  const eggs = daily(flock.totals.eggs, { plan, flock, leaves, back } as AwayAsk);
  const perDay = eggs.reduce((a, b) => a + b, 0) / Math.max(1, eggs.length);
  const boxes = banks.reduce((n, b) => n + b.boxes * b.rows, 0);
  if (perDay < 0.05 || boxes === 0) return [];
  const { climate } = flock;
  const hot =
    climate !== null &&
    Array.from({ length: wanted }, (_, i) => climate.maxC[dayOfYearAt(leaves + i)] ?? 0).reduce(
      (a, b) => a + b,
      0,
    ) /
      Math.max(1, wanted) >=
      ruled('away.hot');
  const full = Math.floor((ruled('away.eggsBox') * boxes) / perDay);
  const days = hot ? Math.min(full, ruled('away.eggsHot')) : full;
  const need = Math.ceil((perDay * wanted) / ruled('away.eggsBox') - 1e-9) - boxes;
  return [{ limit: 'eggs', days: ended(days, wanted), more: hot || need <= 0 ? null : need }];
}

/** A door that somebody opens by hand lasts no day; a powered one as long as its battery. */
const doorDays = (doors: readonly OfKind<'popDoor'>[], wanted: number): number =>
  ended(Math.min(...doors.map((d) => (d.works === 'manual' ? 0 : ruled('away.battery')))), wanted);

/** Feed in full feeders that birds will have eaten before it is gone, kg. */
export const eatableKg = (
  feeders: readonly Feeder[],
  kgOf: (v: Feeder) => number,
  wasteOf: (v: Feeder) => number,
): number => feeders.reduce((sum, v) => sum + kgOf(v) / wasteOf(v), 0);

/** Water in full drinkers, L; a tank that a line hangs on is in its drinker. */
export const drinkableL = (
  drinkers: readonly Drinker[],
  litresOf: (v: Drinker) => number,
): number => drinkers.reduce((sum, v) => sum + litresOf(v), 0);
