'use client';
import type { Plan } from '@/core/model/schema';
import { assessHere, edit, putBack, useBench } from './bench';
import type { Held } from './benchState';

/** Takes things up: from now on the plan shown is as it would be if they were let go. */
export function takeUp(fixtures: readonly string[]): void {
  const { plan, assessment, held } = useBench.getState();
  if (!plan || !assessment || held) return;
  useBench.setState({
    held: { plan, assessment, fixtures, lines: [], ways: [] },
    refused: null,
    ghost: null,
  });
}

/** Shows the plan as it would be, with the lines that hold what is moved and what stands in its way. */
export function holdAt(next: Plan, { lines, ways }: Pick<Held, 'lines' | 'ways'>): void {
  const { held, on, plan } = useBench.getState();
  if (!held) return;
  if (next === plan) useBench.setState({ held: { ...held, lines, ways } });
  else {
    useBench.setState({
      plan: next,
      assessment: assessHere(next, on),
      held: { ...held, lines, ways },
    });
  }
}

/**
 * Lets go of what is held where it is: one edit, or a refusal with the reason where something stands in its way.
 * @param name    what was done
 * @param forced  taken all the same
 */
export function putDown(name: string, forced = false): void {
  const { held, plan } = useBench.getState();
  if (!held || !plan) return;
  const next = plan;
  putBack();
  if (next === held.plan) return;
  if (held.ways.length > 0 && !forced) {
    const fixture = held.fixtures[0] ?? '';
    useBench.setState({ refused: { plan: next, name, fixture, ways: held.ways } });
    return;
  }
  put(next, name);
}

/** Puts what was refused where it was wanted all the same. */
export function forceRefused(): void {
  const { refused } = useBench.getState();
  if (refused) put(refused.plan, refused.name);
}

export const forgetRefused = (): void => useBench.setState({ refused: null });

/** One edit: the fixtures, and the depth of the litter, as in the plan given. */
function put(next: Plan, name: string): void {
  edit(name, (draft) => {
    next.fixtures.forEach((f, i) => {
      if (JSON.stringify(draft.fixtures[i]) !== JSON.stringify(f)) draft.fixtures[i] = f;
    });
    if (draft.litter.depthM !== next.litter.depthM) draft.litter.depthM = next.litter.depthM;
  });
}
