import { gapInPlan } from '../../../geometry/segments';
import { boxesPerTier, solidOf } from '../../../geometry/solids';
import { freeAlong, OPPOSITE } from '../../../geometry/walls';
import type { NestBank, Plan, Side } from '../../../model/schema';
import { down } from '../../../model/tape';
import { metres, type Proposer } from '../../../proposals/remedy';
import { ruled } from '../../../rules/rules.data';

/** A bank hung through the wall at its back, outside: the floor it took is the birds'. */
export const HANG_OUTSIDE: Proposer = (finding, { plan }) =>
  plan.fixtures
    .filter((f): f is NestBank => f.kind === 'nestBank' && !f.hungOutside)
    .filter(({ id }) => finding.fixtures.length === 0 || finding.fixtures.includes(id))
    .map((bank) => {
      const { lengthM, widthM } = plan.shell;
      const at = {
        right: { x: -bank.boxD },
        left: { x: lengthM },
        rear: { y: -bank.boxD },
        front: { y: widthM },
      }[bank.faces];
      return {
        code: 'nests.hangOutside',
        fixtures: [bank.id],
        numbers: {},
        wall: OPPOSITE[bank.faces],
        hours: 2.5,
        change: (draft: Plan) => {
          const own = draft.fixtures.find((f) => f.id === bank.id);
          if (own) Object.assign(own, at, { hungOutside: true });
        },
      };
    });

/**
 * The bank hung through a wall where no opening is; null where there is no such place.
 * @param fromDoorsM  how far from pop doors, m: their light keeps hens from laying
 */
export function hungOutside(
  plan: Plan,
  bank: NestBank,
  fromDoorsM = ruled('nests.light.apart'),
): NestBank | null {
  const across = boxesPerTier(bank) * bank.boxW;
  const { lengthM, widthM } = plan.shell;
  const doors = plan.fixtures.filter((f) => f.kind === 'popDoor').map((f) => solidOf(f, plan));
  for (const wall of WALLS) {
    const hole = { widthM: across, heightM: bank.rows * bank.boxH, sillZ: bank.lipZ };
    const hung = (along: number): NestBank => ({
      ...bank,
      hungOutside: true,
      faces: OPPOSITE[wall],
      ...{
        left: { x: -bank.boxD, y: along },
        right: { x: lengthM, y: along },
        front: { x: along, y: -bank.boxD },
        rear: { x: along, y: widthM },
      }[wall],
    });
    const others = plan.fixtures.filter(
      (f): f is NestBank => f.kind === 'nestBank' && f.hungOutside && f.id !== bank.id,
    );
    const along = freeAlong(plan, wall, hole, (at) => {
      const s = solidOf(hung(at), plan);
      if (doors.some((d) => gapInPlan(d, s) < fromDoorsM)) return false;
      return others.every((o) => {
        const t = solidOf(o, plan);
        return s.x1 <= t.x0 || t.x1 <= s.x0 || s.y1 <= t.y0 || t.y1 <= s.y0;
      });
    });
    if (along !== null) return hung(down(plan, along));
  }
  return null;
}

/** Walls in the order that nests are hung on them: the bars stand at the rear. */
const WALLS: readonly Side[] = ['front', 'left', 'right', 'rear'];

/** A bank in the wrong place hung outside, through a wall where nothing is in its way. */
export const HANG_ELSEWHERE: Proposer = (finding, { plan }) =>
  plan.fixtures
    .filter((f): f is NestBank => f.kind === 'nestBank' && finding.fixtures.includes(f.id))
    .flatMap((bank) => {
      const hung = hungOutside(plan, bank);
      if (hung === null) return [];
      return [
        {
          code: 'nests.setOutside',
          fixtures: [bank.id],
          numbers: { height: metres(hung.lipZ - plan.litter.depthM) },
          wall: OPPOSITE[hung.faces],
          hours: 2.5,
          change: (draft: Plan) => {
            const at = draft.fixtures.findIndex((f) => f.id === bank.id);
            if (at >= 0) draft.fixtures[at] = hung;
          },
        },
      ];
    });
