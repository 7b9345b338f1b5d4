'use client';
import type { Plan } from '@/core/model/schema';

interface Stored {
  readonly plan: Plan;
  readonly revision: number;
}

const plans = new Map<string, Stored>();
const listening = new Set<() => void>();

/** The newest save of a plan that this window knows of. */
export const knownSave = (id: string): Stored | undefined => plans.get(id);

/** Notes that a plan is stored so: a page or a save of this window has said it. */
export function noteSave(stored: Stored): void {
  plans.set(stored.plan.id, stored);
  for (const hear of listening) hear();
}

/** Hears of every save that this window comes to know of; returns the way to stop. */
export function hearSaves(hear: () => void): () => void {
  listening.add(hear);
  return () => listening.delete(hear);
}
