import { barsOf } from '../../../geometry/bars';
import { highestOpenLipZ } from '../../../geometry/solids';
import type { RemedyCode } from '../../../kernel/codes.data';
import { litterEndM } from '../../../model/litter';
import type { NestBank, Plan } from '../../../model/schema';
import { down, near, up } from '../../../model/tape';
import { metres, type Proposal, type Proposer } from '../../../proposals/remedy';
import { ruled } from '../../../rules/rules.data';
import { lowBed } from '../../litter/remedies/lowBed';
import { bankIn, bankOf, clearBars } from './bankIn';

/** Lips that pass at both levels: over the litter as it starts, and as it ends. */
function leastLipZ(plan: Plan, bank: NestBank, leastM: number): number {
  const ducks = bank.forWhom === 'ducks' || leastM === 0;
  return up(
    plan,
    Math.max(plan.litter.depthM + leastM, ducks ? 0 : litterEndM(plan) + ruled('nests.lip.final')),
  );
}

/** The lip set to what the hens want, and the bars kept clear above it. */
export const raiseLip: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  if (!bank) return [];
  const least = finding.numbers.needed?.value ?? 0;
  // what is told is the least at one of the levels; the other holds too
  const usual = least === ruled('nests.lip.final') ? 0.3 : least;
  return [lipAt(bank, leastLipZ(plan, bank, usual), 'nests.setLip', plan)];
};

export const lowerLip: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  const most = finding.numbers.allowed?.value ?? finding.numbers.hop?.value;
  if (!bank || most === undefined) return [];
  const lipZ = down(plan, plan.litter.depthM + most);
  return lipZ < litterEndM(plan) + ruled('nests.lip.final') - 1e-9 && most > 0.3
    ? []
    : [lipAt(bank, lipZ, 'nests.setLip', plan)];
};

/** A lip that a step half-way up does not bring within a hop, lowered until it does. */
export const lowerLipWithStep: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  const hop = finding.numbers.hop?.value;
  if (!bank || hop === undefined) return [];
  const lipZ = down(plan, plan.litter.depthM + 2 * hop);
  const least = leastLipZ(plan, bank, 0.3);
  if (lipZ >= bank.lipZ - 1e-9 || lipZ < least - 1e-9) return [];
  const stepZ = near(plan, plan.litter.depthM + (lipZ - plan.litter.depthM) / 2);
  if (Math.max(stepZ - plan.litter.depthM, lipZ - stepZ) > hop + 1e-9) return [];
  return [
    {
      code: 'nests.lowerWithStep',
      fixtures: [bank.id],
      numbers: {
        height: metres(lipZ - plan.litter.depthM),
        step: metres(stepZ - plan.litter.depthM),
      },
      hours: 0.8,
      change: (draft) => {
        const own = bankIn(draft, bank.id);
        if (own) Object.assign(own, { lipZ, stepZ });
      },
    },
  ];
};

/** The bed kept so low, and the lip with it, that birds which hop little get in by one step. */
export const keepBedLow: Proposer = (finding, { plan, sizes }) => {
  const low = lowBed(plan, sizes.hopM);
  const hop = finding.numbers.hop?.value;
  const bank = bankOf(plan, finding.fixtures);
  if (low === null || hop === undefined || !bank) return [];
  const stepZ = down(plan, plan.litter.depthM + hop);
  const lipZ = down(plan, stepZ + hop);
  if (lipZ >= bank.lipZ - 1e-9 || lipZ < plan.litter.depthM + 0.3 - 1e-9) return [];
  const { finalM } = low.litter;
  return [
    {
      code: 'litter.keepTo',
      fixtures: [],
      numbers: { depth: metres(finalM ?? 0) },
      also: [
        {
          code: 'nests.lowerWithStep',
          fixtures: [bank.id],
          numbers: {
            height: metres(lipZ - plan.litter.depthM),
            step: metres(stepZ - plan.litter.depthM),
          },
        },
      ],
      hours: 5,
      change: (draft) => {
        draft.litter.finalM = finalM;
        const own = bankIn(draft, bank.id);
        if (own) Object.assign(own, { lipZ, stepZ });
      },
    },
  ];
};

/** A step or rail half-way up to the lip. */
export const stepToLip: Proposer = (finding, { plan }) => {
  const bank = bankOf(plan, finding.fixtures);
  const hop = finding.numbers.hop?.value;
  if (!bank || hop === undefined) return [];
  const climb = bank.lipZ - plan.litter.depthM;
  if (climb > 2 * hop) return [];
  const stepZ = near(plan, plan.litter.depthM + climb / 2);
  return [
    {
      code: 'nests.step',
      fixtures: [bank.id],
      numbers: { height: metres(stepZ - plan.litter.depthM) },
      change: (draft) => {
        const own = bankIn(draft, bank.id);
        if (own) own.stepZ = stepZ;
      },
    },
  ];
};

/** Nests that stand too high under the bars come down; the bars stay. */
export const lowerNests: Proposer = (finding, { plan }) => {
  const bars = barsOf(plan).filter((b) => finding.fixtures.includes(b.id));
  const lowest = Math.min(...bars.map((b) => b.z));
  if (!Number.isFinite(lowest)) return [];
  const most = lowest - ruled('roosts.aboveNests');
  const high = plan.fixtures.filter(
    (f): f is NestBank => f.kind === 'nestBank' && highestOpenLipZ(f) > most + 1e-9,
  );
  const to = high.map((bank) => ({
    bank,
    lipZ: down(plan, bank.lipZ - (highestOpenLipZ(bank) - most)),
  }));
  const floor = Math.max(plan.litter.depthM + 0.3, litterEndM(plan) + ruled('nests.lip.final'));
  if (to.length === 0 || to.some((t) => t.lipZ < floor - 1e-9)) return [];
  return [
    {
      code: 'nests.lower',
      fixtures: to.map((t) => t.bank.id),
      numbers: { height: metres(Math.min(...to.map((t) => t.lipZ)) - plan.litter.depthM) },
      hours: 0.5 * to.length,
      change: (draft) => {
        for (const { bank, lipZ } of to) {
          const own = bankIn(draft, bank.id);
          if (own) own.lipZ = lipZ;
        }
      },
    },
  ];
};

/** The bank hung high enough that the floor under it counts. */
export const hang: Proposer = (_, { plan }) => {
  const lipZ = up(plan, litterEndM(plan) + ruled('floor.raised') + ruled('nests.lip.board'));
  return plan.fixtures
    .filter((f): f is NestBank => f.kind === 'nestBank' && f.lipZ < lipZ - 1e-9)
    .map((bank) => lipAt(bank, lipZ, 'nests.hang', plan));
};

function lipAt(bank: NestBank, lipZ: number, code: RemedyCode, plan: Plan): Proposal {
  return {
    code,
    fixtures: [bank.id],
    numbers: { height: metres(lipZ - plan.litter.depthM) },
    change: (draft) => {
      const own = bankIn(draft, bank.id);
      if (!own) return;
      own.lipZ = lipZ;
      clearBars(draft);
    },
  };
}
