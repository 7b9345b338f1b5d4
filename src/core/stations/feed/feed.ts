import { dayOf, livingOn, massThen } from '../../birds/flock';
import type { Lot } from '../../birds/lots';
import { birdSize } from '../../birds/size';
import { type Carries, fittingOn, type StationDemand } from '../../carrying/carrying';
import { allShare, shareOut } from '../../carrying/sharing';
import { barsAbove } from '../../geometry/bars';
import { inRun, solidOf } from '../../geometry/solids';
import type { When } from '../../kernel/finding';
import { below, wholeUp } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import type { Feeder, Plan, Vessel } from '../../model/schema';
import { FACTS } from '../../rules/singleRules.data';
import {
  askedOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  schoolFor,
  thenId,
  whenHolds,
} from '../context';
import { factFor, type Sheet, shadowReach, sheetOf } from '../sheet';
import {
  contentsKg,
  feedersOf,
  rimsAbove,
  sharer,
  twoApart,
  vesselFigures,
  vesselFindings,
  vesselsWithin,
  wasteOf,
} from '../vessels/vessels';
import { VESSEL_WORKINGS as W } from '../vessels/vessels.working';

/** Whether all birds find a place at once, shared out among the vessels as well as can be. */
export function accessDemand(ctx: StationContext, vessels: readonly Vessel[]): StationDemand {
  const sharesOn = sharesBy(ctx, vessels);
  return {
    measure: 'rim',
    perBird: byDay(ctx, 'rims', [], (flock, d) =>
      flock.lots.map((_, i) => factFor('feed.round', massThen(flock, i, d))),
    ),
    fits: (taken, { d }) => allShare(sharesOn(d), taken),
  };
}

/** By day, what share of each vessel within reach one bird of each lot takes. */
function sharesBy(ctx: StationContext, vessels: readonly Vessel[]): (d: number) => number[][] {
  const { flock } = ctx;
  const sharers = vesselsWithin(vessels, ctx.plan).map(sharer);
  let last: { d: number; shares: number[][] } | null = null;
  return (d) => {
    if (last?.d !== d) {
      const masses = flock.lots.map((_, i) => massThen(flock, i, d));
      const shares = sharers.map((share) =>
        flock.lots.map((lot, i) => share(lot, masses[i] as number)),
      );
      last = { d, shares };
    }
    return last.shares;
  };
}

/** What the birds ask for and find when the vessels have just been filled. */
export function accessFigures(
  s: Sheet,
  ctx: StationContext,
  station: 'feed' | 'water',
  vessels: readonly Vessel[],
  carry: Carries,
  short: When | null,
): void {
  const { most, next } = ctx.kept(
    `access.${station}`,
    [ctx.flock, ctx.lean, carry, ...vesselsWithin(vessels, ctx.plan)],
    () => ({
      most: fittingOn(ctx.flock, accessDemand(ctx, vessels), carry.needOn),
      next: !ctx.lean && givenUp(ctx, vessels, carry),
    }),
  );
  const living = livingOn(ctx.flock, carry.needOn).reduce((a, b) => a + b, 0);
  const needed = s.found(`${station}.needed`, 'birds', living, ENTERED);
  const served = (id: string, taken: readonly number[]) =>
    s.worked(
      id,
      'vessel.served',
      W['vessel.served'],
      { fitted: taken, served: taken.reduce((a, b) => a + b, 0) },
      KEEPERS,
    );
  const there = served(`${station}.have`, most.taken);
  // where the search was given up, the figure says that it is the best that was found
  const key = next ? 'vessel.capacity.best' : 'vessel.capacity';
  s.worked(
    `${station}.capacity`,
    key,
    W[key],
    {
      ...capacityParts(ctx, carry),
    },
    KEEPERS,
  );
  const without = carry.present - carry.fitting;
  if (without <= 0 || vessels.length === 0 || toldAsStarving(s, ctx, vessels, carry)) return;
  const same = carry.setOn === carry.needOn;
  s.find(
    `${station}.access.short`,
    'short',
    vessels.map((v) => v.id),
    {
      needed: same
        ? needed
        : s.found(thenId(carry, `${station}.needed`), 'birds', carry.present, ENTERED),
      there: same ? there : served(thenId(carry, `${station}.have`), carry.taken),
      without: s.found(`${station}.without`, 'birds', without, KEEPERS),
    },
    null,
    short,
  );
}

/** Whether those without a place are birds that can use no vessel at all: that is told, and is worse. */
function toldAsStarving(
  s: Sheet,
  ctx: StationContext,
  vessels: readonly Vessel[],
  carry: Carries,
): boolean {
  if (!s.findings.some((f) => f.code === 'feed.lot.none')) return false;
  const shares = sharesBy(ctx, vessels)(carry.setOn);
  const others = carry.flock.map((n, i) => (shares.some((own) => Number.isFinite(own[i])) ? n : 0));
  return allShare(shares, others);
}

/** Whether the search for room for all birds of the setting day was given up. */
function givenUp(ctx: StationContext, vessels: readonly Vessel[], carry: Carries): boolean {
  return (
    carry.fitting < carry.present &&
    shareOut(sharesBy(ctx, vessels)(carry.setOn), carry.flock).givenUp
  );
}

/** Feed: a place at the feeder for all at once, at their height, for the days between fills, and fresh. */
export const feedStation: CarryingStation = {
  id: 'feed',
  topic: null,
  entered: (plan) => feedersOf(plan).length > 0,
  supply: (ctx) => vesselsWithin(feedersOf(ctx.plan), ctx.plan),
  demand: (ctx) => accessDemand(ctx, feedersOf(ctx.plan)),
  assess: (ctx, entered, _, short) => {
    const carry = askedOf(entered);
    const s = sheetOf('feed');
    const feeders = feedersOf(ctx.plan);
    for (const v of feeders) vesselFigures(s, v);
    if (carry.state === 'carries') {
      cannotEat(s, ctx, feeders);
      accessFigures(s, ctx, 'feed', feeders, carry, short);
      for (const v of feeders) vesselFindings(s, ctx, v, feeders, carry.needOn);
      twoApart(s, ctx.plan, 'feed', feeders, ctx.flock.planned);
      daysHeld(s, ctx, feeders);
      bag(s, ctx, feeders);
      for (const v of feeders) ofFeeder(s, ctx, v);
      if (feeders.length > 0) {
        dishes(s, ctx);
        dishesUnderBars(s, ctx);
        tall(s, ctx, feeders, carry.needOn);
      }
    }
    return { station: 'feed', carry: entered, figures: s.figures, findings: s.findings };
  },
};

/** Days that feed keeps here once it is open. */
function freshDays(ctx: StationContext): 'feed.fresh.days' | 'feed.fresh.daysHot' {
  const { hotRh, hotC } = {
    hotRh: FACTS['feed.fresh.hotRh'].value,
    hotC: FACTS['feed.fresh.hotC'].value,
  };
  const months = ctx.flock.climate?.months ?? [];
  return months.some((m) => m.rh >= hotRh && m.meanC >= hotC)
    ? 'feed.fresh.daysHot'
    : 'feed.fresh.days';
}

function daysHeld(s: Sheet, ctx: StationContext, feeders: readonly Feeder[]): void {
  const peak = ctx.flock.peaks.coopFeedKg;
  if (feeders.length === 0 || peak === null) return;
  const contents = feeders.map(contentsKg);
  const waste = feeders.map(wasteOf);
  const eaten = contents.map((c, i) => c / (waste[i] ?? 1));
  const kg = eaten.reduce((a, b) => a + b, 0);
  const days = s.worked(
    'feed.days',
    'feed.days',
    W['feed.days'],
    {
      contents,
      waste,
      eaten,
      intake: peak.value,
      days: kg / peak.value,
    },
    ASSUMED,
  );
  const wanted = s.entered('feed.days.wanted', 'days', ctx.plan.fills.feedDays);
  const fresh = freshDays(ctx);
  if (below(days.value, ctx.plan.fills.feedDays)) {
    s.find(
      'feed.days.short',
      'short',
      feeders.map((f) => f.id),
      { days, wanted },
      null,
      dayOf(ctx.flock, peak.d),
    );
  } else if (below(FACTS[fresh].value, days.value)) {
    s.find(
      'feed.fill.stale',
      'awkward',
      feeders.map((f) => f.id),
      {
        days,
        fresh: s.fact(fresh),
      },
    );
  }
}

/** Bags as they are sold, kg. Source: keepers. */
const BAGS = [5, 10, 15, 20, 25] as const;

/** The largest bag that is eaten while it is fresh, on an ordinary day of the horizon. */
function bag(s: Sheet, ctx: StationContext, feeders: readonly Feeder[]): void {
  let fed = 0;
  let kg = 0;
  for (const day of ctx.flock.totals.coopFeedKg) {
    if (day === 0) continue;
    fed++;
    kg += day;
  }
  if (fed === 0) return;
  const intake = kg / fed;
  const waste = feeders.length === 0 ? 1 : Math.max(...feeders.map(wasteOf));
  const fresh = freshDays(ctx);
  const most = FACTS[fresh].value * intake * waste;
  const fits = BAGS.filter((kg) => kg <= most).at(-1) ?? BAGS[0];
  const fitting = s.found('feed.bag.fits', 'kg', fits, KEEPERS);
  const lasts = s.worked(
    'feed.bag.days',
    'feed.bag.days',
    W['feed.bag.days'],
    {
      bag: ctx.plan.fills.bagKg,
      intake,
      waste,
      days: ctx.plan.fills.bagKg / (intake * waste),
    },
    ASSUMED,
  );
  if (feeders.length > 0 && below(FACTS[fresh].value, lasts.value)) {
    s.find('feed.bag.stale', 'awkward', [], {
      bag: s.entered('feed.bag', 'kg', ctx.plan.fills.bagKg),
      days: lasts,
      fresh: s.fact(fresh),
      fits: fitting,
    });
  }
}

const OPEN: ReadonlySet<Feeder['type']> = new Set(['tube', 'pan', 'trough']);

function ofFeeder(s: Sheet, ctx: StationContext, v: Feeder): void {
  const rodents = schoolFor(ctx, 'feed.rodents');
  if (OPEN.has(v.type) && !v.takenInAtNight && rodents.params.openAllowed === 0) {
    s.find('feed.open.night', 'awkward', [v.id], {});
  }
  if (inRun(v) && ctx.plan.run?.roof !== 'full') s.find('feed.vessel.rain', 'awkward', [v.id], {});
}

/**
 * Birds too light for a pedal lid: where they have another feeder the lid can still trap them; where they have
 * none they cannot eat.
 */
function cannotEat(s: Sheet, ctx: StationContext, feeders: readonly Feeder[]): void {
  const { lots, columns } = ctx.flock;
  const pedals = feeders.filter((v) => v.type === 'pedal');
  if (pedals.length === 0) return;
  const least = FACTS['feed.pedal.least'].value;
  const lightOn = (i: number, d: number): boolean => {
    const mass = columns[i]?.massKg[d] ?? 0;
    return (columns[i]?.living[d] ?? 0) > 0 && below(mass, least);
  };
  const light = lots.flatMap((_, i) =>
    columns[i]?.massKg.some((_m, d) => lightOn(i, d)) ? [i] : [],
  );
  if (light.length === 0) return;
  const sharers = vesselsWithin(feeders, ctx.plan).map(sharer);
  // what a light bird can use she can use while she is light: outlets go by class, edges by length
  const starving = light.filter((i) =>
    sharers.every((share) => !Number.isFinite(share(lots[i] as Lot, least / 2))),
  );
  const told = starving.length > 0 ? starving : light;
  const birds = told.reduce(
    (n, i) => n + Math.max(0, ...(columns[i]?.living.filter((_n, d) => lightOn(i, d)) ?? [])),
    0,
  );
  s.find(
    starving.length > 0 ? 'feed.lot.none' : 'feed.pedal.small',
    starving.length > 0 ? 'harm' : 'awkward',
    pedals.map((v) => v.id),
    {
      birds: s.found('feed.pedal.birds', 'birds', birds, KEEPERS),
      least: s.fact('feed.pedal.least'),
    },
    null,
    whenHolds(ctx, (d) => told.some((i) => lightOn(i, d))),
  );
}

/** Cocks and tall birds want a place at their own height: one rim not far under their back. */
function tall(s: Sheet, ctx: StationContext, feeders: readonly Feeder[], d: number): void {
  const masses = ctx.flock.columns.flatMap((c) =>
    (c.living[d] ?? 0) > 0 ? [c.massKg[d] ?? 0] : [],
  );
  const tallest = Math.max(...masses);
  if (!(tallest > 0)) return;
  const back = birdSize(tallest).backM;
  const highest = Math.max(...feeders.map((f) => rimsAbove(f, ctx.plan).fromEnd));
  const over = back - highest;
  if (!below(FACTS['feed.tall.over'].value, over)) return;
  s.find(
    'feed.tall.none',
    'awkward',
    feeders.map((f) => f.id),
    {
      back: s.found('feed.tall.back', 'm', back, ASSUMED),
      highest: s.found('feed.tall.highest', 'm', highest, ENTERED),
      allowed: s.fact('feed.tall.over'),
    },
  );
}

/** Shell or grit under sleeping birds is fouled by the morning. */
function dishesUnderBars(s: Sheet, { plan, flock }: StationContext): void {
  const heaviest = flock.heaviestOnBarsKg;
  if (heaviest === null) return;
  for (const f of plan.fixtures) {
    if (f.kind !== 'dish' || inRun(f)) continue;
    const solid = solidOf(f, plan);
    const over = barsAbove(solid, plan, heaviest);
    if (over.length === 0) continue;
    const ids = [f.id, ...over.map((b) => b.id)];
    s.find('feed.dish.underBars', 'awkward', ids, { reach: shadowReach(s, heaviest) }, solid);
  }
}

/** Shell for hens in lay, one dish for twelve; grit where they do not range. */
function dishes(s: Sheet, ctx: StationContext): void {
  const peak = ctx.flock.peaks.inLay;
  if (peak === null) return;
  const hens = peak.value;
  const per = FACTS['feed.shell.hens'].value;
  const count = (holds: 'shell' | 'grit'): number =>
    ctx.plan.fixtures.filter((f) => f.kind === 'dish' && f.holds === holds).length;
  const needed = wholeUp(hens / per);
  if (count('shell') < needed) {
    s.find('feed.shell.few', 'awkward', [], {
      there: s.found('feed.shell.there', 'dishes', count('shell'), ENTERED),
      needed: s.found('feed.shell.needed', 'dishes', needed, KEEPERS),
      hens: s.found('feed.shell.laying', 'hens', hens, ENTERED),
      per: s.fact('feed.shell.hens'),
    });
  }
  if (count('grit') === 0 && ctx.plan.run !== null && ranging(ctx.plan) === false) {
    s.find('feed.grit.none', 'awkward', [], {});
  }
}

/** Whether birds get out on ground of their own: only a run that is roofed and floored keeps them off it. */
const ranging = (plan: Plan): boolean => plan.run === null || plan.run.roof !== 'full';
