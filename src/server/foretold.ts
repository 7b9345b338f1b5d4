import 'server-only';
import { createAssessor } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { zonedRemedies } from '@/core/remedies/zoned';
import { firstStation } from '@/core/staves';
import { type ShownRemedy, shownRemedy } from '@/text/remedies';

/** A page is not held up for longer than this by what would mend its findings, ms. */
const LONGEST_MS = 200;

/**
 * What would mend the findings of the station that a plan's page opens on, in words: what there is time to find,
 * the worst finding first. The browser finds the same again before any of it is pressed.
 * @param on  the day assessed, YYYY-MM-DD
 */
export function foretell(plan: Plan, on: string): Record<string, readonly ShownRemedy[]> {
  const until = performance.now() + LONGEST_MS;
  const assess = createAssessor();
  const whole = createAssessor()(plan, { on });
  const view = whole.zones?.near ?? whole;
  const station = firstStation(whole);
  const found: Record<string, readonly ShownRemedy[]> = {};
  for (const finding of view.findings.filter((f) => f.station === station)) {
    if (performance.now() > until) break;
    const list = zonedRemedies(plan, 'near', finding, view, assess);
    found[finding.key] = list.map((remedy) => shownRemedy(remedy, plan));
  }
  return found;
}
