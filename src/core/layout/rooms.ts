import { createJudge } from '../judge';
import type { Plan } from '../model/schema';
import { boundsOf } from './bounds';
import { decisionsOf } from './decisions';
import type { Choices } from './fitOut';
import { groundOf } from './ground';
import { exact, type Fitted, fitted, type RoughFit, SHELL_STEP_M, type Size } from './roughOut';

/** Rooms that sheets and boards make, the smallest floor first, m: whole steps, no longer than twice their width. */
function roomsOf(units: Plan['units']): Size[] {
  const step = SHELL_STEP_M[units];
  const sizes: Size[] = [];
  for (let w = 3; w * step <= MOST_ROOM_M; w++) {
    for (let l = w; l <= 2 * w && l * step <= MOST_ROOM_M; l++) {
      sizes.push({ lengthM: exact(l * step), widthM: exact(w * step) });
    }
  }
  return sizes.sort((a, b) => a.lengthM * a.widthM - b.lengthM * b.widthM || a.lengthM - b.lengthM);
}

const MOST_ROOM_M = 9;

/**
 * A room for the birds, where the keeper says "you tell me", and its fit-out: the smallest that holds them.
 * @param roomFor  the plan in a room of a length and a width, with its roof; null for a shape that nobody builds
 * @returns null for more birds than any room up to nine metres holds
 */
export function roomAndFitOut(
  roomFor: (lengthM: number, widthM: number) => Plan | null,
  units: Plan['units'],
  on: string,
  choices: Choices = {},
): RoughFit | null {
  const judge = createJudge();
  const sizes = roomsOf(units);
  const fits = (k: number): Fitted | null => {
    const s = sizes[k];
    if (!s) return null;
    const plan = roomFor(s.lengthM, s.widthM);
    if (plan === null || boundsOf(plan, on, judge).share > ROOMY) return null;
    const got = fitted(plan, on, judge, choices);
    return got.kind === 'fits' ? got : null;
  };
  for (let k = 0; k < sizes.length; k++) {
    const got = fits(k);
    if (got?.kind !== 'fits') continue;
    const ground = groundOf({ ...got.plan, fixtures: [] }, on, judge);
    return { ...got, why: decisionsOf(ground, got.tried, true) };
  }
  return null;
}

/** A room that is chosen leaves this much over: nothing in it is to the last inch. */
const ROOMY = 0.9;
