import { useEffect } from 'react';
import { zoneOf } from '@/core/edit/zones';
import { inRun } from '@/core/geometry/solids';
import type { Fixture, OfKind, Plan } from '@/core/model/schema';
import type { ZoneId } from '@/core/model/scope';
import { useBench, usePlan, viewZone } from './bench';

/** Air passes a mesh wall: windows and vents are of both zones. */
const OF_BOTH: ReadonlySet<Fixture['kind']> = new Set(['window', 'vent']);

/** Whether a fixture is worked with a zone; one of the run is with either. */
const isOfZone = (plan: Plan, f: Fixture, zone: ZoneId): boolean =>
  plan.partition === null || OF_BOTH.has(f.kind) || inRun(f) || zoneOf(plan, f) === zone;

/**
 * The fixtures of a kind that the assessment in view has figures of: of a parted coop those of the zone in view. One
 * that is picked in the other zone brings that into view.
 */
export function useStanding<K extends Fixture['kind']>(kind: K): OfKind<K>[] {
  const plan = usePlan();
  const zone = useBench((s) => s.zone);
  const picked = useBench((s) => s.picked);
  const there = plan.fixtures.find((f) => f.id === picked && f.kind === kind);
  const seen = there && !isOfZone(plan, there, zone) ? zoneOf(plan, there) : zone;
  // it is the picking that turns the view, not what is then moved or looked at
  // biome-ignore lint/correctness/useExhaustiveDependencies: see above
  useEffect(() => {
    if (seen !== zone) viewZone(seen, picked);
  }, [picked]);
  return plan.fixtures.filter((f): f is OfKind<K> => f.kind === kind && isOfZone(plan, f, zone));
}
