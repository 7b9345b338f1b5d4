'use client';
import { del, get, set } from 'idb-keyval';
import type { Plan } from '@/core/model/schema';

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

/** Keeps a plan before a page that is going is gone: written at once, whatever its size. */
export function keepAtOnce(plan: Plan, revision: number): void {
  const kept: Unsaved = { plan, revision, when: new Date().toISOString() };
  try {
    localStorage.setItem(key(plan.id), JSON.stringify(kept));
  } catch {
    // a browser that keeps nothing is no error; the slower way has been taken at the edit itself
  }
}

export async function forgetUnsaved(id: string): Promise<void> {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // nothing was kept there
  }
  await del(key(id)).catch(() => undefined);
}

function keptAtOnce(id: string): Partial<Unsaved> | undefined {
  try {
    return JSON.parse(localStorage.getItem(key(id)) ?? 'null') ?? undefined;
  } catch {
    return undefined;
  }
}

/** What was kept of a plan; null where nothing was, or where it can't be read any more. */
export async function unsavedOf(id: string): Promise<Unsaved | null> {
  const atOnce = keptAtOnce(id);
  const slower = (await get(key(id)).catch(() => undefined)) as Partial<Unsaved> | undefined;
  const kept = [atOnce, slower]
    .filter((k): k is Partial<Unsaved> => typeof k?.when === 'string')
    .sort((a, b) => ((a.when ?? '') < (b.when ?? '') ? 1 : -1))[0];
  if (!kept || typeof kept.revision !== 'number' || typeof kept.when !== 'string') return null;
  const { parseKept } = await import('@/core/edit/parse');
  const parsed = parseKept(kept.plan);
  return parsed.ok && parsed.value.id === id
    ? { plan: parsed.value, revision: kept.revision, when: kept.when }
    : null;
}
