import { createJudge } from '../judge';
import type { Finding } from '../kernel/finding';
import type { Plan } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import type { Standing } from './standing';
import { withMeasure } from './uncertain';

/** Faults of where a thing stands, or of what it is in the way of: nobody is told them who has not said where it is. */
const OF_PLACE =
  /^(shell\.(fixture|clash|opening|overlap)|.*\.(underBars|byDoor|tooClose|nearWall|inDraught))/;
/** Boxes that a bank which nobody has counted may have, at the least and at the most. */
const UNCOUNTED = { least: 1, most: 40 } as const;

/**
 * The findings of a coop that stands which hold whatever the measures are that nobody has taken: they are there with
 * all of those at their least, as they are taken for, and at their most. What is not asked or not answered gives no
 * verdict.
 * @param findings  of the plan as it is taken for
 * @param on        the day judged, YYYY-MM-DD
 */
export function settledFindings(
  { plan, open, halfKnown }: Standing,
  findings: readonly Finding[],
  on: string,
): Finding[] {
  if (open.length === 0 && halfKnown.size === 0) return [...findings];
  const judge = createJudge();
  const keys = (['fromM', 'toM'] as const).map((end) => {
    const so = open.reduce((p, r) => withMeasure(p, r, r[end]), counted(plan, halfKnown, end));
    return new Set(judge(so, { on, book: RULE_BOOK, lean: true }).findings.map((f) => f.key));
  });
  return findings.filter(
    (f) =>
      keys.every((own) => own.has(f.key)) &&
      !(OF_PLACE.test(f.code) && f.fixtures.some((id) => halfKnown.has(id))),
  );
}

/** Boxes of banks that are half known, as few or as many as there may be. */
const counted = (plan: Plan, halfKnown: ReadonlySet<string>, end: 'fromM' | 'toM'): Plan => ({
  ...plan,
  fixtures: plan.fixtures.map((f) =>
    f.kind === 'nestBank' && halfKnown.has(f.id)
      ? { ...f, boxes: end === 'fromM' ? UNCOUNTED.least : UNCOUNTED.most }
      : f,
  ),
});
