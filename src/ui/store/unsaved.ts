'use client';
import { del, get, set } from 'idb-keyval';
import { parsePlan } from '@/core/plan/parse';
import type { Plan } from '@/core/plan/schema';

/** A plan with edits that the server has not acknowledged, kept in this browser. */
export interface Unsaved {
  readonly plan: Plan;
  /** The revision the edits were made on. */
  readonly revision: number;
  readonly when: string;
}

const key = (id: string): string => `unsaved/${id}`;

/** Keeps a plan in the browser until its edits are acknowledged. A browser that keeps nothing is no error. */
export async function keepUnsaved(plan: Plan, revision: number): Promise<void> {
  const kept: Unsaved = { plan, revision, when: new Date().toISOString() };
  await set(key(plan.id), kept).catch(() => undefined);
}

export async function forgetUnsaved(id: string): Promise<void> {
  await del(key(id)).catch(() => undefined);
}

/** What was kept of a plan; null where nothing was, or where it can't be read any more. */
export async function unsavedOf(id: string): Promise<Unsaved | null> {
  const kept = (await get(key(id)).catch(() => undefined)) as Partial<Unsaved> | undefined;
  if (!kept || typeof kept.revision !== 'number' || typeof kept.when !== 'string') return null;
  const parsed = parsePlan(kept.plan);
  return parsed.ok && parsed.value.id === id
    ? { plan: parsed.value, revision: kept.revision, when: kept.when }
    : null;
}
