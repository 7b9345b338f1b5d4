import { createJudge } from '../judge';
import type { Plan } from '../model/schema';
import { boundsOf } from './bounds';
import { roomDecision } from './decisions';
import type { Choices } from './fitOut';
import { type Fitted, fitted, type RoughFit } from './fitted';
import { asksForTwo, partedFit, TOGETHER } from './parted';
import { exact, SHELL_STEP_M, type Size } from './steps';

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
  const told = (fit: RoughFit): RoughFit => ({ ...fit, why: [roomDecision(fit.plan), ...fit.why] });
  for (let k = 0; k < sizes.length; k++) {
    const got = fits(k);
    if (got?.kind !== 'fits') continue;
    if (!asksForTwo(got.plan)) return told(got);
    const apart = partedRoom(roomFor, sizes.slice(k), on, choices);
    return told(apart ?? { ...got, why: [TOGETHER, ...got.why] });
  }
  return null;
}

/** The first room, not much larger than the smallest, in which they live in two zones. */
function partedRoom(
  roomFor: (lengthM: number, widthM: number) => Plan | null,
  sizes: readonly Size[],
  on: string,
  choices: Choices,
): RoughFit | null {
  const [smallest] = sizes;
  if (!smallest || choices.parted === false) return null;
  const most = APART_AT_MOST * smallest.lengthM * smallest.widthM;
  for (const { lengthM, widthM } of sizes) {
    if (lengthM * widthM > most) return null;
    const plan = roomFor(lengthM, widthM);
    const got = plan === null ? null : partedFit(plan, on, choices);
    if (got) return got;
  }
  return null;
}

/** To keep ducks and hens apart, a room may be so many times the smallest. Source: wide-rafter (assumption). */
const APART_AT_MOST = 1.7;

/** A room that is chosen leaves a tenth over: nothing in it is to the last inch. Source: wide-rafter (assumption). */
const ROOMY = 0.9;
