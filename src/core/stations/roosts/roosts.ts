import { livingOn, massThen } from '../../birds/flock';
import { type AskedDay, demandOf, lotOrder } from '../../carrying/asked';
import type { Carries, Carry } from '../../carrying/carrying';
import { barsOf, effectiveLength } from '../../geometry/bars';
import { type Figure, figure, KEEPERS } from '../../kernel/working';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import type { Plan } from '../../model/schema';
import { type ChosenSchool, scaleToBird } from '../../rules/book';
import {
  basisOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  thenId,
} from '../context';
import { scaledParts } from '../shared.working';
import { reachedByLots } from './climbing';
import { whyNotCounted } from './counted';
import { moreOfRoosts } from './heights';
import {
  allSeated,
  type Bars,
  type BirdKind,
  isSure,
  isSureOf,
  packBars,
  type Sure,
  surelySeated,
} from './packing';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import type { CountedBar, FlockSeats } from './seats';
import { roostFindings } from './spacing';
import { hotFactor, widthsOf } from './widths';

/** Roosts: every bird finds her width, as whole birds on whole bars that she gets up to. */
export const roostsStation: CarryingStation = {
  id: 'roosts',
  topic: 'roosts.length',
  entered: (plan) => plan.fixtures.some((f) => f.kind === 'bar'),
  supply: (ctx) => {
    const { usableM, reaches } = barsFor(ctx);
    return [...usableM, reaches.map((own) => own.map(Number).join('')).join()];
  },
  demand: (ctx, school) => {
    const bars = barsFor(ctx);
    const widthsOn = byDay(ctx, `widths.${school.id}`, [school.value], (flock, d) =>
      widthsOf(flock, school, d),
    );
    // a flock is grown bird by bird on one day
    let last: { day: AskedDay; sure: Sure } | null = null;
    const sureOn = (day: AskedDay): Sure => {
      if (last?.day !== day) {
        last = { day, sure: surelySeated(bars, day.counts, day.perBird) };
      }
      return last.sure;
    };
    return {
      measure: school.scale === 'none' ? 'roosting' : 'length',
      perBird: widthsOn,
      // lots choose widest first, of equal width the heavier
      fits: (taken, { order, perBird }) => allSeated(bars, order, taken, perBird),
      sure: (n, day) => {
        const sure = sureOn(day);
        return isSureOf(sure, n) || isSure(sure, day.seq.of(n), day.perBird);
      },
    };
  },
  assess: (ctx, carry, school, short) => {
    const barFigures = lengthFigures(ctx.plan);
    if (carry.state !== 'carries') {
      return { station: 'roosts', carry, figures: barFigures, findings: [] };
    }
    const seats = seatFlock(ctx, carry, school);
    const own = carryFigures(ctx, carry, school, seats);
    const found = roostFindings(
      ctx,
      carry,
      own,
      ctx.flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG,
      short,
    );
    const more = moreOfRoosts(ctx, seats, school);
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

/** Usable lengths of the bars that count, and which lots get up to each. */
const barsFor = (ctx: StationContext): Bars =>
  ctx.once('barsFor', () => {
    const bars = countedBars(ctx);
    // lots of one hop get up to the same perches, and share one list
    const lists = new Map<ReadonlySet<string>, boolean[]>();
    const listOf = (reached: ReadonlySet<string>): boolean[] => {
      const list = lists.get(reached) ?? bars.map((b) => reached.has(b.bar.id));
      lists.set(reached, list);
      return list;
    };
    return { usableM: bars.map((b) => b.effectiveM), reaches: reachedByLots(ctx).map(listOf) };
  });

/** Where the flock of the setting day sits by the school chosen. */
export const seatFlock = (ctx: StationContext, carry: Carry, school: ChosenSchool): FlockSeats =>
  ctx.once('seats', () => workSeats(ctx, carry, school));

function workSeats(ctx: StationContext, carry: Carry, school: ChosenSchool): FlockSeats {
  const d = carry.state === 'carries' ? carry.setOn : 0;
  const widths = widthsOf(ctx.flock, school, d);
  const counts = livingOn(ctx.flock, d);
  const sleepers = counts.map((count, i) => (widths[i] === 0 ? 0 : count));
  const { usableM, reaches } = barsFor(ctx);
  const kinds = kindsOf(sleepers, widths, reaches);
  return {
    ...packBars(usableM, kinds, lotOrder(ctx.flock, d, widths)),
    d,
    bars: countedBars(ctx),
    counts: sleepers,
    widths,
  };
}

/** Ducks take no bar: a kind without width is left out of the packing by having no birds. */
const kindsOf = (
  counts: readonly number[],
  widths: readonly number[],
  reaches: Bars['reaches'],
): BirdKind[] =>
  counts.map((count, i) => ({
    widthM: widths[i] || 1,
    count: widths[i] === 0 ? 0 : count,
    ...(reaches[i] ? { reaches: reaches[i] } : {}),
  }));

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
  const hot = hotFactor(ctx.flock);
  const scaled = hot * scaleToBird(school.value, mass, school.scale);
  return { ...scaledParts(school.value, mass, school.scale, scaled), hot };
}

function carryFigures(
  ctx: StationContext,
  carry: Carries,
  school: ChosenSchool,
  seats: FlockSeats,
): Figure[] {
  const basis = basisOf(school);
  const { widths, counts } = seats;
  const most = carry.needOn;
  const mostWidths = widthsOf(ctx.flock, school, most);
  const mostCounts = livingOn(ctx.flock, most).map((n, i) => (mostWidths[i] === 0 ? 0 : n));
  const effective = seats.bars.map((b) => b.effectiveM);
  const sleepers = counts.reduce((a, b) => a + b, 0);
  const seatedTotals = seats.seated.map((bar) => bar.reduce((a, b) => a + b, 0));
  const seated = seatedTotals.reduce((a, b) => a + b, 0);
  const capacity = {
    effective,
    widths,
    ...capacityParts(ctx, carry),
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
              widthParts(ctx, school, massThen(ctx.flock, i, most)),
              basis,
            ),
          ],
    ),
    figure(
      'roosts.widthPerBird',
      'roosts.widthPerBird',
      W['roosts.widthPerBird'],
      {
        counts: mostCounts,
        widths: mostWidths,
        mean:
          demandOf(mostCounts, mostWidths) /
          Math.max(
            1,
            mostCounts.reduce((a, b) => a + b, 0),
          ),
      },
      basis,
    ),
    ...[...new Set([carry.needOn, carry.setOn])].map((d) => {
      const own =
        d === carry.setOn ? { counts, widths } : { counts: mostCounts, widths: mostWidths };
      const id = d === carry.needOn ? 'roosts.needed' : thenId(carry, 'roosts.needed');
      const needed = demandOf(own.counts, own.widths);
      return figure(id, 'roosts.needed', W['roosts.needed'], { ...own, needed }, basis);
    }),
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
