'use client';
import type { Plan } from '@/core/model/schema';
import { assessHere, edit, putBack, useBench } from './bench';
import { type InHand, nothingInHand, useInHand } from './inHand';

/** While a hand moves, staves, findings and panel follow so often, ms: a frame has no room for all of them. */
const FOLLOW_MS = 1000;
/** A hand that has rested so long is caught up with at once, ms. */
const RESTED_MS = 70;

let timer: ReturnType<typeof setTimeout> | null = null;
/** When the hand last moved what it holds, ms. */
let movedAt = 0;
let followedAt = 0;

/** Takes things up: from now on the plan shown is as it would be if they were let go. */
export function takeUp(fixtures: readonly string[]): void {
  const { plan, assessment, held } = useBench.getState();
  if (!plan || !assessment || held) return;
  useBench.setState({
    held: { plan, assessment, fixtures, birds: assessment.birds },
    refused: null,
    ghost: null,
  });
  useInHand.setState({ plan, lines: [], ways: [] });
  followedAt = performance.now();
}

/**
 * Shows what is in hand where it is, with the lines that hold it and what stands in its way; what is worked of the
 * plan follows when there is time.
 */
export function holdAt(next: Plan, { lines, ways }: Pick<InHand, 'lines' | 'ways'>): void {
  if (!useBench.getState().held) return;
  useInHand.setState({ plan: next, lines, ways });
  movedAt = performance.now();
  if (timer) clearTimeout(timer);
  const left = FOLLOW_MS - (performance.now() - followedAt);
  timer = setTimeout(follow, Math.max(0, Math.min(RESTED_MS, left)));
}

/** Works the plan as it would be now; where the hand rests, all of it is drawn anew. */
function follow(): void {
  timer = null;
  const { held, on, plan } = useBench.getState();
  const next = useInHand.getState().plan;
  followedAt = performance.now();
  if (!held || !next || next === plan) return;
  const assessment = assessHere(next, on);
  const isAtRest = followedAt - movedAt >= RESTED_MS - 1;
  useBench.setState({
    plan: next,
    assessment,
    ...(isAtRest ? { held: { ...held, birds: assessment.birds } } : {}),
  });
}

/** Lets go of what is held: everything is as it was. */
export function letFall(): void {
  if (timer) clearTimeout(timer);
  timer = null;
  nothingInHand();
  putBack();
}

/**
 * Lets go of what is held where it is: one edit, or a refusal with the reason where something stands in its way.
 * @param name  what was done
 */
export function putDown(name: string): void {
  const { held } = useBench.getState();
  const { plan: next, ways } = useInHand.getState();
  letFall();
  if (!held || !next || next === held.plan) return;
  if (ways.length > 0) {
    const fixture = held.fixtures[0] ?? '';
    useBench.setState({ refused: { plan: next, name, fixture, ways } });
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

/** One edit: the fixtures as in the plan given. */
function put(next: Plan, name: string): void {
  edit(name, (draft) => {
    next.fixtures.forEach((f, i) => {
      if (JSON.stringify(draft.fixtures[i]) !== JSON.stringify(f)) draft.fixtures[i] = f;
    });
  });
}
