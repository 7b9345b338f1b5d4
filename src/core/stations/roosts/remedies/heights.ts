import { sleepingBars } from '../../../geometry/bars';
import type { RemedyCode } from '../../../kernel/codes.data';
import { litterEndM } from '../../../model/litter';
import type { Bar, OfKind, Plan } from '../../../model/schema';
import { down, up } from '../../../model/tape';
import { leastBarZ } from '../../../proposals/leastBar';
import { metres, type ProposalContext, type Proposer } from '../../../proposals/remedy';
import { changing, fixtureIn, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { addSteps } from './steps';

/** The bar lowered, and what stood over the new height with it. */
const lowerTo =
  (
    code: RemedyCode,
    heightOf: (told: number, plan: Plan, bar: Bar) => number,
    name: string,
  ): Proposer =>
  (finding, { plan }) => {
    const bar = fixtureIn(plan, finding, ['bar']);
    if (!bar) return [];
    const z = heightOf(told(finding, name), plan, bar);
    const all = sleepingBars(plan).filter((b) => b.z > z);
    const height = { height: metres(z - plan.litter.depthM) };
    return [
      {
        code,
        fixtures: [bar.id],
        numbers: height,
        change: changing(bar, (b) => {
          b.z = z;
        }),
      },
      {
        code,
        fixtures: all.map((b) => b.id),
        numbers: height,
        change: (draft) => {
          for (const f of draft.fixtures) {
            if (f.kind === 'bar' && f.use === 'sleeping' && f.z > z) f.z = z;
          }
        },
      },
    ];
  };

export const lowerAllowed = lowerTo(
  'roosts.lower',
  (m, plan) => down(plan, m + plan.litter.depthM),
  'allowed',
);

/** A bar that birds hop up to from the litter: as low as that, and no lower than bars may be. */
export const lowerToHop: Proposer = (finding, ctx) => {
  const z = down(ctx.plan, told(finding, 'hop') + ctx.plan.litter.depthM);
  return z < leastBarZ(ctx.plan) - 1e-9
    ? []
    : lowerTo('roosts.lower', (m, plan) => down(plan, m + plan.litter.depthM), 'hop')(finding, ctx);
};

/** Bars as low as they may stand, and a step half-way up for birds that hop less than that. */
export const lowerWithStep: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z = leastBarZ(plan);
  if (z >= bar.z - 1e-9) return [];
  const lowered = { ...bar, z };
  const draftPlan = {
    ...plan,
    fixtures: plan.fixtures.map((f) => (f.id === bar.id ? lowered : f)),
  };
  return addSteps({ ...finding, fixtures: [bar.id] }, { plan: draftPlan } as ProposalContext).map(
    (steps) => ({
      ...steps,
      code: 'roosts.lowerWithStep',
      numbers: { ...steps.numbers, height: metres(z - plan.litter.depthM) },
      hours: 0.5 + (steps.hours ?? 0.5),
      change: (draft) => {
        const own = draft.fixtures.find((f) => f.id === bar.id);
        if (own?.kind === 'bar') own.z = z;
        steps.change(draft);
      },
    }),
  );
};

/** A bar nobody sleeps on, taken out. */
export const takeOut: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  return [
    {
      code: 'shell.takeOut',
      fixtures: [bar.id],
      numbers: {},
      change: (draft) => {
        draft.fixtures = draft.fixtures.filter((f) => f.id !== bar.id);
      },
    },
  ];
};

/** Nests that stand in the way come down with the bars. */
export const lowerWithNests: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z =
    finding.numbers.room === undefined
      ? down(plan, told(finding, 'allowed') + plan.litter.depthM)
      : down(plan, bar.z - (told(finding, 'needed') - told(finding, 'room')));
  const banks = plan.fixtures.filter((f): f is OfKind<'nestBank'> => f.kind === 'nestBank');
  if (banks.length === 0 || leastBarZ(plan) <= z) return [];
  return [
    {
      code: 'roosts.lowerWithNests',
      fixtures: [bar.id],
      numbers: { height: metres(z - plan.litter.depthM) },
      change: (draft) => {
        for (const f of draft.fixtures) {
          if (f.kind === 'bar' && f.use === 'sleeping' && f.z > z) f.z = z;
          if (f.kind === 'nestBank') {
            const top = f.lipZ + (f.rows - 1) * f.boxH;
            const over = top - (z - ruled('roosts.aboveNests'));
            if (over > 0) f.lipZ = down(plan, f.lipZ - over);
          }
        }
      },
    },
  ];
};

/** Bars as low as the birds hop, and the nests under them low enough. */
export const lowerNestsAndBar: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z = down(plan, told(finding, 'hop') + plan.litter.depthM);
  const lipZ = down(plan, z - ruled('roosts.aboveNests'));
  const least = Math.max(plan.litter.depthM + 0.3, litterEndM(plan) + ruled('nests.lip.final'));
  const lowest = Math.max(
    plan.litter.depthM + ruled('roosts.lowest'),
    litterEndM(plan) + ruled('roosts.lowest.final'),
  );
  if (z < lowest - 1e-9 || lipZ < least - 1e-9) return [];
  return [
    {
      code: 'roosts.lowerWithNests',
      fixtures: [bar.id],
      numbers: { height: metres(z - plan.litter.depthM) },
      change: (draft) => {
        for (const f of draft.fixtures) {
          if (f.kind === 'bar' && f.id === bar.id) f.z = z;
          if (f.kind === 'nestBank' && f.lipZ > lipZ) f.lipZ = lipZ;
        }
      },
    },
  ];
};

export const raiseToSchool: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z = up(plan, told(finding, 'needed') + plan.litter.depthM);
  return [
    {
      code: 'roosts.raise',
      fixtures: [bar.id],
      numbers: { height: metres(z - plan.litter.depthM) },
      change: (draft) => {
        for (const f of draft.fixtures) {
          if (f.kind === 'bar' && f.use === 'sleeping' && f.z < z) f.z = z;
        }
      },
    },
  ];
};

export const underRoof: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z = down(plan, bar.z - (told(finding, 'needed') - told(finding, 'room')));
  return [
    {
      code: 'roosts.lower',
      fixtures: [bar.id],
      numbers: { height: metres(z - plan.litter.depthM) },
      change: changing(bar, (b) => {
        b.z = z;
      }),
    },
  ];
};
