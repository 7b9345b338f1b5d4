import { type BirdDay, birdDay } from '../../birds/daily';
import { FEED_ENERGY, heldForFeedC, kcalPerGram } from '../../birds/feed';
import { dayOf, type FlockByDay, livingOn, type Measure } from '../../birds/flock';
import { DUCK_TIMES, PARTS_OF_FEED, warmTimes } from '../../birds/water';
import { ASSUMED, type Basis } from '../../kernel/working';
import { ruled } from '../../rules/rules.data';
import { type Station, type StationContext, schoolFor } from '../context';
import { hotFactor } from '../roosts/widths';
import type { Sheet } from '../sheet';
import { FLOCK_WORKINGS as W } from './flock.working';
import { keepingRules } from './keeping';
import { lotEvents } from './lotEvents';
import { monthlyFigures } from './monthly';

/** One thing a flock asks for: today, and on the day that asks for most of it. */
export interface DemandRow {
  readonly measure: DemandMeasure;
  readonly todayFigure: string;
  /** Null where nobody asks for it in the horizon. */
  readonly most: { readonly figure: string; readonly day: string } | null;
}

export const DEMAND_MEASURES = [
  'area',
  'length',
  'inLay',
  'massKg',
  'eggs',
  'feedKg',
  'waterL',
  'heatW',
  'vapourKgDay',
] as const satisfies readonly Measure[];
export type DemandMeasure = (typeof DEMAND_MEASURES)[number];

const NRC: Basis = { evidence: 'published', source: 'nrc-1994' };
const CIGR: Basis = { evidence: 'published', source: 'cigr-2002' };
const USAGE: Basis = { evidence: 'keepers', source: 'keepers' };

const BASIS: Readonly<Record<DemandMeasure, Basis>> = {
  area: USAGE,
  length: USAGE,
  inLay: USAGE,
  massKg: ASSUMED,
  eggs: ASSUMED,
  feedKg: NRC,
  waterL: USAGE,
  heatW: CIGR,
  vapourKgDay: CIGR,
};

/** Those that count every bird on the place; the others count birds living in the coop. */
const OF_ALL: readonly DemandMeasure[] = ['eggs', 'feedKg', 'waterL'];

/** The flock: who lives together, what they ask for by day and month, and what one bird of each lot does. */
export const flockStation: Station = {
  id: 'flock',
  events: ({ flock }) => lotEvents(flock),
  judge: (s, ctx) => {
    const { plan, flock, schools } = ctx;
    s.part('flock.keeping', [flock, plan.limits, plan.fills, schools['floor.area']], (own) =>
      keepingRules(own, ctx),
    );
    s.explain(() => {
      demandFigures(s, ctx);
      flock.lots.forEach((_, i) => {
        oneBird(s, flock, i);
      });
      designFigures(s, flock);
      if (plan.flock.some((g) => g.hatchedOn === null)) {
        s.rule('flock.unknownAge', 'weeks', ruled('flock.unknownAge'), ASSUMED);
      }
      monthlyFigures(s, flock, plan.fills.bagKg);
    });
  },
};

/** What the flock asks for, as figures' ids: today, and on the day that asks for most. */
export const demandRows = (flock: FlockByDay): DemandRow[] =>
  DEMAND_MEASURES.map((measure) => {
    const peak = flock.peaks[measure];
    const most = peak && { figure: `demand.${measure}.most`, day: dayOf(flock, peak.d) };
    return { measure, todayFigure: `demand.${measure}.today`, most };
  });

function demandFigures(s: Sheet, ctx: StationContext): void {
  for (const measure of DEMAND_MEASURES) {
    demandFigure(s, ctx, measure, 0, `demand.${measure}.today`);
    const peak = ctx.flock.peaks[measure];
    if (peak !== null) demandFigure(s, ctx, measure, peak.d, `demand.${measure}.most`);
  }
}

function demandFigure(
  s: Sheet,
  ctx: StationContext,
  measure: DemandMeasure,
  d: number,
  id: string,
): void {
  const { flock } = ctx;
  const birds = OF_ALL.includes(measure)
    ? flock.columns.map((c) => c.here[d] ?? 0)
    : livingOn(flock, d);
  const perBird = flock.lots.map((_, i) => perBirdOf(ctx, measure, i, d));
  const total = birds.reduce((sum, n, i) => sum + n * (perBird[i] ?? 0), 0);
  const key = `demand.${measure}` as const;
  s.worked(id, W[key], { birds, perBird, total }, BASIS[measure]);
}

/** What one bird of a lot asks for on a day; floor and bar by the schools chosen. */
function perBirdOf(ctx: StationContext, measure: DemandMeasure, lot: number, d: number): number {
  const column = ctx.flock.columns[lot];
  if (!column) return 0;
  switch (measure) {
    case 'area': {
      const school = schoolFor(ctx, 'floor.area');
      const factor = school.scale === 'none' ? 1 : (column.areaFactor[d] ?? 0);
      return school.value * factor;
    }
    case 'length': {
      const school = schoolFor(ctx, 'roosts.length');
      const factor = column.lengthFactor[d] ?? 0;
      return (
        hotFactor(ctx.flock) * school.value * (school.scale === 'none' ? Math.sign(factor) : factor)
      );
    }
    default:
      return column[measure][d] ?? 0;
  }
}

/** One bird of a lot, today or on its first day here. */
function oneBird(s: Sheet, flock: FlockByDay, i: number): void {
  const lot = flock.lots[i];
  const first = flock.columns[i]?.here.findIndex((n) => n > 0) ?? -1;
  if (!lot || first < 0) return;
  const { horizon, climate } = flock;
  const day = birdDay(lot, horizon.first + first, horizon.dayOfYear[first] ?? 0, climate);
  const id = (name: string): string => `flock.${lot.id}.${name}`;
  liveFigure(s, id('live'), flock, i, day);
  s.worked(
    id('feed'),
    W['flock.feed'],
    {
      live: day.massKg,
      place: heldForFeedC(day.placeC, day.growing),
      gain: day.gainG,
      perGramGained: kcalPerGram(day.growing),
      eggMass: day.eggG,
      energy: day.askedKcal,
      energyOfFeed: FEED_ENERGY[day.feedKind],
      least: day.leastKg,
      feed: day.feedKg,
    },
    NRC,
  );
  s.worked(
    id('water'),
    W['flock.water'],
    {
      feed: day.feedKg,
      partsOfFeed: PARTS_OF_FEED,
      felt: day.feltC,
      warm: warmTimes(day.feltC),
      kind: lot.kind === 'duck' ? DUCK_TIMES : 1,
      water: day.waterL,
    },
    USAGE,
  );
  if (lot.sex === 'hen' && lot.breed.eggsYear > 0) eggsFigure(s, id('eggs'), day);
}

function eggsFigure(s: Sheet, id: string, day: BirdDay): void {
  const { best, byAge, byHours, leastLight, lightH, byLight, byMoult, byBrood, eggs } = day;
  const rest = { best, byAge, byLight, byMoult, byBrood, eggs };
  // without a climate nobody knows how long the day is
  if (lightH === null) {
    s.worked(id, W['flock.eggs.anyLight'], rest, ASSUMED);
    return;
  }
  const light = { hours: lightH, byHours, leastLight };
  s.worked(id, W['flock.eggs'], { ...light, ...rest }, ASSUMED);
}

function liveFigure(s: Sheet, id: string, flock: FlockByDay, i: number, day: BirdDay): void {
  const curve = flock.lots[i]?.curve;
  if (!curve || !day.growing || day.ageDays === null) {
    s.worked(id, W['flock.grown'], { value: day.massKg }, ASSUMED);
    return;
  }
  s.worked(
    id,
    W['flock.growing'],
    {
      adult: curve.adultKg,
      rate: curve.rate,
      age: day.ageDays,
      fastest: curve.fastestDay,
      live: day.massKg,
    },
    ASSUMED,
  );
}

function designFigures(s: Sheet, { climate }: FlockByDay): void {
  if (climate === null) return;
  const { winterC, summerC, hottestMeanMaxC } = climate.design;
  const one = (id: string, value: number): void => {
    s.worked(id, W['climate.design'], { value }, ASSUMED);
  };
  one('climate.designWinter', winterC);
  one('climate.designSummer', summerC);
  one('climate.hottestMeanMax', hottestMeanMaxC);
}

/**
 * The first day on which one bird of a lot is told of: today, or its first day here; null where it never comes.
 * @example toldOn(flock, 0) // '2026-11-24'
 */
export function toldOn(flock: FlockByDay, lot: number): string | null {
  const first = flock.columns[lot]?.here.findIndex((n) => n > 0) ?? -1;
  return first < 0 ? null : dayOf(flock, first);
}
