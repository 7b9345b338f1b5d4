import type { FlockByDay } from '../birds/flock';
import { type FlockSizes, flockSizes } from '../birds/flockSizes';
import { highestOf, hopOf } from '../birds/hops';
import type { Lot } from '../birds/lots';
import { createJudge, type Judged } from '../judge';
import { gridDown, gridNear, gridUp } from '../kernel/units/grid';
import type { Plan } from '../model/schema';
import { chosenSchool, RULE_BOOK } from '../rules/book';
import { litterCourse, withFinalDepth } from '../stations/litterCourse';
import { widthsOf } from '../stations/roosts/widths';

/** Birds of one kind that nest alike: how many lay at once, and the sizes of the largest. */
export interface Layers {
  readonly hens: number;
  readonly boxM: readonly [number, number, number];
  /** The lowest lip that one of them may have, over litter as it starts, m. */
  readonly lipM: number;
}

/** What a coop is fitted out for: worked once, read by every try. */
export interface Ground {
  /** What stands already, with the litter's final depth as it is without a board. */
  readonly plan: Plan;
  /** The litter as the plan has it: its final depth is worked where the keeper entered none. */
  readonly given: Plan['litter'];
  readonly on: string;
  readonly judge: (plan: Plan) => Judged;
  readonly flock: FlockByDay;
  readonly sizes: FlockSizes;
  readonly chickens: readonly Lot[];
  /** Length of bar that all need on the day of most, and that the widest bird does, m. */
  readonly seatsM: number;
  readonly widestM: number;
  readonly hens: Layers | null;
  readonly ducks: Layers | null;
  /** The highest that all chickens may sleep, and the lowest hop among them, m. */
  readonly highestM: number;
  readonly hopM: number;
  readonly up: (m: number) => number;
  readonly down: (m: number) => number;
  readonly near: (m: number) => number;
}

/** The final depth of the litter once a board catches what falls at night, m. */
export const finalWith = (plan: Plan, judged: Judged): number =>
  litterCourse(plan, judged.ctx.flock, judged.ctx.schools).finalM;

/**
 * What a plan's birds need of a fit-out.
 * @param plan   a plan that `parsePlan` accepted: its shell, birds, climate and rules, and what is kept
 * @param judge  one judge for all tries, so that the flock is worked once
 */
export function groundOf(plan: Plan, on: string, judge = createJudge()): Ground {
  const lean = (p: Plan): Judged => judge(p, { on, book: RULE_BOOK, lean: true });
  const first = lean(plan);
  const { flock, schools } = first.ctx;
  const settled = withFinalDepth(plan, first.ctx.litter.finalM);
  const sizes = flockSizes(settled, flock);
  const chickens = flock.lots.filter((l) => l.kind !== 'duck');
  const hops = chosenSchool(RULE_BOOK, plan.schools, 'roosts.hop');
  const heights = chosenSchool(RULE_BOOK, plan.schools, 'roosts.height');
  const length = schools['roosts.length'] ?? chosenSchool(RULE_BOOK, plan.schools, 'roosts.length');
  let seatsM = 0;
  let widestM = 0;
  for (const { d, counts } of flock.looked) {
    const widths = widthsOf(flock, length, d);
    seatsM = Math.max(
      seatsM,
      widths.reduce((sum, w, i) => sum + w * (counts[i] ?? 0), 0),
    );
    widths.forEach((w, i) => {
      if ((counts[i] ?? 0) > 0) widestM = Math.max(widestM, w);
    });
  }
  return {
    plan: settled,
    given: plan.litter,
    on,
    judge: lean,
    flock,
    sizes,
    chickens,
    seatsM,
    widestM,
    hens: layersOf(flock, (lot) => lot.kind !== 'duck'),
    ducks: layersOf(flock, (lot) => lot.kind === 'duck'),
    highestM: Math.min(2, ...chickens.map((lot) => highestOf(lot, heights))),
    hopM: Math.min(1, ...chickens.map((lot) => hopOf(lot, hops))),
    up: (m) => gridUp(m, plan.units),
    down: (m) => gridDown(m, plan.units),
    near: (m) => gridNear(m, plan.units),
  };
}

function layersOf(flock: FlockByDay, isOf: (lot: Lot) => boolean): Layers | null {
  let hens = 0;
  const own = flock.lots.flatMap((lot, i) => (isOf(lot) && lot.laysFrom !== null ? [i] : []));
  for (const { d, counts } of flock.looked) {
    const laying = own.reduce(
      (n, i) => n + (counts[i] ?? 0) * (flock.columns[i]?.inLay[d] ?? 0),
      0,
    );
    hens = Math.max(hens, Math.ceil(laying - 1e-9));
  }
  if (hens === 0) return null;
  const classes = own.map((i) => (flock.lots[i] as Lot).class);
  const side = (k: 0 | 1 | 2): number => Math.max(...classes.map((c) => c.nestBoxM[k]));
  return {
    hens,
    boxM: [side(0), side(1), side(2)],
    lipM: Math.min(...classes.map((c) => c.nestLipM[0])),
  };
}
