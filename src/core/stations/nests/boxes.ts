import type { FlockByDay } from '../../birds/flock';
import { hopOf } from '../../birds/hops';
import type { Lot } from '../../birds/lots';
import { atMost, below } from '../../kernel/units/number';
import type { ClassRow } from '../../model/classes.data';
import { litterStartM } from '../../model/litter';
import type { NestBank, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { type StationContext, schoolFor } from '../context';

export const banksOf = (plan: Plan): NestBank[] =>
  plan.fixtures.filter((f): f is NestBank => f.kind === 'nestBank');

/** Whether a box is as large inside as a class of bird wants it. */
export function boxFits(bank: NestBank, birdClass: ClassRow): boolean {
  const [width, depth, height] = birdClass.nestBoxM;
  return atMost(width, bank.boxW) && atMost(depth, bank.boxD) && atMost(height, bank.boxH);
}

/**
 * Whether a box serves a class of bird at all: width and depth at least three quarters of hers. In a snug box
 * eggs crack and sides foul, but most keepers of dual-purpose birds build such.
 * @source keepers (domain notes, "Size, m")
 */
export function boxServes(bank: NestBank, birdClass: ClassRow): boolean {
  const [width, depth] = birdClass.nestBoxM;
  const snug = ruled('nests.box.snug');
  return atMost(snug * width, bank.boxW) && atMost(snug * depth, bank.boxD);
}

/** Boxes of a bank that stand where hens get into them: none of one that lies outside the shell. */
export const boxesInside = (bank: NestBank, { outside }: StationContext): number =>
  outside(bank) === null ? bank.boxes : 0;

/** Whether ducks that lay live here, so that a bank on the floor is theirs. */
const ducksLay = ({ flock }: Pick<StationContext, 'flock'>): boolean =>
  flock.lots.some((l) => l.kind === 'duck' && l.laysFrom !== null);

/** A bank whose lip is no higher than this above the first litter stands on the floor, m. Source: settled with issue K. */
const FLOOR_LIP_M = ruled('nests.lip.onFloor');

/**
 * Whether a bank is meant for a lot's birds: as the keeper says, or, where she does not, ducks alone where it stands on
 * the floor and ducks live here, else anybody.
 */
export function isMeantFor(ctx: StationContext, bank: NestBank, lot: Lot): boolean {
  if (bank.forWhom === 'anybody') return true;
  if (bank.forWhom !== null) return (bank.forWhom === 'ducks') === (lot.kind === 'duck');
  const onFloor = !below(FLOOR_LIP_M, bank.lipZ - litterStartM(ctx.plan));
  return !onFloor || !ducksLay(ctx) || lot.kind === 'duck';
}

/** The highest single rise on the way up to a bank's lowest entrance, from the litter as it is started, m. */
export function climbM(bank: NestBank, plan: Pick<Plan, 'litter'>): number {
  const start = litterStartM(plan);
  const step = Math.max(bank.stepZ, start);
  return Math.max(step - start, bank.lipZ - step);
}

/** How high a lot's birds get in at once, m: a hen by her hop; a duck walks up a little, and by no step. */
export const getsUpM = (ctx: StationContext, lot: Lot): number =>
  lot.kind === 'duck' ? lot.class.nestLipM[1] : hopOf(lot, schoolFor(ctx, 'roosts.hop'));

/** Whether a lot's birds get in at a bank's lip. */
export const getsIn = (ctx: StationContext, bank: NestBank, lot: Lot): boolean =>
  lot.kind === 'duck'
    ? !below(getsUpM(ctx, lot), bank.lipZ - litterStartM(ctx.plan))
    : !below(getsUpM(ctx, lot), climbM(bank, ctx.plan));

/**
 * Whether a bank is for a lot's birds. Where ducks live here and nobody is named, a bank is for those who get in; of
 * one that is for anybody a duck must get in as well.
 */
export function isFor(ctx: StationContext, bank: NestBank, lot: Lot): boolean {
  if (!isMeantFor(ctx, bank, lot)) return false;
  const shared = ducksLay(ctx) && bank.forWhom !== 'hens';
  return !shared || getsIn(ctx, bank, lot);
}

/**
 * 1 for each lot whose hens are in lay on a day of the horizon, else 0.
 * @example layingPerBird(flock, 0) // [1]
 */
export const layingPerBird = ({ columns }: FlockByDay, d: number): number[] =>
  columns.map((c) => c.inLay[d] ?? 0);
