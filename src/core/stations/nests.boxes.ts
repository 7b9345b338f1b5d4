import type { ClassRow } from '../birds/classes.data';
import type { NestBank, Plan } from '../plan/schema';
import { atMost } from '../units/number';
import type { StationContext } from './context';

export const banksOf = (plan: Plan): NestBank[] =>
  plan.fixtures.filter((f): f is NestBank => f.kind === 'nestBank');

/** Whether a box is large enough inside for a class of bird. */
export function boxFits(bank: NestBank, birdClass: ClassRow): boolean {
  const [width, depth, height] = birdClass.nestBoxM;
  return atMost(width, bank.boxW) && atMost(depth, bank.boxD) && atMost(height, bank.boxH);
}

/** 1 for each lot whose hens are in lay on a day of the horizon, else 0. */
export const layingPerBird = (ctx: StationContext, d: number): number[] =>
  ctx.flock.columns.map((c) => c.inLay[d] ?? 0);
