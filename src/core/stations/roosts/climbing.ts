import { hopOf } from '../../birds/hops';
import { barsOf } from '../../geometry/bars';
import { TOUCH_M } from '../../geometry/forms';
import { placementsOf } from '../../geometry/placed';
import { gapInPlan } from '../../geometry/segments';
import { inRun, solidOf } from '../../geometry/solids';
import type { Solid } from '../../kernel/finding';
import { atMost, below } from '../../kernel/units/number';
import type { Bar, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { type StationContext, schoolFor } from '../context';

/** A place that birds stand on, on their way up or down. */
export interface Perch {
  readonly id: string;
  readonly solid: Solid;
  readonly z: number;
  /** Null for a board under the bars. */
  readonly bar: Bar | null;
}

/** Bars and droppings boards of the coop. */
export const perchesOf = (plan: Plan, { solid, outside } = placementsOf(plan)): Perch[] => {
  const perches: Perch[] = [];
  for (const f of plan.fixtures) {
    if ((f.kind !== 'bar' && f.kind !== 'board') || outside(f) !== null) continue;
    perches.push({ id: f.id, solid: solid(f), z: f.z, bar: f.kind === 'bar' ? f : null });
  }
  return perches;
};

/** Perches with, for each, those that lie within a hop's gap of it. */
export interface Ways {
  readonly perches: readonly Perch[];
  readonly near: readonly (readonly number[])[];
}

export function waysOf(plan: Plan, placed = placementsOf(plan)): Ways {
  const perches = perchesOf(plan, placed);
  const gap = ruled('roosts.hop.gap');
  const near: number[][] = perches.map((_, i) => [i]);
  for (let i = 0; i < perches.length; i++) {
    for (let j = i + 1; j < perches.length; j++) {
      if (!atMost(gapInPlan((perches[i] as Perch).solid, (perches[j] as Perch).solid), gap))
        continue;
      near[i]?.push(j);
      near[j]?.push(i);
    }
  }
  return { perches, near };
}

/**
 * Bars that a bird of this hop gets up to, from the litter as it is started, bar by bar.
 * @example [...reachedBy(plan, 0.5)] // ['bar', 'step']
 */
export function reachedBy(plan: Plan, hopM: number, ways = waysOf(plan)): Set<string> {
  const { perches, near } = ways;
  const reached = perches.map((p) => atMost(p.z - plan.litter.depthM, hopM));
  for (let grew = true; grew; ) {
    grew = false;
    perches.forEach((to, i) => {
      if (reached[i]) return;
      const way = near[i]?.some(
        (j) => reached[j] && atMost(to.z - (perches[j]?.z ?? Number.NEGATIVE_INFINITY), hopM),
      );
      if (way) {
        reached[i] = true;
        grew = true;
      }
    });
  }
  return new Set(perches.flatMap((p, i) => (reached[i] ? [p.id] : [])));
}

/** Perches that each lot's birds get up to, by the school of hops. */
export const reachedByLots = (ctx: StationContext): readonly ReadonlySet<string>[] => {
  const { plan, flock, of } = ctx;
  const school = schoolFor(ctx, 'roosts.hop');
  const reads = [of('bar'), of('board'), plan.shell, plan.litter, flock, school];
  return ctx.kept('roosts.reachedByLots', reads, () => {
    const ways = waysOf(plan, ctx);
    const byHop = new Map<number, Set<string>>();
    return flock.lots.map((lot) => {
      const hop = hopOf(lot, school);
      const reached = byHop.get(hop) ?? reachedBy(plan, hop, ways);
      byHop.set(hop, reached);
      return reached;
    });
  });
};

/** How a bird comes down from a bar. */
export interface Descent {
  readonly bar: Bar;
  readonly dropM: number;
  /** Clear floor beside it, m, on the better side, over half of its length. */
  readonly clearM: number;
  readonly safe: boolean;
}

/**
 * Whether birds come down from each sleeping bar: to clear floor as deep as the drop, or leg by leg
 * over bars no more than 1.0 m away and no steeper than 45°.
 * @source perch-landing (domain notes, "descent"); half of a bar's length must be clear (assumption)
 */
export function descentsOf(
  plan: Plan,
  clearOf: (bar: Bar) => number = (bar) => clearBeside(bar, plan, obstaclesOf(plan)),
  placed = placementsOf(plan),
): Descent[] {
  if (perchesOf(plan, placed).length === 0) return [];
  const descents = barsOf(plan).map((bar) => {
    const dropM = bar.z - plan.litter.depthM;
    const clearM = clearOf(bar);
    return { bar, dropM, clearM, safe: atMost(dropM, clearM) };
  });
  const safe = new Set(descents.filter((d) => d.safe).map((d) => d.bar.id));
  for (let grew = true; grew; ) {
    grew = false;
    for (const { bar } of descents) {
      if (safe.has(bar.id)) continue;
      if (descents.some((to) => safe.has(to.bar.id) && leg(bar, to.bar, plan))) {
        safe.add(bar.id);
        grew = true;
      }
    }
  }
  // a board is stepped down to, but the floor below it is what counts: only bars lead on
  return descents
    .filter((d) => d.bar.use === 'sleeping')
    .map((d) => ({ ...d, safe: safe.has(d.bar.id) }));
}

/** The same of a plan that is assessed: clear floor is looked for again only beside a bar that is another. */
export function descentsIn(ctx: StationContext): Descent[] {
  const { plan, of } = ctx;
  const reads = [
    of('nestBank'),
    of('dustBath'),
    of('feeder'),
    of('drinker'),
    of('obstacle'),
    plan.shell,
    plan.litter,
  ];
  const obstacles = ctx.kept('roosts.obstacles', reads, () => obstaclesOf(plan));
  const own = [obstacles, plan.shell];
  const clearOf = (bar: Bar): number =>
    ctx.kept('roosts.clearBeside', own, () => clearBeside(bar, plan, obstacles), bar);
  return descentsOf(plan, clearOf, ctx);
}

/** What birds cannot land on. */
const obstaclesOf = (plan: Plan): Solid[] =>
  plan.fixtures
    .filter(
      (f) =>
        (f.kind === 'nestBank' ||
          f.kind === 'dustBath' ||
          f.kind === 'obstacle' ||
          f.kind === 'feeder' ||
          f.kind === 'drinker') &&
        !inRun(f),
    )
    .map((f) => solidOf(f, plan));

function leg(from: Bar, to: Bar, plan: Plan): boolean {
  const drop = from.z - to.z;
  if (from.id === to.id || below(drop, 0)) return false;
  const gap = gapInPlan(solidOf(from, plan), solidOf(to, plan));
  const centres = gap + (from.section.widthM + to.section.widthM) / 2;
  return atMost(gap, ruled('roosts.hop.gap')) && atMost(drop, centres);
}

const SAMPLE_M = 0.1;

/** Clear floor on the better side of a bar, m: what half of its length has. */
function clearBeside(bar: Bar, plan: Plan, obstacles: readonly Solid[]): number {
  const alongX = bar.axis === 'x';
  const from = alongX ? bar.y : bar.x;
  const start = alongX ? bar.x : bar.y;
  const far = (alongX ? plan.shell.widthM : plan.shell.lengthM) - from;
  const n = Math.max(1, Math.round(bar.lengthM / SAMPLE_M));
  const before = new Float64Array(n).fill(Math.max(0, from));
  const behind = new Float64Array(n).fill(Math.max(0, far));
  for (const s of obstacles) {
    const [a0, a1, c0, c1] = alongX ? [s.x0, s.x1, s.y0, s.y1] : [s.y0, s.y1, s.x0, s.x1];
    if (s.z0 > bar.z || a1 < start || a0 > start + bar.lengthM) continue;
    for (let i = 0; i < n; i++) {
      const at = start + ((i + 0.5) / n) * bar.lengthM;
      if (at < a0 + TOUCH_M || at > a1 - TOUCH_M) continue; // past its edge, not along it
      if (c0 < from - TOUCH_M) before[i] = Math.min(before[i] as number, Math.max(0, from - c1));
      if (c1 > from + TOUCH_M) behind[i] = Math.min(behind[i] as number, Math.max(0, c0 - from));
    }
  }
  const half = Math.ceil(n / 2);
  const middling = (clear: Float64Array): number => clear.sort()[n - half] as number;
  return Math.max(middling(before), middling(behind));
}
