import type { Plan } from '@/core/model/schema';
import { type RoundHoles, roundHoles } from '@/core/stores/vessels/holes';
import { NO_STRIP } from '@/text/views';

/** The holes that a strip is made for; else why there is none. */
export function stripOf(plan: Plan, fixture: string | null): RoundHoles | string {
  const { vessel } = NO_STRIP;
  const found = plan.fixtures.find((f) => f.id === fixture);
  if (fixture === null || found === undefined) return NO_STRIP.unnamed;
  if (found.kind !== 'feeder' && found.kind !== 'drinker') return vessel(found.name);
  return roundHoles(found) ?? vessel(found.name);
}
