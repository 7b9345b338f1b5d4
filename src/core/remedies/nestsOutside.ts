import { OPPOSITE } from '../geometry/walls';
import type { NestBank, Plan } from '../plan/schema';
import type { Proposer } from './remedy';

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
