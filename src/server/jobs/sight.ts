import { type Assessment, createAssessor } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { zonedRemedies } from '@/core/remedies/zoned';
import { firstStation, type Sight, sightOf } from '@/core/sight';
import type { FindingTable } from '@/text/findingSay';
import { wordsFor } from '@/text/findings';
import { type ShownRemedies, shownRemedies } from '@/text/remedies';

/** What a plan's page is drawn from. */
export interface FirstSight {
  readonly sight: Sight;
  readonly foretold: Readonly<Record<string, ShownRemedies>>;
  /** The words of its findings: all the others come with the engine. */
  readonly words: FindingTable;
}

/** A page is not held up for longer than this by what would mend its findings, ms. */
const LONGEST_MS = 200;

/**
 * What is worked of a plan for its page: what is seen first, and what would mend it.
 * @param on  the day assessed, YYYY-MM-DD
 */
export function sightFirst(plan: Plan, on: string): FirstSight {
  const whole = createAssessor()(plan, { on });
  const zones = Object.values(whole.zones ?? {}).flatMap((z) => z.findings);
  const words = wordsFor([...whole.findings, ...zones]);
  return { sight: sightOf(whole), foretold: foretell(plan, whole), words };
}

/**
 * What would mend the findings of the station that a plan's page opens on, in words: what there is time to find,
 * the worst finding first. The browser finds the same again before any of it is pressed.
 */
function foretell(plan: Plan, whole: Assessment): Record<string, ShownRemedies> {
  const until = performance.now() + LONGEST_MS;
  const assess = createAssessor();
  const view = whole.zones?.near ?? whole;
  const station = firstStation(whole);
  const found: Record<string, ShownRemedies> = {};
  for (const finding of view.findings.filter((f) => f.station === station)) {
    if (performance.now() > until) break;
    const list = zonedRemedies(plan, 'near', finding, view, assess);
    found[finding.key] = shownRemedies(list, finding, plan);
  }
  return found;
}
