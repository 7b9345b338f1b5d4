import { createAssessor } from '../assess';
import type { Plan } from '../model/schema';
import { remedies } from '../remedies/remedies';
import { isBad } from './fitOut';

/** So many changes make any first box fit. */
const MOST_CHANGES = 6;

/** The plan with a brooder that its chicks fit in until they move out: warm, wide and fed enough. */
export function withBrooder(plan: Plan, on: string): Plan {
  if (plan.brooder === null) return plan;
  const assess = createAssessor();
  let made = plan;
  for (let k = 0; k < MOST_CHANGES; k++) {
    const judged = assess(made, { on });
    const finding = judged.findings.find((f) => f.station === 'brooder' && isBad(f));
    if (!finding) break;
    // only the box is changed: what it holds is the keeper's to say
    const remedy = remedies(made, finding, judged, assess).find(
      (r) => r.plan.flock === made.flock || sameBirds(r.plan, made),
    );
    if (!remedy) break;
    made = { ...made, brooder: remedy.plan.brooder };
  }
  return made;
}

const sameBirds = (a: Plan, b: Plan): boolean =>
  JSON.stringify(a.flock) === JSON.stringify(b.flock);
