import { livingOn } from '../../birds/flock';
import type { Lot } from '../../birds/lots';
import { demandOf } from '../../carrying/asked';
import type { Carries } from '../../carrying/carrying';
import type { When } from '../../kernel/finding';
import { wholeUp } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import type { NestBank, Plan } from '../../model/schema';
import type { ChosenSchool } from '../../rules/book';
import {
  basisOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  schoolFor,
  thenId,
} from '../context';
import type { Sheet } from '../sheet';
import { banksUnderBars, boxSmall, lipHeight, neededSize } from './banks';
import { boxesInside, boxServes, isFor, layingPerBird } from './boxes';
import { bankBuilt, toldOfNests } from './fittings';
import { NESTS_WORKINGS as W } from './nests.working';
import { nestOpenings } from './opening';

/** Nests: boxes enough for the hens in lay, each hen counted only where a box is her size. */
export const nestsStation: CarryingStation = {
  id: 'nests',
  events: (ctx) =>
    nestOpenings(ctx.flock).map((e) => ({ ...e, fixtures: ctx.of('nestBank').map((b) => b.id) })),
  topic: 'nests.hens',
  entered: (plan) => plan.fixtures.some((f) => f.kind === 'nestBank'),
  supply: (ctx) => [
    ctx.plan.litter.depthM,
    schoolFor(ctx, 'roosts.hop'),
    ...ctx
      .of('nestBank')
      .flatMap((b) => [b.forWhom, b.lipZ, b.stepZ, b.boxW, b.boxD, boxesInside(b, ctx)]),
  ],
  demand: (ctx, school) => {
    const sets = ctx.once('boxSets', () => boxSets(ctx));
    const layingOn = byDay(ctx, 'laying', [], layingPerBird);
    return {
      measure: 'inLay',
      perBird: layingOn,
      fits: (taken, { perBird }) => boxesServe(sets, school, taken, perBird),
    };
  },
  judge: (s, ctx, { carry, school, short }) => {
    const banks = ctx.of('nestBank');
    s.explain(() => {
      for (const bank of banks) lipFigure(s, bank, ctx.plan);
    });
    if (carry.state !== 'carries') return;
    s.explain(() => {
      carryFigures(s, ctx, carry, school);
      toldOfNests(s, banks);
    });
    // too few boxes of a size and boxes too small are one cause: told once
    const bySize = boxesShort(s, ctx, carry, school, short);
    banksUnderBars(s, ctx);
    const { plan, flock, of } = ctx;
    const { keeper, shell, litter } = plan;
    const hops = schoolFor(ctx, 'roosts.hop');
    const reads = [keeper, shell, litter, flock, of('popDoor'), hops, bySize, banks];
    for (const bank of banks) {
      s.part(
        'nests.bank',
        reads,
        (own) => {
          lipHeight(own, bank, ctx);
          if (!bySize) boxSmall(own, bank, ctx);
          bankBuilt(own, ctx, bank);
        },
        bank,
      );
    }
  },
};

/**
 * Least number of boxes whatever the quotient: two from four hens on where the school says so.
 * @example leastBoxes(ctx.schools['nests.hens'], 6) // 2
 */
export function leastBoxes(school: ChosenSchool, hens: number): number {
  const twoFrom = school.params.twoBoxesFromHens;
  return twoFrom !== undefined && hens >= twoFrom ? 2 : 1;
}

/**
 * Boxes that so many hens ask for.
 * @example boxesNeeded({ ...ctx.schools['nests.hens'], value: 4.5 }, 10) // 3
 */
export const boxesNeeded = (school: ChosenSchool, hens: number): number =>
  hens === 0 ? 0 : Math.max(leastBoxes(school, hens), wholeUp(hens / school.value));

/** Boxes of some banks, and the lots that none but those serve. */
interface BoxSet {
  readonly boxes: number;
  readonly only: readonly number[];
}

/**
 * The sets of boxes that decide: those that serve a lot, and those that serve either of two. Sizes are nested and
 * a bank is for hens, for ducks or for both, so that where each of these sets is large enough for the lots that
 * have nothing else, all are served.
 */
function boxSets(
  ctx: StationContext,
  boxesOf: (bank: NestBank) => number = (b) => boxesInside(b, ctx),
): BoxSet[] {
  const { lots } = ctx.flock;
  const banks = ctx.of('nestBank');
  const own = lots.map((lot) => banks.map((b) => isFor(ctx, b, lot) && boxServes(b, lot.class)));
  const sets = new Map<string, BoxSet>();
  lots.forEach((_, g) => {
    for (let h = g; h < lots.length; h++) {
      const union = banks.map((_, b) => Boolean(own[g]?.[b] || own[h]?.[b]));
      const key = union.map(Number).join('');
      if (sets.has(key)) continue;
      sets.set(key, {
        boxes: banks.reduce((n, b, i) => n + (union[i] ? boxesOf(b) : 0), 0),
        only: lots.flatMap((_, j) => (own[j]?.every((x, b) => !x || union[b]) ? [j] : [])),
      });
    }
  });
  return [...sets.values()];
}

/** Whether the boxes serve the hens, each in one that is large enough for her and meant for her. */
function boxesServe(
  sets: readonly BoxSet[],
  school: ChosenSchool,
  taken: readonly number[],
  laying: readonly number[],
): boolean {
  for (const { boxes, only } of sets) {
    let hens = 0;
    for (const j of only) hens += (taken[j] as number) * (laying[j] as number);
    if (hens > 0 && boxes < boxesNeeded(school, hens)) return false;
  }
  return true;
}

/** Boxes of each bank that at least one class of this flock's laying hens can use. */
function countedBoxes(ctx: StationContext, laying: readonly number[]): number[] {
  const lots = ctx.flock.lots.filter((_, i) => (laying[i] ?? 0) > 0);
  return ctx
    .of('nestBank')
    .map((b) =>
      lots.some((lot) => isFor(ctx, b, lot) && boxServes(b, lot.class)) ? boxesInside(b, ctx) : 0,
    );
}

function lipFigure(s: Sheet, bank: NestBank, plan: Plan): void {
  const parts = {
    entrance: bank.lipZ,
    litter: plan.litter.depthM,
    lip: bank.lipZ - plan.litter.depthM,
  };
  s.worked(`nests.bank.${bank.id}.lip`, W['nests.bank.lip'], parts, ENTERED);
}

/** Hens in lay on a day of the horizon, and the boxes that serve some of them, bank by bank. */
function boxesOn(ctx: StationContext, d: number) {
  const perBird = layingPerBird(ctx.flock, d);
  const counts = livingOn(ctx.flock, d);
  const laying = counts.map((n, i) => n * (perBird[i] ?? 0));
  return { laying, hens: demandOf(counts, perBird), boxes: countedBoxes(ctx, laying) };
}

/** Hens in lay, boxes needed and boxes there on a day, under the figures' ids of that day. */
function askedOn(
  s: Sheet,
  ctx: StationContext,
  school: ChosenSchool,
  d: number,
  ids: (id: string) => string,
) {
  const { laying, hens, boxes } = boxesOn(ctx, d);
  return {
    needed: s.worked(
      ids('nests.needed'),
      W['nests.needed'],
      {
        hens,
        hensPerBox: school.value,
        least: leastBoxes(school, hens),
        boxes: boxesNeeded(school, hens),
      },
      basisOf(school),
    ),
    there: s.worked(
      ids('nests.have'),
      W['nests.have'],
      { boxes, there: boxes.reduce((a, b) => a + b, 0) },
      KEEPERS,
    ),
    hens: s.worked(ids('nests.hensInLay'), W['nests.hensInLay'], { laying, hens }, ENTERED),
  };
}

function carryFigures(s: Sheet, ctx: StationContext, carry: Carries, school: ChosenSchool): void {
  askedOn(s, ctx, school, carry.needOn, (id) => id);
  if (carry.setOn !== carry.needOn) {
    askedOn(s, ctx, school, carry.setOn, (id) => thenId(carry, id));
  }
  const { boxes } = boxesOn(ctx, carry.setOn);
  s.worked(
    'nests.capacity',
    W['nests.capacity'],
    {
      boxes,
      hensPerBox: school.value,
      served: boxes.reduce((a, b) => a + b, 0) * school.value,
      ...capacityParts(ctx, carry),
    },
    basisOf(school),
  );
}

/** Too few boxes on the day that sets the station, or too few that are large enough: true for the latter. */
function boxesShort(
  s: Sheet,
  ctx: StationContext,
  carry: Carries,
  school: ChosenSchool,
  short: When | null,
): boolean {
  if (carry.fitting >= carry.present) return false;
  // that a bank stands outside the shell is told of it; inside, its boxes would do
  const isTold = ctx.of('nestBank').some((b) => ctx.outside(b) !== null);
  const all = () => boxSets(ctx, (b) => b.boxes);
  const laying = layingPerBird(ctx.flock, carry.setOn);
  if (isTold && boxesServe(all(), school, carry.flock, laying)) return false;
  const numbers = askedOn(s, ctx, school, carry.setOn, (id) => thenId(carry, id));
  const { needed, there } = numbers;
  if (there.value >= needed.value) {
    // enough boxes by number, but too few of them are large enough
    const largest = largestInLay(ctx, carry);
    const size = largest === null ? {} : neededSize(s, largest);
    s.find('nests.boxes.sizeShort', 'short', [], { ...numbers, ...size }, null, short);
    return true;
  }
  const missing = s.worked(
    'nests.missing',
    W['nests.missing'],
    { needed: needed.value, there: there.value, missing: needed.value - there.value },
    KEEPERS,
  );
  const ids = ctx.of('nestBank').map((b) => b.id);
  s.find('nests.boxes.short', 'short', ids, { ...numbers, missing }, null, short);
  return false;
}

/** The largest of the hens in lay on the day that sets the station. */
function largestInLay(ctx: StationContext, carry: Carries): Lot | null {
  const laying = layingPerBird(ctx.flock, carry.setOn);
  return ctx.flock.lots
    .filter((_, i) => (laying[i] ?? 0) * (carry.flock[i] ?? 0) > 0)
    .reduce<Lot | null>((a, b) => (a === null || b.massKg > a.massKg ? b : a), null);
}
