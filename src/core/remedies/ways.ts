import { barsOf } from '../geometry/bars';
import { grown } from '../geometry/segments';
import { meetInPlan, solidOf } from '../geometry/solids';
import { newBar, newBoard } from '../plan/newFixtures';
import type { Bar, OfKind, Plan } from '../plan/schema';
import { FACTS } from '../rules/facts.data';
import { cmDown, cmUp, metres, type Proposal, type Proposer } from './remedy';
import { leastBarZ } from './roosts';
import { changing, fixtureIn, planning, setting, told } from './setting';

const mm = (m: number): number => Math.round(m * 1000) / 1000;

const USUAL_LEAST: Readonly<Partial<Record<Bar['section']['shape'], number>>> = {
  round: 0.045,
  square: 0.045,
  branch: 0.06,
};

/** Steps up to a bar, each no higher than a hop and as far out as it is high. */
function stepsTo(plan: Plan, bar: Bar, hopM: number, least = 1): Bar[] {
  const height = bar.z - plan.litter.depthM;
  const n = Math.max(least, Math.ceil(height / hopM - 1e-9) - 1);
  const rise = height / (n + 1);
  const out = Math.max(0.3, cmUp(rise));
  const towards = bar.axis === 'x' ? bar.y : bar.x;
  const room = bar.axis === 'x' ? plan.shell.widthM : plan.shell.lengthM;
  const sign = towards > room / 2 ? -1 : 1;
  const made: Bar[] = [];
  for (let k = 1; k <= n; k++) {
    const at = mm(towards + sign * out * k);
    if (at < 0.05 || at > room - 0.05) return [];
    const base = newBar({ ...plan, fixtures: [...plan.fixtures, ...made] });
    made.push({
      ...bar,
      id: base.id,
      name: `Step ${base.id.replace('bar-', '')}`,
      use: 'step',
      wallToWall: false,
      hung: false,
      liftsOut: true,
      z: mm(plan.litter.depthM + rise * (n + 1 - k)),
      ...(bar.axis === 'x' ? { y: at } : { x: at }),
    });
  }
  return made;
}

const addSteps: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const hop = told(finding, 'hop');
  const steps = stepsTo(plan, bar, hop);
  if (steps.length === 0) return [];
  return [added('roosts.addSteps', bar, steps)];
};

const added = (code: string, bar: Bar, steps: readonly Bar[]): Proposal => ({
  code,
  fixtures: [bar.id],
  numbers: { steps: { value: steps.length, unit: 'bars' } },
  change: (draft) => void draft.fixtures.push(...steps),
});

/** Steps so close that each leg down is no steeper than 45°. */
const addStepsDown: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  return [1, 2, 3].flatMap((n) => {
    const steps = stepsTo(plan, bar, Number.POSITIVE_INFINITY, n);
    return steps.length === 0 ? [] : [{ ...added('roosts.addStepsDown', bar, steps), more: n > 1 }];
  });
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
  (m, plan) => cmDown(m + plan.litter.depthM),
  'allowed',
);

/** Nests that stand in the way come down with the bars. */
const lowerWithNests: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z =
    finding.numbers.room === undefined
      ? cmDown(told(finding, 'allowed') + plan.litter.depthM)
      : cmDown(bar.z - (told(finding, 'needed') - told(finding, 'room')));
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
            const over = top - (z - 0.15);
            if (over > 0) f.lipZ = cmDown(f.lipZ - over);
          }
        }
      },
    },
  ];
};

const raiseToSchool: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const z = cmUp(told(finding, 'needed') + plan.litter.depthM);
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
  const z = cmDown(bar.z - (told(finding, 'needed') - told(finding, 'room')));
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
          own.z = mm(top.z - k * pitch * Math.sin(lean));
          const out = k * pitch * Math.cos(lean);
          if (own.axis === 'x') own.y = mm(top.y - out);
          else own.x = mm(top.x - out);
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
  const x = Math.max(0, cmDown(Math.min(...under.map((r) => r.x0))));
  const y = Math.max(0, cmDown(Math.min(...under.map((r) => r.y0))));
  const x1 = Math.min(lengthM, cmUp(Math.max(...under.map((r) => r.x1))));
  const y1 = Math.min(widthM, cmUp(Math.max(...under.map((r) => r.y1))));
  const z = Math.min(board.z, cmDown(Math.min(...bars.map((b) => b.z)) - 0.15));
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
  'roosts.hop.high': [addSteps],
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

/** A board as long as the bars, for other stations that ask for one. */
export const boardForBars = (plan: Plan): OfKind<'board'> => {
  const bars = barsOf(plan).filter((b) => b.use === 'sleeping' && b.axis === 'x');
  const front = FACTS['roosts.board.front'].value;
  if (bars.length === 0) return newBoard(plan);
  const y = Math.max(0, cmDown(Math.min(...bars.map((b) => b.y)) - front));
  return newBoard(plan, {
    y,
    depthM: Math.max(0.1, mm(plan.shell.widthM - y)),
    z: cmDown(Math.min(...bars.map((b) => b.z)) - 0.2),
  });
};
