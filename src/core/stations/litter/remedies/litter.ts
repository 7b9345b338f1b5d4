import { onLitter } from '../../../edit/onLitter';
import { down, up } from '../../../model/tape';
import { boardForBars } from '../../../proposals/boardForBars';
import { metres, type Proposer, type Proposers } from '../../../proposals/remedy';
import { adding, planning, told } from '../../../proposals/setting';

/** A bed that is a little too much for a year comes out each half-year; one that would be full sooner does not. */
const halfYearly: Proposer = (finding, ctx) => {
  const { litter } = ctx.plan;
  const rise = ctx.value('litter.rise') ?? 0;
  const days = ((told(finding, 'final') + 0.01 - litter.depthM) / rise) * 365;
  if (!(days >= HALF_YEAR_DAYS)) return [];
  return planning(
    'litter.sooner',
    (d) => {
      d.schools['litter.cleanOut'] = { custom: HALF_YEAR_DAYS };
    },
    () => ({ months: { value: 6, unit: 'months' } }),
  )(finding, ctx);
};
const HALF_YEAR_DAYS = 182;

/** Deeper litter, with all that is held from it raised by as much: nothing else changes its height over it. */
const deepenAll: Proposer = (finding, { plan }) => {
  const depthM = up(plan, told(finding, 'needed'));
  const riseM = depthM - plan.litter.depthM;
  const raised = plan.fixtures.filter((f) => onLitter(f, riseM) !== f);
  if (raised.length === 0) return [];
  return [
    {
      code: 'litter.deepenAll',
      fixtures: [],
      numbers: { depth: metres(depthM), rise: metres(riseM) },
      hours: 0.5 + RAISED_HOURS * raised.length,
      change: (d) => {
        d.litter.depthM = depthM;
        d.fixtures = d.fixtures.map((f) => onLitter(f, riseM));
      },
    },
  ];
};
/** To take one thing down and hang it again a little higher, hours (assumption). */
const RAISED_HOURS = 0.3;

export const LITTER_REMEDIES: Proposers = {
  'litter.depth.shallow': [
    planning(
      'litter.deepen',
      (d, f) => {
        d.litter.depthM = up(d, told(f, 'needed'));
      },
      (f, { plan }) => ({ depth: metres(up(plan, told(f, 'needed'))) }),
    ),
    deepenAll,
  ],
  'litter.depth.deep': [
    planning(
      'litter.level',
      (d, f) => {
        d.litter.depthM = down(d, told(f, 'allowed'));
      },
      (f, { plan }) => ({ depth: metres(down(plan, told(f, 'allowed'))) }),
    ),
  ],
  'litter.depth.outgrows': [
    planning(
      'litter.planFor',
      (d, f, { plan }) => {
        d.litter.finalM = up(plan, told(f, 'grows'));
      },
      (f, { plan }) => ({ depth: metres(up(plan, told(f, 'grows'))) }),
    ),
    halfYearly,
  ],
  'litter.board.low': [
    planning(
      'litter.board',
      (d, f, { plan }) => {
        d.litter.retainingM = up(plan, told(f, 'needed'));
      },
      (f, { plan }) => ({ height: metres(up(plan, told(f, 'needed'))) }),
    ),
  ],
  'litter.board.none': [
    adding('litter.addTray', (_, { plan }) => [boardForBars(plan)]),
    planning('litter.deepSchool', (d) => {
      d.litter.school = 'deep';
      d.litter.depthM = Math.max(d.litter.depthM, 0.1);
    }),
  ],
  'litter.floor.upturn': [
    planning(
      'litter.upturn',
      (d, f, { plan }) => {
        d.shell.upturnM = up(plan, told(f, 'needed'));
      },
      (f, { plan }) => ({ height: metres(up(plan, told(f, 'needed'))) }),
    ),
  ],
  'litter.bed.unturned': [
    planning('litter.turn', (d) => {
      d.litter.turned = true;
    }),
  ],
  'litter.floor.seams': [
    planning('litter.seal', (d) => {
      d.shell.floorBuild = 'sealed';
    }),
  ],
  'litter.mesh.noTray': [
    adding('litter.addTray', (_, { plan }) => [boardForBars(plan)]),
    planning('litter.deepSchool', (d) => {
      d.litter.school = 'deep';
      d.litter.depthM = Math.max(d.litter.depthM, 0.1);
    }),
  ],
};
