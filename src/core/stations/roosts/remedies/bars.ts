import { newCeiling } from '../../../edit/new/bars';
import { barsOf } from '../../../geometry/bars';
import { grown } from '../../../geometry/segments';
import { meetInPlan, solidOf } from '../../../geometry/solids';
import { litterEndM } from '../../../model/litter';
import type { Bar, OfKind, Plan } from '../../../model/schema';
import { leastBarZ } from '../../../proposals/leastBar';
import {
  down,
  metres,
  near,
  type ProposalContext,
  type Proposer,
  up,
} from '../../../proposals/remedy';
import { adding, changing, fixtureIn, planning, setting, told } from '../../../proposals/setting';
import { FIT } from '../../../rules/fit.data';
import { FACTS } from '../../../rules/singleRules.data';
import { addSteps, addStepsDown } from './steps';

const mm = (m: number): number => Math.round(m * 1000) / 1000;

const USUAL_LEAST: Readonly<Partial<Record<Bar['section']['shape'], number>>> = {
  round: 0.045,
  square: 0.045,
  branch: 0.06,
};

/** The bar lowered, and what stood over the new height with it. */
const lowerTo =
  (
    code: string,
    heightOf: (told: number, plan: Plan, bar: Bar) => number,
    name: string,
  ): Proposer =>
  (finding, { plan }) => {
    const bar = fixtureIn(plan, finding, ['bar']);
    if (!bar) return [];
    const z = heightOf(told(finding, name), plan, bar);
    const all = barsOf(plan).filter((b) => b.use === 'sleeping' && b.z > z);
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

const lowerAllowed = lowerTo(
  'roosts.lower',
  (m, plan) => down(plan, m + plan.litter.depthM),
  'allowed',
);

/** A bar that birds hop up to from the litter: as low as that, and no lower than bars may be. */
const lowerToHop: Proposer = (finding, ctx) => {
  const z = down(ctx.plan, told(finding, 'hop') + ctx.plan.litter.depthM);
  return z < leastBarZ(ctx.plan) - 1e-9
    ? []
    : lowerTo('roosts.lower', (m, plan) => down(plan, m + plan.litter.depthM), 'hop')(finding, ctx);
};

/** Bars as low as they may stand, and a step half-way up for birds that hop less than that. */
const lowerWithStep: Proposer = (finding, { plan }) => {
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
const takeOut: Proposer = (finding, { plan }) => {
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
const lowerWithNests: Proposer = (finding, { plan }) => {
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
            const over = top - (z - FIT['roosts.aboveNests'].valueM);
            if (over > 0) f.lipZ = down(plan, f.lipZ - over);
          }
        }
      },
    },
  ];
};

/** Bars as low as the birds hop, and the nests under them low enough. */
const lowerNestsAndBar: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z = down(plan, told(finding, 'hop') + plan.litter.depthM);
  const lipZ = down(plan, z - FIT['roosts.aboveNests'].valueM);
  const least = Math.max(
    plan.litter.depthM + 0.3,
    litterEndM(plan) + FACTS['nests.lip.final'].value,
  );
  const lowest = Math.max(
    plan.litter.depthM + FIT['roosts.lowest'].valueM,
    litterEndM(plan) + FIT['roosts.lowest.final'].valueM,
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

/** A bar of the usual lumber, flat. */
const widenBar = setting('roosts.ofLumber', ['bar'], (b) => {
  b.material = 'softwood';
  b.section = { shape: 'flat', widthM: 0.089, heightM: 0.038 };
});

const raiseToSchool: Proposer = (finding, { plan }) => {
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

const underRoof: Proposer = (finding, { plan }) => {
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

const brackets = setting(
  'roosts.brackets',
  ['bar'],
  (b, finding) => {
    b.brackets = told(finding, 'brackets');
  },
  (_, finding) => ({ brackets: { value: told(finding, 'brackets'), unit: 'brackets' } }),
);

const onEdge = setting('roosts.onEdge', ['bar'], (b) => {
  const { widthM, heightM } = b.section;
  if (widthM > heightM) b.section = { ...b.section, widthM: heightM, heightM: widthM };
});

/** The rungs set anew from the top one down, at 48° and no farther apart than these birds climb. */
const relean: Proposer = (finding, { plan }) => {
  const rungs = barsOf(plan).sort((a, b) => b.z - a.z);
  const top = rungs[0];
  if (!top || rungs.length < 2) return [];
  const lean = (48 * Math.PI) / 180;
  const hop = Math.min(told(finding, 'allowed') || 0.6, 0.52) - 0.01;
  const pitch = Number.isFinite(hop) ? hop : 0.4;
  return [
    {
      code: 'roosts.relean',
      fixtures: rungs.map((b) => b.id),
      numbers: { lean: { value: 48, unit: 'degrees' } },
      change: (draft) => {
        rungs.forEach((rung, k) => {
          const own = draft.fixtures.find((f) => f.id === rung.id);
          if (own?.kind !== 'bar' || k === 0) return;
          own.z = near(plan, top.z - k * pitch * Math.sin(lean));
          const out = k * pitch * Math.cos(lean);
          if (own.axis === 'x') own.y = near(plan, top.y - out);
          else own.x = near(plan, top.x - out);
        });
      },
    },
  ];
};

const stairSchool = planning('roosts.stairSchool', (d) => {
  d.schools['roosts.spacing'] = 'roosts.spacing.stairStepped';
});

/** The board moved and made deep enough under the bars. */
const boardUnder: Proposer = (finding, { plan }) => {
  const board = fixtureIn(plan, finding, ['board']);
  const bars = barsOf(plan).filter((b) => b.use === 'sleeping');
  if (!board || bars.length === 0) return [];
  const front = FACTS['roosts.board.front'].value;
  const reach = bars.map((b) => grown(solidOf(b, plan), front));
  const own = solidOf(board, plan);
  // a board that lies under some of them already keeps what it has, to the wall
  const under = reach.some((r) => meetInPlan(r, own)) ? [...reach, own] : reach;
  const { lengthM, widthM } = plan.shell;
  const x = Math.max(0, down(plan, Math.min(...under.map((r) => r.x0))));
  const y = Math.max(0, down(plan, Math.min(...under.map((r) => r.y0))));
  const x1 = Math.min(lengthM, up(plan, Math.max(...under.map((r) => r.x1))));
  const y1 = Math.min(widthM, up(plan, Math.max(...under.map((r) => r.y1))));
  const z = Math.min(board.z, down(plan, Math.min(...bars.map((b) => b.z)) - 0.15));
  return [
    {
      code: 'roosts.board',
      fixtures: [board.id],
      numbers: { depth: metres(mm(y1 - y)) },
      change: changing(board, (b) => {
        Object.assign(b, { x, y, z, lengthM: mm(x1 - x), depthM: mm(y1 - y) });
      }),
    },
  ];
};

export const WAY_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'roosts.hop.high': [addSteps, lowerToHop, lowerWithStep, lowerNestsAndBar],
  'roosts.bar.unreached': [addSteps, lowerToHop, takeOut],
  'roosts.bar.high': [lowerAllowed, lowerWithNests],
  'roosts.bars.lowForSchool': [raiseToSchool],
  'roosts.bar.descent': [addStepsDown],
  'roosts.bar.headroom': [underRoof, lowerWithNests],
  'roosts.bar.thin': [
    setting(
      'roosts.thicken',
      ['bar'],
      (b) => {
        const size = USUAL_LEAST[b.section.shape] ?? b.section.widthM;
        b.section = { ...b.section, widthM: size, heightM: size };
      },
      (b) => ({ width: metres(USUAL_LEAST[b.section.shape] ?? b.section.widthM) }),
    ),
  ],
  'roosts.bar.pipe': [
    setting('roosts.ofWood', ['bar'], (b) => {
      b.material = 'softwood';
      b.section = { shape: 'flat', widthM: 0.089, heightM: 0.038 };
    }),
  ],
  'roosts.bar.fixed': [
    setting('roosts.liftOut', ['bar'], (b) => {
      b.liftsOut = true;
    }),
  ],
  'roosts.bar.weakAlways': [widenBar],
  'roosts.bar.weak': [brackets, onEdge],
  'roosts.bar.sags': [brackets, onEdge],
  'roosts.hung.low': [
    setting('roosts.liftOut', ['bar'], (b) => {
      b.liftsOut = true;
    }),
  ],
  'roosts.hung.swings': [
    setting('roosts.brace', ['bar'], (b) => {
      b.braced = true;
    }),
  ],
  'roosts.ledge.roosted': [
    setting('roosts.slope', ['ledge'], (l) => {
      l.sloped = true;
    }),
    adding('roosts.ceiling', (_, { plan }) => [newCeiling(plan)]),
  ],
  'roosts.sill.roosted': [
    setting('roosts.flush', ['window', 'vent'], (o) => {
      o.innerSill = false;
    }),
  ],
  'roosts.ladder.giants': [stairSchool],
  'roosts.ladder.lean': [relean, stairSchool],
  'roosts.ladder.pitch': [relean, stairSchool],
  'roosts.board.noBars': [boardUnder],
  'roosts.board.shallow': [boardUnder],
};
