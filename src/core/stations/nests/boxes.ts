import type { FlockByDay } from '../../birds/flock';
import type { Lot } from '../../birds/lots';
import { atMost, below } from '../../kernel/units/number';
import type { ClassRow } from '../../model/classes.data';
import type { NestBank, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { StationContext } from '../context';

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

/**
 * Whether a bank is for a lot's birds: as the keeper says, or, where she does not, ducks where it stands on the
 * floor and ducks live here, else anybody.
 */
export function isFor({ plan, flock }: StationContext, bank: NestBank, lot: Lot): boolean {
  if (bank.forWhom === 'anybody') return true;
  if (bank.forWhom !== null) return (bank.forWhom === 'ducks') === (lot.kind === 'duck');
  const ducksHere = flock.lots.some((l) => l.kind === 'duck' && l.laysFrom !== null);
  const onFloor = !below(FLOOR_LIP_M, bank.lipZ - plan.litter.depthM);
  if (!ducksHere) return true;
  // where both live, a bank on the floor is the ducks', and one above it the hens'
  return onFloor === (lot.kind === 'duck');
}

/** A lip no higher than this above the litter is a bank on the floor, m. Source: keepers (ducks' lips). */
const FLOOR_LIP_M = 0.3;

/**
 * 1 for each lot whose hens are in lay on a day of the horizon, else 0.
 * @example layingPerBird(flock, 0) // [1]
 */
export const layingPerBird = ({ columns }: FlockByDay, d: number): number[] =>
  columns.map((c) => c.inLay[d] ?? 0);
