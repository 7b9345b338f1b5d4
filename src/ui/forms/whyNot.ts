import type { Outcome } from '@/core/kernel/outcome';
import { engineHere } from '../session/engineHere';

/** What is said until its words have come. */
const CANNOT = 'That can’t be taken.';

/**
 * Says why an outcome is none, in words: they come with the engine, and where that has not come yet by themselves.
 * @param tell  called at once, and once more where the words had to be fetched
 */
export function whyNot(outcome: Outcome<unknown>, tell: (why: string) => void): void {
  const first = outcome.ok ? undefined : outcome.issues[0];
  const here = engineHere()?.issueText;
  tell(first && here ? here(first) : CANNOT);
  if (!first || here) return;
  void import('@/text/issues').then(
    ({ issueText }) => tell(issueText(first)),
    () => undefined,
  );
}
