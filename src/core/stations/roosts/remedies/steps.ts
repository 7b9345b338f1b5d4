import { hopOf } from '../../../birds/hops';
import { lotsOf } from '../../../birds/lots';
import { freeNumber } from '../../../edit/freeNumber';
import { barsOf } from '../../../geometry/bars';
import type { RemedyCode } from '../../../kernel/codes.data';
import { atMost } from '../../../kernel/units/number';
import type { Bar, Plan } from '../../../model/schema';
import { down, near, up } from '../../../model/tape';
import { metres, type Proposal, type Proposer } from '../../../proposals/remedy';
import { fixtureIn, told } from '../../../proposals/setting';
import { chosenSchool, RULE_BOOK } from '../../../rules/book';

/** More steps than this are a staircase that nobody cleans under. */
const MOST_STEPS = 2;

/**
 * Steps up to a bar, each no higher than a hop and as far out as it is high; none where it would take too many.
 * @param least  steps at the least
 * @example stepsTo({ ...plan, fixtures: [bar] }, bar, 0.3).length // 1
 */
export function stepsTo(plan: Plan, bar: Bar, hopM: number, least = 1): Bar[] {
  const start = plan.litter.depthM;
  const height = bar.z - start;
  const heights = stepHeights(plan, height, hopM, least);
  const n = heights.length;
  if (n > MOST_STEPS || n === 0) return [];
  const rise = height / (n + 1);
  const out = Math.max(up(plan, 0.3), up(plan, rise));
  const towards = bar.axis === 'x' ? bar.y : bar.x;
  const room = bar.axis === 'x' ? plan.shell.widthM : plan.shell.lengthM;
  const sign = towards > room / 2 ? -1 : 1;
  const made: Bar[] = [];
  for (let k = 1; k <= n; k++) {
    const at = near(plan, towards + sign * out * k);
    if (at < 0.05 || at > room - 0.05) return [];
    const number = freeNumber('bar', [...plan.fixtures, ...made]);
    made.push({
      ...bar,
      id: `bar-${number}`,
      name: `Step ${number}`,
      use: 'step',
      wallToWall: false,
      hung: false,
      liftsOut: true,
      z: start + (heights[n - k] as number),
      ...(bar.axis === 'x' ? { y: at } : { x: at }),
    });
  }
  return made;
}

/** Heights of steps above the litter as it starts, lowest first: none farther from the next than a hop. */
function stepHeights(plan: Plan, height: number, hopM: number, least: number): number[] {
  for (let n = least; n <= MOST_STEPS; n++) {
    const even = Array.from({ length: n }, (_, k) => near(plan, (height * (k + 1)) / (n + 1)));
    const tall = Array.from({ length: n }, (_, k) => down(plan, hopM * (k + 1)));
    for (const heights of Number.isFinite(hopM) ? [even, tall] : [even]) {
      const all = [0, ...heights, height];
      if (all.every((h, i) => i === 0 || atMost(h - (all[i - 1] as number), hopM))) return heights;
    }
  }
  return [];
}

export const addSteps: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  const steps = stepsTo(plan, bar, told(finding, 'hop'));
  return steps.length === 0 ? [] : [added('roosts.addSteps', bar, steps)];
};

const added = (code: RemedyCode, bar: Bar, steps: readonly Bar[]): Proposal => ({
  code,
  fixtures: [bar.id],
  numbers: {
    steps: { value: steps.length, unit: 'bars' },
    height: metres(steps[steps.length - 1]?.z ?? 0),
  },
  hours: 0.5 * steps.length,
  change: (draft) => void draft.fixtures.push(...steps),
});

/** Steps so close that each leg down is no steeper than 45°. */
export const addStepsDown: Proposer = (finding, { plan }) => {
  const bar = fixtureIn(plan, finding, ['bar']);
  if (!bar) return [];
  return [1, 2].flatMap((n) => {
    const steps = stepsTo(plan, bar, Number.POSITIVE_INFINITY, n);
    return steps.length === 0 ? [] : [{ ...added('roosts.addStepsDown', bar, steps), more: n > 1 }];
  });
};

/** Steps to each bar that some of the birds do not get up to, by the hop of the weakest of them. */
export const addStepsForAll: Proposer = (_finding, { plan }) => {
  const school = chosenSchool(RULE_BOOK, plan.schools, 'roosts.hop');
  const hops = plan.flock
    .flatMap((g) => lotsOf(g, plan.ownBreeds))
    .filter((lot) => lot.kind !== 'duck')
    .map((lot) => hopOf(lot, school));
  const hop = Math.min(...hops);
  return barsOf(plan)
    .filter((b) => b.use === 'sleeping' && b.z - plan.litter.depthM > hop)
    .flatMap((bar) => {
      const steps = stepsTo(plan, bar, hop);
      return steps.length === 0 ? [] : [added('roosts.addSteps', bar, steps)];
    });
};
