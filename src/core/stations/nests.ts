import type { ClassRow } from '../birds/classes.data';
import type { NestBank, Plan } from '../plan/schema';
import type { ChosenSchool } from '../rules/book';
import { wholeUp } from '../units/number';
import { type Figure, figure, KEEPERS } from '../working';
import { type Carry, demandOf } from './carrying';
import { basisOf, byDay, type CarryingStation, type StationContext } from './context';
import { banksOf, boxFits, layingPerBird } from './nests.boxes';
import { nestFindings } from './nests.findings';
import { moreOfNests } from './nests.more';
import { NESTS_WORKINGS as W } from './nests.working';

/** Nests: boxes enough for the hens in lay, each hen counted only where a box is her size. */
export const nestsStation: CarryingStation = {
  id: 'nests',
  topic: 'nests.hens',
  entered: (plan) => plan.fixtures.some((f) => f.kind === 'nestBank'),
  supply: (ctx) => banksOf(ctx.plan),
  demand: (ctx, school) => {
    const sizes = sizeClasses(ctx);
    const layingOn = byDay((d) => layingPerBird(ctx, d));
    return {
      measure: 'inLay',
      perBird: layingOn,
      fits: (taken, d) => boxesServe(sizes, school, taken, layingOn(d)),
    };
  },
  assess: (ctx, carry, school) => {
    const lips = banksOf(ctx.plan).map((bank) => lipFigure(bank, ctx.plan));
    if (carry.state !== 'carries') {
      return { station: 'nests', carry, figures: lips, findings: [] };
    }
    const own = carryFigures(ctx, carry, school);
    const found = nestFindings(ctx, carry, [...lips, ...own]);
    const more = moreOfNests(ctx, carry.setOn);
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

/** For each group: the groups whose hens need boxes at least as large, and the boxes large enough. */
interface SizeClass {
  readonly needing: readonly number[];
  readonly boxes: number;
}

function sizeClasses(ctx: StationContext): SizeClass[] {
  const { lots } = ctx.flock;
  const banks = banksOf(ctx.plan);
  return lots.map((g) => ({
    needing: lots.flatMap((other, j) => (asLarge(other.class, g.class) ? [j] : [])),
    boxes: banks.reduce((n, b) => n + (boxFits(b, g.class) ? b.boxes : 0), 0),
  }));
}

/**
 * Whether the boxes serve the hens, sizes respected. Sizes are nested, so it is enough that for each
 * class the boxes her size or larger serve all the hens that need at least that size.
 */
function boxesServe(
  sizes: readonly SizeClass[],
  school: ChosenSchool,
  taken: readonly number[],
  laying: readonly number[],
): boolean {
  for (let i = 0; i < sizes.length; i++) {
    if ((taken[i] as number) * (laying[i] as number) === 0) continue;
    const { needing, boxes } = sizes[i] as SizeClass;
    let hens = 0;
    for (const j of needing) hens += (taken[j] as number) * (laying[j] as number);
    if (boxes < boxesNeeded(school, hens)) return false;
  }
  return true;
}

const asLarge = (a: ClassRow, b: ClassRow): boolean =>
  a.nestBoxM.every((size, i) => size >= (b.nestBoxM[i] ?? 0));

/** Boxes of each bank that at least one class of this flock's laying hens can use. */
function countedBoxes(ctx: StationContext, laying: readonly number[]): number[] {
  const classes = ctx.flock.lots.filter((_, i) => (laying[i] ?? 0) > 0).map((g) => g.class);
  return banksOf(ctx.plan).map((b) => (classes.some((c) => boxFits(b, c)) ? b.boxes : 0));
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

function carryFigures(
  ctx: StationContext,
  carry: Extract<Carry, { state: 'carries' }>,
  school: ChosenSchool,
): Figure[] {
  const basis = basisOf(school);
  const perBird = layingPerBird(ctx, carry.setOn);
  const laying = carry.flock.map((n, i) => n * (perBird[i] ?? 0));
  const hens = demandOf(carry.flock, perBird);
  const boxes = countedBoxes(ctx, laying);
  const there = boxes.reduce((a, b) => a + b, 0);
  const hensPerBox = school.value;
  return [
    figure(
      'nests.hensInLay',
      'nests.hensInLay',
      W['nests.hensInLay'],
      { laying, hens },
      { evidence: 'entered', source: 'plan' },
    ),
    figure(
      'nests.needed',
      'nests.needed',
      W['nests.needed'],
      { hens, hensPerBox, least: leastBoxes(school, hens), boxes: boxesNeeded(school, hens) },
      basis,
    ),
    figure('nests.have', 'nests.have', W['nests.have'], { boxes, there }, KEEPERS),
    figure(
      'nests.capacity',
      'nests.capacity',
      W['nests.capacity'],
      {
        boxes,
        hensPerBox,
        served: there * hensPerBox,
        fitted: carry.taken,
        fitting: carry.fitting,
        present: carry.present,
        planned: ctx.flock.planned,
        carries: carry.carries,
      },
      basis,
    ),
  ];
}
