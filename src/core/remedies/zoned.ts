import type { Assessment, createAssessor } from '../assess';
import { OF_THE_WHOLE } from '../assess.zones';
import { withZone, zoneOf, zonePlan } from '../edit/zones';
import { inRun } from '../geometry/solids';
import type { Finding } from '../kernel/finding';
import type { Plan } from '../model/schema';
import type { ZoneId } from '../model/scope';
import type { Remedy } from '../proposals/remedy';
import { remedies } from './remedies';

/**
 * What would mend a finding of a plan that may be parted in two: a zone is mended by itself and
 * put back, with all that is its own on its side of the mesh; what both zones have in common is mended in the whole.
 * @param zone    the zone in view; of a plan that is not parted it says nothing
 * @param before  the assessment in view: the zone's, or the plan's
 */
export function zonedRemedies(
  plan: Plan,
  zone: ZoneId,
  finding: Finding,
  before: Assessment,
  assess: ReturnType<typeof createAssessor>,
): Remedy[] {
  const { partition } = plan;
  if (partition === null) return remedies(plan, finding, before, assess);
  if (OF_THE_WHOLE.has(finding.station)) {
    const whole = { ...plan, partition: null };
    const found = remedies(whole, finding, assess(whole, { on: before.on }), assess);
    return found.map((r) => ({ ...r, plan: { ...r.plan, partition } }));
  }
  const own = zonePlan(plan, zone);
  const found = remedies(own, finding, assess(own, { on: before.on }), assess);
  return found
    .filter((r) => r.plan.fixtures.every((f) => inRun(f) || zoneOf(plan, f) === zone))
    .map((r) => ({ ...r, plan: withZone(plan, own, r.plan) }));
}
