import { livingOn } from '../../birds/flock';
import { demandOf } from '../../carrying/asked';
import type { Carries } from '../../carrying/carrying';
import { wholeUp } from '../../kernel/units/number';
import { ENTERED, type Figure, figure, KEEPERS } from '../../kernel/working';
import type { NestBank, Plan } from '../../model/schema';
import type { ChosenSchool } from '../../rules/book';
import {
  basisOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  thenId,
} from '../context';
import { nestFindings } from './banks';
import { banksOf, boxesInside, boxServes, isFor, layingPerBird } from './boxes';
import { moreOfNests } from './fittings';
import { NESTS_WORKINGS as W } from './nests.working';

/** Nests: boxes enough for the hens in lay, each hen counted only where a box is her size. */
export const nestsStation: CarryingStation = {
  id: 'nests',
  topic: 'nests.hens',
  entered: (plan) => plan.fixtures.some((f) => f.kind === 'nestBank'),
  supply: (ctx) => [
    ctx.plan.litter.depthM,
    ...banksOf(ctx.plan).flatMap((b) => [b, boxesInside(b, ctx.plan)]),
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
  assess: (ctx, carry, school, short) => {
    const lips = banksOf(ctx.plan).map((bank) => lipFigure(bank, ctx.plan));
    if (carry.state !== 'carries') {
      return { station: 'nests', carry, figures: lips, findings: [] };
    }
    const own = carryFigures(ctx, carry, school);
    const found = nestFindings(ctx, carry, [...lips, ...own], short);
    const more = moreOfNests(ctx);
    return {
      station: 'nests',
      carry,
      figures: [...lips, ...own, ...found.figures, ...more.figures],
      findings: [...found.findings, ...more.findings],
    };
  },
};

/** Least number of boxes whatever the quotient: two from four hens on where the school says so. */
export function leastBoxes(school: ChosenSchool, hens: number): number {
  const twoFrom = school.params.twoBoxesFromHens;
  return twoFrom !== undefined && hens >= twoFrom ? 2 : 1;
}

/** Boxes that so many hens ask for. */
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
function boxSets(ctx: StationContext): BoxSet[] {
  const { lots } = ctx.flock;
  const banks = banksOf(ctx.plan);
  const own = lots.map((lot) => banks.map((b) => isFor(ctx, b, lot) && boxServes(b, lot.class)));
  const sets = new Map<string, BoxSet>();
  lots.forEach((_, g) => {
    for (let h = g; h < lots.length; h++) {
      const union = banks.map((_, b) => Boolean(own[g]?.[b] || own[h]?.[b]));
      const key = union.map(Number).join('');
      if (sets.has(key)) continue;
      sets.set(key, {
        boxes: banks.reduce((n, b, i) => n + (union[i] ? boxesInside(b, ctx.plan) : 0), 0),
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
  return banksOf(ctx.plan).map((b) =>
    lots.some((lot) => isFor(ctx, b, lot) && boxServes(b, lot.class))
      ? boxesInside(b, ctx.plan)
      : 0,
  );
}

function lipFigure(bank: NestBank, plan: Plan): Figure {
  const parts = {
    entrance: bank.lipZ,
    litter: plan.litter.depthM,
    lip: bank.lipZ - plan.litter.depthM,
  };
  return figure(`nests.bank.${bank.id}.lip`, 'nests.bank.lip', W['nests.bank.lip'], parts, {
    evidence: 'entered',
    source: 'plan',
  });
}

function carryFigures(ctx: StationContext, carry: Carries, school: ChosenSchool): Figure[] {
  const basis = basisOf(school);
  const boxesOn = (d: number) => {
    const perBird = layingPerBird(ctx.flock, d);
    const counts = livingOn(ctx.flock, d);
    const laying = counts.map((n, i) => n * (perBird[i] ?? 0));
    return { laying, hens: demandOf(counts, perBird), boxes: countedBoxes(ctx, laying) };
  };
  const hensPerBox = school.value;
  const asked = (d: number, ids: (id: string) => string): Figure[] => {
    const { laying, hens, boxes } = boxesOn(d);
    return [
      figure(
        ids('nests.hensInLay'),
        'nests.hensInLay',
        W['nests.hensInLay'],
        { laying, hens },
        ENTERED,
      ),
      figure(
        ids('nests.needed'),
        'nests.needed',
        W['nests.needed'],
        { hens, hensPerBox, least: leastBoxes(school, hens), boxes: boxesNeeded(school, hens) },
        basis,
      ),
      figure(
        ids('nests.have'),
        'nests.have',
        W['nests.have'],
        { boxes, there: boxes.reduce((a, b) => a + b, 0) },
        KEEPERS,
      ),
    ];
  };
  const { boxes } = boxesOn(carry.setOn);
  return [
    ...asked(carry.needOn, (id) => id),
    ...(carry.setOn === carry.needOn ? [] : asked(carry.setOn, (id) => thenId(carry, id))),
    figure(
      'nests.capacity',
      'nests.capacity',
      W['nests.capacity'],
      {
        boxes,
        hensPerBox,
        served: boxes.reduce((a, b) => a + b, 0) * hensPerBox,
        ...capacityParts(ctx, carry),
      },
      basis,
    ),
  ];
}
