import { newBoard } from '../edit/new/bars';
import { sleepingBars } from '../geometry/bars';
import { mm } from '../geometry/walls';
import type { OfKind, Plan } from '../model/schema';
import { down } from '../model/tape';
import { ruled } from '../rules/rules.data';

/** A board as long as the bars, for any station that asks for one. */
export const boardForBars = (plan: Plan): OfKind<'board'> => {
  const bars = sleepingBars(plan).filter((b) => b.axis === 'x');
  const front = ruled('roosts.board.front');
  if (bars.length === 0) return newBoard(plan);
  const y = Math.max(0, down(plan, Math.min(...bars.map((b) => b.y)) - front));
  return newBoard(plan, {
    y,
    depthM: Math.max(0.1, mm(plan.shell.widthM - y)),
    z: down(plan, Math.min(...bars.map((b) => b.z)) - 0.2),
  });
};
