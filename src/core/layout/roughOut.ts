import { createWebster } from '../carrying/webster';
import { createJudge } from '../judge';
import type { StationId } from '../kernel/finding';
import type { Plan } from '../model/schema';
import { boundsOf } from './bounds';
import type { Choices } from './fitOut';
import { type Fitted, fitted, type Judge, type RoughFit } from './fitted';
import { asksForTwo, partedFit, TOGETHER } from './parted';
import { exact, SHELL_STEP_M, type Size } from './steps';

/** Why the birds do not fit, and what would hold them. */
export interface RoughMiss {
  readonly kind: 'tooSmall';
  /** What runs out first. */
  readonly station: StationId;
  /** How many of these birds fit here, in Webster's order. */
  readonly holds: number;
  readonly birds: number;
  /** The smallest shell of this shape that holds them all; null where none up to twelve metres does. */
  readonly smallest: { readonly lengthM: number; readonly widthM: number } | null;
}

export type Rough = RoughFit | RoughMiss;

const MOST_SHELL_M = 12;

/**
 * A whole fit-out for a plan's birds, round what stands in it already; or the plain statement that they do not fit.
 * The same plan gives the same fit-out.
 * @param plan  a plan that `parsePlan` accepted; what it has is kept where it is
 * @param on    the day assessed
 */
export function roughOut(
  plan: Plan,
  on: string,
  choices: Choices = {},
  judge: Judge = createJudge(),
): Rough {
  const fit = fitOf(plan, on, judge, choices);
  if (fit.kind === 'fits') return fit;
  const birds = headCount(plan);
  return {
    kind: 'tooSmall',
    station: fit.station,
    birds,
    holds: holdsOf(plan, on, birds, judge),
    smallest: smallestOf(plan, on, judge),
  };
}

/**
 * A fit-out in two zones where the flock asks for them and they find room, else in one; then that is told.
 * @param judge  for the fit-out in one
 */
export function fitOf(plan: Plan, on: string, judge: Judge, choices: Choices): Fitted {
  const parted = partedFit(plan, on, choices);
  if (parted !== null) return parted;
  const fit = fitted(plan, on, judge, choices);
  return fit.kind === 'fits' && asksForTwo(plan) ? { ...fit, why: [TOGETHER, ...fit.why] } : fit;
}

/**
 * The smallest shell for the birds of a plan, of the shape of its own, by whole steps.
 * @example smallestOf({ ...plan, fixtures: [] }, today) // { lengthM: 4.2, widthM: 3 }
 */
export function smallestOf(
  plan: Plan,
  on: string,
  judge = createJudge(),
): { readonly lengthM: number; readonly widthM: number } | null {
  const shells = shellsOf(plan);
  const fits = (k: number): boolean =>
    fitted(withShell(plan, shells[k] as Size), on, judge).kind === 'fits';
  // no shell under its bounds can hold them: the first that might is found without trying
  let least = shells.findIndex((s) => boundsOf(withShell(plan, s), on, judge).share <= 1);
  if (least < 0) return null;
  // by strides to one that holds them, then back to the smallest, below which one fails
  let stride = 1;
  let holds = least;
  while (!fits(holds)) {
    least = holds + 1;
    holds += stride;
    stride *= 2;
    if (holds >= shells.length) return null;
  }
  while (least < holds) {
    const middle = (least + holds) >> 1;
    if (fits(middle)) holds = middle;
    else least = middle + 1;
  }
  return shells[holds] ?? null;
}

/** The plan's shape, larger by steps: no side smaller than it is, its sides as near to their proportion as steps allow. */
export function shellsOf({ shell, units }: Plan): Size[] {
  const step = SHELL_STEP_M[units];
  const whole = (m: number): number => Math.ceil(m / step - 1e-6);
  const [l0, w0] = [whole(shell.lengthM), whole(shell.widthM)];
  const sizes: Size[] = [];
  const ratio = w0 / l0;
  const long = Math.max(shell.lengthM, shell.widthM);
  for (let k = 0; k < 200; k++) {
    const grown = long + k * step;
    if (grown > MOST_SHELL_M) break;
    const l = shell.lengthM >= shell.widthM ? l0 + k : Math.max(l0, Math.round((w0 + k) / ratio));
    const w = shell.lengthM >= shell.widthM ? Math.max(w0, Math.round((l0 + k) * ratio)) : w0 + k;
    sizes.push({ lengthM: exact(l * step), widthM: exact(w * step) });
  }
  return sizes;
}

const withShell = (plan: Plan, { lengthM, widthM }: Size): Plan => ({
  ...plan,
  shell: { ...plan.shell, lengthM, widthM },
});

export const headCount = (plan: Plan): number => plan.flock.reduce((n, g) => n + g.count, 0);

/** How many of the birds fit, taken in Webster's order. */
function holdsOf(plan: Plan, on: string, birds: number, judge: Judge): number {
  const counts = plan.flock.map((g) => g.count);
  const webster = createWebster(
    counts,
    counts.map((_, i) => i),
  );
  const of = (n: number): Plan => {
    const taken = webster.of(n);
    return {
      ...plan,
      flock: plan.flock.flatMap((g, i) => (taken[i] ? [{ ...g, count: taken[i] as number }] : [])),
    };
  };
  const holds = (n: number): boolean => {
    const some = of(n);
    return boundsOf(some, on, judge).share <= 1 && fitted(some, on, judge).kind === 'fits';
  };
  // where not even one fits, no more are tried
  if (birds < 2 || !holds(1)) return 0;
  let [least, most] = [1, birds - 1];
  while (least < most) {
    const middle = (least + most + 1) >> 1;
    const fits = holds(middle);
    if (fits) least = middle;
    else most = middle - 1;
  }
  return least;
}
