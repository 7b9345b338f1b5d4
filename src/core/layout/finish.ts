import { canBeFinished } from '../edit/zones';
import type { Finding } from '../kernel/finding';
import type { Fixture, Plan } from '../model/schema';
import { ZONES } from '../model/scope';
import { fitOut } from './fitOut';
import { groundOf } from './ground';
import { withoutMeshWall } from './meshWall';
import { backInPlace, sliceOf } from './slice';

/** A plan with what it lacked. */
export interface Finished {
  readonly plan: Plan;
  readonly added: readonly Fixture[];
  readonly findings: readonly Finding[];
}

/**
 * What a plan still lacks, added round what stands in it: that stays where it is. A coop in two zones is finished zone
 * by zone. Null where `canBeFinished` says no, and where nothing can be placed.
 * @param plan  a plan that `parsePlan` accepted
 */
export function finishPlan(plan: Plan, on: string): Finished | null {
  if (!canBeFinished(plan)) return null;
  const { partition } = plan;
  if (partition === null) return finishRoom(plan, on);
  return ZONES.reduce<Finished | null>((done, id) => {
    const so = done?.plan ?? plan;
    const slice = sliceOf(so, id);
    const zone = slice.flock.length === 0 ? null : finishRoom(slice, on);
    if (zone === null) return done;
    const byM = id === 'near' ? 0 : partition.atM;
    const { fixtures } = backInPlace(zone.added, so.fixtures, byM);
    return {
      plan: { ...so, fixtures: [...so.fixtures, ...fixtures] },
      added: [...(done?.added ?? []), ...fixtures],
      findings: [...(done?.findings ?? []), ...zone.findings],
    };
  }, null);
}

function finishRoom(plan: Plan, on: string): Finished | null {
  const tried = fitOut(groundOf(plan, on));
  if (tried === null) return null;
  const had = new Set(plan.fixtures.map((f) => f.id));
  const added = withoutMeshWall(tried.plan).fixtures.filter((f) => !had.has(f.id));
  return {
    plan: { ...plan, fixtures: [...plan.fixtures, ...added] },
    added,
    findings: tried.findings,
  };
}
