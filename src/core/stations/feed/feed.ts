import type { Lot } from '../../birds/lots';
import { birdSize } from '../../birds/size';
import { rimsAbove } from '../../birds/vesselReach';
import { isIn, spellOf } from '../../carrying/spells';
import { inRun } from '../../geometry/solids';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import type { Feeder } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { vesselKind } from '../../rules/vesselKinds.data';
import { levelGauge, TAIL_M } from '../../stores/vessels/gauge';
import { depthM } from '../../stores/vessels/volume';
import { askedOf, type CarryingStation, type StationContext, schoolFor, whenOf } from '../context';
import type { Sheet } from '../sheet';
import { access, accessDemand } from '../vessels/access';
import { madeFigures } from '../vessels/homeMade';
import { MADE_WORKINGS as MADE } from '../vessels/homeMade.working';
import { twoApart, vesselRules } from '../vessels/standing';
import {
  contentsKg,
  feedersOf,
  sharedBy,
  sharer,
  vesselFigures,
  vesselsWithin,
  wasteOf,
} from '../vessels/vessels';
import { dishes, dishesUnderBars } from './dishes';
import { bag, daysHeld, ordinaryKg } from './freshness';
import { rationFigures, rationRules } from './ration';

/** Feed: a place at the feeder for all at once, at their height, for the days between fills, and fresh. */
export const feedStation: CarryingStation = {
  id: 'feed',
  topic: null,
  entered: (plan) => feedersOf(plan).length > 0,
  supply: (ctx) => sharedBy(vesselsWithin(ctx.of('feeder'), ctx), ctx.plan),
  demand: (ctx) => accessDemand(ctx, ctx.of('feeder')),
  judge: (s, ctx, asked) => {
    const carry = askedOf(asked.carry);
    const feeders = ctx.of('feeder');
    const { plan, flock, of } = ctx;
    s.explain(() => {
      for (const v of feeders) {
        vesselFigures(s, v);
        madeFigures(s, ctx, v);
      }
      eatenFigures(s, ctx, feeders);
      rationFigures(s, ctx);
    });
    if (carry.state !== 'carries') return;
    s.part('feed.light', [feeders, flock, plan.shell, plan.litter], (own) =>
      cannotEat(own, ctx, feeders),
    );
    vesselRules(s, ctx, feeders, carry.needOn);
    access(s, ctx, 'feed', feeders, carry, asked.short);
    const all = [feeders, flock, plan.fills, plan.litter, plan.shell, carry.needOn];
    s.part('feed.all', all, (own) => {
      twoApart(own, plan, 'feed', feeders, flock.planned);
      daysHeld(own, ctx, feeders);
      bag(own, ctx, feeders);
      if (feeders.length > 0) tall(own, ctx, feeders, carry.needOn);
    });
    s.part('feed.ration', [plan.ration, plan.fills, flock, of('dish')], (own) =>
      rationRules(own, ctx),
    );
    const rodents = schoolFor(ctx, 'feed.rodents');
    for (const v of feeders) {
      s.part('feed.one', [rodents, plan.run], (own) => ofFeeder(own, ctx, v), v);
    }
    if (feeders.length === 0) return;
    s.part('feed.dishes', [of('dish'), flock, plan.run], (own) => dishes(own, ctx));
    s.part('feed.dishes.bars', [of('dish'), of('bar'), flock, plan.litter, plan.shell], (own) =>
      dishesUnderBars(own, ctx),
    );
  },
};

/** Days of a year. */
const YEAR_DAYS = 365;

/** Eaten of each feeder on an ordinary day, what is lost beside it in a year, and when more must be bought. */
function eatenFigures(s: Sheet, ctx: StationContext, feeders: readonly Feeder[]): void {
  const intake = ordinaryKg(ctx);
  if (intake === null) return;
  const { fills, prices } = ctx.plan;
  const eatable = feeders.map((v) => contentsKg(v) / wasteOf(v));
  const all = eatable.reduce((a, b) => a + b, 0);
  // walls as thick as the vessel leave nothing in it
  if (all <= 0) return;
  feeders.forEach((v, i) => {
    // they empty together: each gives its share
    const eaten = (intake * (eatable[i] ?? 0)) / all;
    const waste = wasteOf(v);
    const id = (name: string): string => `feed.vessel.${v.id}.${name}`;
    const lost = eaten * (waste - 1) * YEAR_DAYS;
    const year = (name: string, times: number): void => {
      const parts = { eaten, waste: times, days: YEAR_DAYS, lost: eaten * (times - 1) * YEAR_DAYS };
      s.worked(id(name), MADE['feed.waste.year'], parts, ASSUMED);
    };
    year('wasteYear', waste);
    const band = vesselKind(v).waste;
    if (band !== null && v.waste === null) {
      year('wasteYearLeast', ruled(band.least));
      year('wasteYearMost', ruled(band.most));
    }
    if (prices.bag !== null) {
      const parts = { lost, bag: fills.bagKg, price: prices.bag };
      const cost = (lost / fills.bagKg) * prices.bag;
      s.worked(id('wasteCost'), MADE['feed.waste.cost'], { ...parts, cost }, ASSUMED);
    }
    if (v.made === null || (eatable[i] ?? 0) <= 0) return;
    const tube = depthM(v.made);
    const usable = contentsKg(v);
    const daily = eaten * waste;
    const { cordM, buyAtM, leftKg } = levelGauge(tube, usable, daily, fills.shopDays);
    s.worked(id('cord'), MADE['made.cord'], { tube, tail: TAIL_M, cord: cordM }, ASSUMED);
    s.worked(
      id('buyAt'),
      MADE['made.buyAt'],
      { tube, usable, daily, days: fills.shopDays, left: leftKg, buyAt: buyAtM },
      ASSUMED,
    );
  });
}

function ofFeeder(s: Sheet, ctx: StationContext, v: Feeder): void {
  const rodents = schoolFor(ctx, 'feed.rodents');
  if (vesselKind(v).open && !v.takenInAtNight && rodents.params.openAllowed === 0) {
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
  const pedals = feeders.filter((v) => vesselKind(v).lightest !== null);
  if (pedals.length === 0) return;
  const least = ruled('feed.pedal.least');
  const lightOn = (i: number, d: number): boolean => {
    const mass = columns[i]?.massKg[d] ?? 0;
    return (columns[i]?.living[d] ?? 0) > 0 && below(mass, least);
  };
  const light = lots.flatMap((_, i) =>
    columns[i]?.massKg.some((_m, d) => lightOn(i, d)) ? [i] : [],
  );
  if (light.length === 0) return;
  const sharers = vesselsWithin(feeders, ctx).map((v) => sharer(v, ctx.plan));
  const starvesOn = (i: number, d: number): boolean =>
    lightOn(i, d) &&
    sharers.every((share) => !Number.isFinite(share(lots[i] as Lot, columns[i]?.massKg[d] ?? 0)));
  const starving = light.filter((i) => columns[i]?.massKg.some((_m, d) => starvesOn(i, d)));
  const told = starving.length > 0 ? starving : light;
  const holds = starving.length > 0 ? starvesOn : lightOn;
  const spell = spellOf(ctx.flock, (d) => told.some((i) => holds(i, d)));
  // as many as live here on one day of it
  const onDay = (d: number): number =>
    told.reduce((n, i) => n + (holds(i, d) ? (columns[i]?.living[d] ?? 0) : 0), 0);
  const birds =
    spell === null
      ? 0
      : Math.max(...ctx.flock.steps.filter((d) => isIn(spell, d)).map(onDay), onDay(spell.from));
  s.find(
    starving.length > 0 ? 'feed.lot.none' : 'feed.pedal.small',
    starving.length > 0 ? 'harm' : 'awkward',
    pedals.map((v) => v.id),
    {
      birds: s.found('feed.pedal.birds', 'birds', birds, KEEPERS),
      least: s.fact('feed.pedal.least'),
    },
    null,
    ctx.lean || spell === null ? null : whenOf(ctx.flock, spell),
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
  if (!below(ruled('feed.tall.over'), over)) return;
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
