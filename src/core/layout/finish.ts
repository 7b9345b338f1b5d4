import type { Finding } from '../kernel/finding';
import type { Fixture, Plan } from '../model/schema';
import { fitOut } from './fitOut';
import { groundOf } from './ground';

/** A plan with what it lacked. */
export interface Finished {
  readonly plan: Plan;
  readonly added: readonly Fixture[];
  readonly findings: readonly Finding[];
}

/**
 * What a plan still lacks, added round what stands in it: that stays where it is. Null for a coop in two zones, for
 * one without birds, and where nothing can be placed.
 * @param plan  a plan that `parsePlan` accepted
 */
export function finishPlan(plan: Plan, on: string): Finished | null {
  if (plan.partition !== null || plan.flock.length === 0) return null;
  const tried = fitOut(groundOf(plan, on));
  if (tried === null) return null;
  const had = new Set(plan.fixtures.map((f) => f.id));
  const added = tried.plan.fixtures.filter((f) => !had.has(f.id));
  return {
    plan: { ...plan, fixtures: [...plan.fixtures, ...added] },
    added,
    findings: tried.findings,
  };
}
