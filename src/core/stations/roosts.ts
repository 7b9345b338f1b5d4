import { REFERENCE_HEN_KG } from '../birds/classes.data';
import { livingOn, massThen } from '../birds/flock';
import { barsOf, effectiveLength } from '../geometry/bars';
import type { Plan } from '../plan/schema';
import { type ChosenSchool, scaleToBird } from '../rules/book';
import { constant } from '../rules/constants.data';
import { FACTS } from '../rules/facts.data';
import { atMost } from '../units/number';
import { type Figure, figure, KEEPERS } from '../working';
import { type Carry, demandOf } from './carrying';
import { basisOf, byDay, type CarryingStation, type StationContext } from './context';
import { allSeated, type BirdKind, packBars, widestFirst } from './packing';
import { roostFindings, whyNotCounted } from './roosts.findings';
import { moreOfRoosts } from './roosts.more';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import type { CountedBar, FlockSeats } from './seats';
import { scaledParts } from './shared.working';

/** Roosts: every bird finds her width, as whole birds on whole bars. */
export const roostsStation: CarryingStation = {
  id: 'roosts',
  topic: 'roosts.length',
  entered: (plan) => plan.fixtures.some((f) => f.kind === 'bar'),
  supply: (ctx) => countedBars(ctx).map((b) => b.effectiveM),
  demand: (ctx, school) => {
    const widthsOn = byDay((d) => widthsOf(ctx, school, d));
    const orderOn = byDay((d) => widestFirst(widthsOn(d)));
    const bars = countedBars(ctx).map((b) => b.effectiveM);
    return {
      measure: school.scale === 'none' ? 'roosting' : 'length',
      perBird: widthsOn,
      fits: (taken, d) => {
        return allSeated(bars, orderOn(d), taken, widthsOn(d));
      },
    };
  },
  assess: (ctx, carry, school) => {
    const barFigures = lengthFigures(ctx.plan);
    if (carry.state !== 'carries') {
      return { station: 'roosts', carry, figures: barFigures, findings: [] };
    }
    const seats = seatFlock(ctx, carry, school);
    const own = carryFigures(ctx, carry, school, seats);
    const found = roostFindings(ctx, carry, own, ctx.flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG);
    const more = moreOfRoosts(ctx, seats);
    return {
      station: 'roosts',
      carry,
      figures: [...barFigures, ...own, ...found.figures, ...more.figures],
      findings: [...found.findings, ...more.findings],
    };
  },
};

/** Bars that count, in the order they fill: highest first, ties by id. */
export const countedBars = (ctx: StationContext): readonly CountedBar[] =>
  ctx.once('countedBars', () => workCountedBars(ctx));

function workCountedBars(ctx: StationContext): CountedBar[] {
  const why = whyNotCounted(ctx);
  return barsOf(ctx.plan)
    .filter((bar) => why.get(bar.id) === null)
    .sort((a, b) => b.z - a.z || (a.id < b.id ? -1 : 1))
    .map((bar) => ({ bar, effectiveM: effectiveLength(bar, ctx.plan.shell).effectiveM }));
}

/** Where the planned flock sits by the school chosen. */
export const seatFlock = (ctx: StationContext, carry: Carry, school: ChosenSchool): FlockSeats =>
  ctx.once('seats', () => workSeats(ctx, carry, school));

function workSeats(ctx: StationContext, carry: Carry, school: ChosenSchool): FlockSeats {
  const d = carry.state === 'carries' ? carry.setOn : 0;
  const widths = widthsOf(ctx, school, d);
  const counts = livingOn(ctx.flock, d);
  const sleepers = counts.map((count, i) => (widths[i] === 0 ? 0 : count));
  const bars = countedBars(ctx);
  return {
    ...packBars(
      bars.map((b) => b.effectiveM),
      kindsOf(sleepers, widths),
    ),
    d,
    bars,
    counts: sleepers,
    widths,
  };
}

/** Warmest month's mean daily maximum from which birds hold their wings out at night, °C, and the room they ask for. */
export const HOT = {
  fromC: FACTS['air.hot.least'].value,
  times: constant('roosts.hot.times'),
} as const;

/** What the rule for hot places makes of a width: 1.2 times, or 1 where it does not apply. */
export const hotFactor = (ctx: StationContext): number => {
  const climate = ctx.flock.climate;
  return climate !== null && atMost(HOT.fromC, climate.design.hottestMeanMaxC) ? HOT.times : 1;
};

/** Width of one bird of each lot along the bar on a day, m; 0 for those that take none: ducks, and young chicks. */
export function widthsOf(ctx: StationContext, school: ChosenSchool, d: number): number[] {
  const hot = hotFactor(ctx);
  return ctx.flock.lots.map((lot, i) => {
    const here = (ctx.flock.columns[i]?.living[d] ?? 0) > 0;
    const none = here ? ctx.flock.columns[i]?.lengthFactor[d] === 0 : lot.kind === 'duck';
    return none ? 0 : hot * scaleToBird(school.value, massThen(ctx.flock, i, d), school.scale);
  });
}

/** Ducks take no bar: a kind without width is left out of the packing by having no birds. */
const kindsOf = (counts: readonly number[], widths: readonly number[]): BirdKind[] =>
  counts.map((count, i) => ({ widthM: widths[i] || 1, count: widths[i] === 0 ? 0 : count }));

function lengthFigures(plan: Plan): Figure[] {
  return barsOf(plan).flatMap((bar) => {
    const {
      nearLossM: nearLoss,
      farLossM: farLoss,
      effectiveM: effective,
    } = effectiveLength(bar, plan.shell);
    const height = bar.z - plan.litter.depthM;
    return [
      figure(
        `roosts.bar.${bar.id}.effective`,
        'roosts.bar.effective',
        W['roosts.bar.effective'],
        { length: bar.lengthM, nearLoss, farLoss, effective },
        KEEPERS,
      ),
      figure(
        `roosts.bar.${bar.id}.height`,
        'roosts.bar.height',
        W['roosts.bar.height'],
        { bar: bar.z, litter: plan.litter.depthM, height },
        { evidence: 'entered', source: 'plan' },
      ),
    ];
  });
}

function widthParts(ctx: StationContext, school: ChosenSchool, mass: number) {
  const hot = hotFactor(ctx);
  const scaled = hot * scaleToBird(school.value, mass, school.scale);
  return { ...scaledParts(school.value, mass, school.scale, scaled), hot };
}

function carryFigures(
  ctx: StationContext,
  carry: Extract<Carry, { state: 'carries' }>,
  school: ChosenSchool,
  seats: FlockSeats,
): Figure[] {
  const basis = basisOf(school);
  const { widths, counts } = seats;
  const needed = demandOf(counts, widths);
  const effective = seats.bars.map((b) => b.effectiveM);
  const sleepers = counts.reduce((a, b) => a + b, 0);
  const seatedTotals = seats.seated.map((bar) => bar.reduce((a, b) => a + b, 0));
  const seated = seatedTotals.reduce((a, b) => a + b, 0);
  const capacity = {
    effective,
    widths,
    fitted: carry.taken,
    fitting: carry.fitting,
    present: carry.present,
    planned: ctx.flock.planned,
    carries: carry.carries,
  };
  return [
    ...ctx.flock.lots.flatMap((lot, i) =>
      lot.kind === 'duck'
        ? []
        : [
            figure(
              `roosts.widthPerBird.${lot.id}`,
              'roosts.widthOfBird',
              W['roosts.widthOfBird'],
              widthParts(ctx, school, massThen(ctx.flock, i, carry.setOn)),
              basis,
            ),
          ],
    ),
    figure(
      'roosts.widthPerBird',
      'roosts.widthPerBird',
      W['roosts.widthPerBird'],
      { counts, widths, mean: needed / sleepers },
      basis,
    ),
    figure('roosts.needed', 'roosts.needed', W['roosts.needed'], { counts, widths, needed }, basis),
    figure(
      'roosts.have',
      'roosts.have',
      W['roosts.have'],
      { effective, there: effective.reduce((a, b) => a + b, 0) },
      KEEPERS,
    ),
    figure('roosts.capacity', 'roosts.capacity', W['roosts.capacity'], capacity, basis),
    figure(
      'roosts.without',
      'roosts.without',
      W['roosts.without'],
      { sleepers, seated: seatedTotals, without: sleepers - seated },
      basis,
    ),
    ...seats.bars.map(({ bar, effectiveM }, b) => {
      const onBar = seats.seated[b] ?? [];
      return figure(
        `roosts.bar.${bar.id}.birds`,
        'roosts.bar.birds',
        W['roosts.bar.birds'],
        {
          effective: effectiveM,
          widths,
          seated: onBar,
          used: demandOf(onBar, widths),
          birds: seatedTotals[b] ?? 0,
        },
        basis,
      );
    }),
  ];
}
