import { type Assessment, createAssessor } from '../assess';
import { flockSizes } from '../birds/flockSizes';
import type { Plan } from '../model/schema';
import type { Proposal, ProposalContext, Told } from '../proposals/remedy';
import { withFinalDepth } from '../stations/litterCourse';
import { DAY } from './plans';

/** All that is told of a proposal: its changes, and the pieces of each. */
export const allTold = (proposal: Proposal): Told[] =>
  [proposal, ...(proposal.also ?? [])].flatMap((line) => [line, ...(line.parts ?? [])]);

/** What proposers are given for a plan, as `remedies` gives it to them, with the plan's assessment. */
export function contextFor(given: Plan): { ctx: ProposalContext; before: Assessment } {
  const before = createAssessor()(given, { on: DAY });
  const plan = withFinalDepth(given, before.litterFinalM);
  const ctx = {
    plan,
    sizes: flockSizes(plan, before.flock),
    heaviestKg: before.flock.heaviestOnBarsKg ?? 2.2,
    value: (id: string) => before.figures.get(id)?.value,
  };
  return { ctx, before };
}
