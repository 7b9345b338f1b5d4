import { createStore, type StoreApi } from 'zustand';
import type { Plan } from '@/core/model/schema';
import type { InTheWay } from '@/core/placing/inTheWay';
import type { SnapLine } from '@/core/placing/lines';

/** What is in hand, where it is at this very frame: the drawing of it reads this, all else follows a little later. */
export interface InHand {
  /** The plan as it would be if it were let go; null where nothing is in hand. */
  readonly plan: Plan | null;
  /** Lines that hold what is moved where it is. */
  readonly lines: readonly SnapLine[];
  /** What stands in its way there. */
  readonly ways: readonly InTheWay[];
  /** Where a finger that drags is on its drawing, px; null: a mouse drags, or nothing. */
  readonly finger: readonly [number, number] | null;
}

const NOTHING: InHand = { plan: null, lines: [], ways: [], finger: null };

/** An empty hand. @example createInHand().getState().plan // null */
export const createInHand = (): StoreApi<InHand> => createStore<InHand>(() => NOTHING);

/** Nothing is in hand any more. */
export function emptyHand(inHand: StoreApi<InHand>): void {
  if (inHand.getState() !== NOTHING) inHand.setState(NOTHING, true);
}
