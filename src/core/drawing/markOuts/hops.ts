import { gapInPlan } from '../../geometry/segments';
import { entranceSolid, solidOf } from '../../geometry/solids';
import type { Solid } from '../../kernel/finding';
import type { Bar, NestBank, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { perchesOf } from '../../stations/roosts/climbing';
import { type Point, polyline, type Shape, type View } from '../shape';
import { faceOf } from '../view';

/** A hop on the way up to a thing, m: what is drawn of it, and how high it is, written in the middle of its line. */
export interface Hop {
  readonly shapes: readonly Shape[];
  readonly at: Point;
  readonly riseM: number;
}

/** A place that birds stand on. */
interface Place {
  readonly solid: Solid;
  readonly z: number;
}

/**
 * The hops that lead up to a bar, from the litter by way of what birds can hop to: the shortest rise each time.
 * @param most  no more hops than this are looked for
 * @example hopsToBar(bar, plan, 'front').length // 2
 */
export function hopsToBar(bar: Bar, plan: Plan, view: View, most = 8): Hop[] {
  if (view === 'above') return [];
  const perches = perchesOf(plan);
  const gap = ruled('roosts.hop.gap');
  const hops: Hop[] = [];
  let to: Place = { solid: solidOf(bar, plan), z: bar.z };
  for (let i = 0; i < most; i++) {
    const now = to;
    const [from] = perches
      .filter((p) => p.z < now.z - 1e-6 && gapInPlan(p.solid, now.solid) <= gap + 1e-9)
      .sort((a, b) => b.z - a.z);
    const z = from?.z ?? plan.litter.depthM;
    hops.push(hop(now, from ?? null, z, plan, view));
    if (!from) break;
    to = from;
  }
  return hops;
}

/** The hop from the litter, or from its step, to a bank's lip; and that to the step. */
export function hopsToBank(bank: NestBank, plan: Plan, view: View): Hop[] {
  if (view === 'above') return [];
  const lip: Place = { solid: entranceSolid(bank), z: bank.lipZ };
  const litter = plan.litter.depthM;
  if (bank.stepZ <= litter || bank.stepZ >= bank.lipZ) return [hop(lip, null, litter, plan, view)];
  const step: Place = { ...lip, z: bank.stepZ };
  return [hop(lip, null, bank.stepZ, plan, view), hop(step, null, litter, plan, view)];
}

/** Straight up beside what is hopped to; from a perch by way of its middle. */
function hop(to: Place, from: Place | null, fromZ: number, { shell }: Plan, view: View): Hop {
  const middle = (s: Solid): number => {
    const { a0, a1 } = faceOf(s, view, shell);
    return (a0 + a1) / 2;
  };
  const a = middle(to.solid);
  const foot = from ? middle(from.solid) : a;
  return {
    shapes: [
      polyline('markOutEdge', [foot, fromZ], [foot, to.z]),
      ...(Math.abs(foot - a) > 1e-6 ? [polyline('markOutEdge', [foot, to.z], [a, to.z])] : []),
    ],
    at: [foot, (fromZ + to.z) / 2],
    riseM: to.z - fromZ,
  };
}
