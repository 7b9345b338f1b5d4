import { bracketsNeeded, timberOf } from '../../../build/strength';
import { newCeiling } from '../../../edit/new/bars';
import { barsOf, sleepingBars } from '../../../geometry/bars';
import { meetInPlan } from '../../../geometry/forms';
import { grown } from '../../../geometry/segments';
import { solidOf } from '../../../geometry/solids';
import { mm } from '../../../geometry/walls';
import type { Bar } from '../../../model/schema';
import { down, near, up } from '../../../model/tape';
import { metres, type Proposer, type Proposers } from '../../../proposals/remedy';
import { adding, changing, fixtureIn, planning, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import {
  lowerAllowed,
  lowerNestsAndBar,
  lowerToHop,
  lowerWithNests,
  lowerWithStep,
  raiseToSchool,
  takeOut,
  underRoof,
} from './heights';
import { addSteps, addStepsDown } from './steps';

/** Lumber that a keeper has at hand, laid flat. */
const LUMBER = {
  material: 'softwood',
  section: { shape: 'flat', widthM: 0.089, heightM: 0.038 },
} as const satisfies Pick<Bar, 'material' | 'section'>;

const USUAL_LEAST: Readonly<Partial<Record<Bar['section']['shape'], number>>> = {
  round: 0.045,
  square: 0.045,
  branch: 0.06,
};

/** A bar of the usual lumber, flat, with as many brackets as these birds ask of it. */
const ofLumber: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const made: Bar = { ...bar, material: LUMBER.material, section: LUMBER.section };
  const timber = timberOf(made);
  const held =
    timber && bracketsNeeded(made, timber, told(finding, 'birds') * told(finding, 'mass'));
  if (held === null) return [];
  return [
    {
      code: held > 0 ? 'roosts.ofLumberHeld' : 'roosts.ofLumber',
      fixtures: [bar.id],
      numbers: { brackets: { value: held, unit: 'brackets' } },
      change: changing(bar, (b) => {
        Object.assign(b, { material: made.material, section: made.section, brackets: held });
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

/** What makes a bar bear more; brackets only where any number of them is enough. */
const stronger: readonly Proposer[] = [
  (finding, ctx) => (finding.numbers.brackets === undefined ? [] : brackets(finding, ctx)),
  onEdge,
  ofLumber,
];

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
  const bars = sleepingBars(plan);
  if (!board || bars.length === 0) return [];
  const front = ruled('roosts.board.front');
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

export const WAY_REMEDIES: Proposers = {
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
  'roosts.bar.breaks': stronger,
  'roosts.bar.weak': stronger,
  'roosts.bar.sags': stronger,
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
