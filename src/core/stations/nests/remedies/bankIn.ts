import type { Bar, NestBank, Plan } from '../../../model/schema';
import { near } from '../../../model/tape';
import { leastBarZ } from '../../../proposals/leastBar';

export const bankIn = (draft: Plan, id: string): NestBank | undefined =>
  draft.fixtures.find((f): f is NestBank => f.kind === 'nestBank' && f.id === id);

export const bankOf = (plan: Plan, ids: readonly string[]): NestBank | undefined =>
  plan.fixtures.find((f): f is NestBank => f.kind === 'nestBank' && ids.includes(f.id));

/** Raises every sleeping bar that would no longer stand clear over the nests, and the steps up to it. */
export function clearBars(draft: Plan): void {
  const z = leastBarZ(draft);
  let raised = false;
  for (const f of draft.fixtures) {
    if (f.kind === 'bar' && f.use === 'sleeping' && f.z < z) {
      f.z = z;
      raised = true;
    }
  }
  if (raised) evenSteps(draft);
}

/** Step bars spaced evenly from the litter up to the lowest sleeping bar. */
function evenSteps(draft: Plan): void {
  const bars = draft.fixtures.filter((f): f is Bar => f.kind === 'bar');
  const lowest = Math.min(...bars.filter((b) => b.use === 'sleeping').map((b) => b.z));
  const steps = bars.filter((b) => b.use === 'step').sort((a, b) => a.z - b.z);
  const from = draft.litter.depthM;
  steps.forEach((step, k) => {
    step.z = near(draft, from + ((lowest - from) * (k + 1)) / (steps.length + 1));
  });
}
