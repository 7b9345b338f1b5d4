import { createWebster } from '../carrying/webster';
import { createJudge } from '../judge';
import type { Finding, StationId } from '../kernel/finding';
import { METRES_PER_FOOT } from '../kernel/units/factors.data';
import type { Plan } from '../model/schema';
import { boundsOf } from './bounds';
import { type Decision, decisionsOf } from './decisions';
import { type Choices, fitOut, isOfTheCoop, type Tried } from './fitOut';
import { groundOf } from './ground';

/** A fit-out that has no harm in it and nothing short. */
export interface RoughFit {
  readonly kind: 'fits';
  readonly plan: Plan;
  readonly findings: readonly Finding[];
  readonly tried: Tried;
  /** Why it is so, in the order of building. */
  readonly why: readonly Decision[];
}

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

/** Shells grow by whole steps: thirty centimetres, or a foot, m. */
export const SHELL_STEP_M = { metric: 0.3, imperial: METRES_PER_FOOT } as const;
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
  const fit = fitted(plan, on, judge, choices);
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

export type Judge = ReturnType<typeof createJudge>;

export interface Size {
  readonly lengthM: number;
  readonly widthM: number;
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

/**
 * Without the dust of binary arithmetic, m.
 * @example exact(0.1 + 0.2) // 0.3
 */
export const exact = (m: number): number => Math.round(m * 1e7) / 1e7;

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

export type Fitted = RoughFit | { readonly kind: 'misses'; readonly station: StationId };

/** One shell tried: with a bag of feed that these birds eat fresh. */
export function fitted(
  plan: Plan,
  on: string,
  judge: Judge = createJudge(),
  choices: Choices = {},
): Fitted {
  const bounds = boundsOf(plan, on, judge);
  if (bounds.share > 1) return { kind: 'misses', station: bounds.station };
  const ground = groundOf(plan, on, judge);
  const tried = fitOut(ground, choices);
  if (tried === null) return { kind: 'misses', station: bounds.station };
  const bad = tried.findings.find(isOfTheCoop);
  if (bad) return { kind: 'misses', station: bad.station };
  const bag = tried.findings.find((f) => f.code === 'feed.bag.stale')?.numbers.fits?.value;
  const why = decisionsOf(ground, tried);
  if (bag === undefined) {
    return { kind: 'fits', plan: tried.plan, findings: tried.findings, tried, why };
  }
  const fresh = { ...tried.plan, fills: { ...tried.plan.fills, bagKg: bag } };
  return { kind: 'fits', plan: fresh, findings: ground.judge(fresh).findings, tried, why };
}
