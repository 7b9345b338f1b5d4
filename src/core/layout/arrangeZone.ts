import { canBeFinished } from '../edit/zones';
import type { Plan } from '../model/schema';
import type { ZoneId } from '../model/scope';
import { type ArrangeAsk, type ArrangeStep, arrange } from './arrange';
import { MESH_WALL, withoutMeshWall } from './meshWall';
import { backInPlace, sliceOf } from './slice';

/**
 * The search for one room, or for one zone of a coop that a mesh wall parts across its length: what stands in the other
 * zone stays, and nothing is cut in the mesh. Answers are plans of the whole coop.
 * @returns no steps where `canBeFinished` says no, or where nobody lives in the zone
 */
export function* arrangeZone(plan: Plan, zone: ZoneId, ask: ArrangeAsk): Generator<ArrangeStep> {
  if (plan.partition === null) {
    yield* arrange(plan, ask);
    return;
  }
  if (!canBeFinished(plan)) return;
  const slice = sliceOf(plan, zone);
  if (slice.flock.length === 0) return;
  const inSlice = new Set(slice.fixtures.map((f) => f.id));
  const others = plan.fixtures.filter((f) => !inSlice.has(f.id));
  const byM = zone === 'near' ? 0 : plan.partition.atM;
  const whole = (arranged: Plan): Plan => {
    const { fixtures } = backInPlace(withoutMeshWall(arranged).fixtures, others, byM);
    return { ...plan, fixtures: [...others, ...fixtures] };
  };
  for (const step of arrange(slice, { ...ask, pinned: [...ask.pinned, MESH_WALL] })) {
    yield { ...step, best: step.best.map((one) => ({ ...one, plan: whole(one.plan) })) };
  }
}
