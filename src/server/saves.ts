import 'server-only';
import { parseKept } from '@/core/edit/parse';
import type { Outcome } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import { database } from '@/db/client';
import type { Db } from '@/db/db';
import { nameSave, selectSave, selectSaves } from '@/db/queries/plans';
import { isPlanId } from './plans';
import { dataDir } from './settings';

const db = (): Promise<Db> => database(dataDir());

/** A save as the history shows it. */
export interface SavedState {
  readonly revision: number;
  readonly savedAt: string;
  readonly name: string | null;
  /** What was done since the save before, as the screen names it. */
  readonly edits: readonly string[];
}

/** The saves kept of a plan, newest first; empty where there is no such plan. */
export async function listSaves(id: string): Promise<SavedState[]> {
  if (!isPlanId(id)) return [];
  const rows = await selectSaves(await db(), id);
  return rows.map(({ savedAt, ...row }) => ({ ...row, savedAt: savedAt.toISOString() }));
}

/** A plan as it was at one of its saves; null where that save is not kept. */
export async function readSave(id: string, revision: number): Promise<Outcome<Plan> | null> {
  if (!isPlanId(id)) return null;
  const document = await selectSave(await db(), id, revision);
  return document === undefined ? null : parseKept(document);
}

/** Names a save, so that it is kept for good; null takes the name away. */
export async function renameSave(
  id: string,
  revision: number,
  name: string | null,
): Promise<boolean> {
  if (!isPlanId(id)) return false;
  return nameSave(await db(), id, revision, name);
}
