import 'server-only';
import { randomUUID } from 'node:crypto';
import { parsePlan } from '@/core/edit/parse';
import { samplePlans } from '@/core/edit/samples.data';
import { type Issue, type Outcome, ok } from '@/core/kernel/outcome';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Plan } from '@/core/model/schema';
import { database } from '@/db/client';
import type { Db } from '@/db/db';
import {
  advancePlan,
  countPlans,
  deletePlan,
  insertPlan,
  insertSave,
  nameSave,
  pruneSaves,
  selectPlan,
  selectPlans,
  selectSave,
  selectSaves,
} from '@/db/queries/plans';
import { dataDir } from './settings';

/** Saves kept of each plan. */
const SAVES_KEPT = 200;

export interface SavedPlan {
  readonly plan: Plan;
  readonly revision: number;
  readonly savedAt: string;
}

/** A stored document that this program cannot read any more: shown, never thrown away. */
export interface UnreadablePlan {
  readonly id: string;
  readonly issues: readonly Issue[];
}

export type SaveResult =
  | { readonly kind: 'saved'; readonly revision: number }
  | { readonly kind: 'conflict'; readonly stored: SavedPlan }
  | { readonly kind: 'missing' };

const db = (): Promise<Db> => database(dataDir());

export async function listPlans(): Promise<{ plans: SavedPlan[]; unreadable: UnreadablePlan[] }> {
  const plans: SavedPlan[] = [];
  const unreadable: UnreadablePlan[] = [];
  for (const row of await selectPlans(await db())) {
    const parsed = parsePlan(row.document);
    if (parsed.ok) plans.push(saved(parsed.value, row));
    else unreadable.push({ id: row.id, issues: parsed.issues });
  }
  return { plans, unreadable };
}

/** Whether a text can be a plan's id at all: no other is put to the database. */
const isPlanId = (id: string): boolean => /^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/.test(id);

/** A plan at its latest save; null where there is none. */
export async function readPlan(id: string): Promise<Outcome<SavedPlan> | null> {
  if (!isPlanId(id)) return null;
  const row = await selectPlan(await db(), id);
  if (!row) return null;
  const parsed = parsePlan(row.document);
  return parsed.ok ? ok(saved(parsed.value, row)) : parsed;
}

/** Stores a plan under its own id, or under a new one where that is taken. */
export async function createPlan(plan: Plan): Promise<SavedPlan> {
  return (await db()).transaction(async (tx) => {
    const stored = (await insertPlan(tx, plan.id)) ? plan : await underNewId(tx, plan);
    await insertSave(tx, stored.id, 1, stored);
    return { plan: stored, revision: 1, savedAt: new Date().toISOString() };
  });
}

/** A copy to try a variant on. */
export async function copyPlan(id: string): Promise<SavedPlan | null> {
  const original = await readPlan(id);
  if (!original?.ok) return null;
  const name = nameOfCopy(original.value.plan.name, ' (copy)');
  return createPlan({ ...original.value.plan, id: randomUUID(), name });
}

/**
 * Saves a plan if it still stands at the revision the editor had read.
 * @param revision  the revision the edit was made on
 */
export async function savePlan(plan: Plan, revision: number): Promise<SaveResult> {
  const result = await (await db()).transaction(async (tx) => {
    const advanced = await advancePlan(tx, plan.id, revision);
    if (advanced === null) return null;
    await insertSave(tx, plan.id, advanced, plan);
    await pruneSaves(tx, plan.id, SAVES_KEPT);
    return advanced;
  });
  if (result !== null) return { kind: 'saved', revision: result };
  const stored = await readPlan(plan.id);
  return stored?.ok ? { kind: 'conflict', stored: stored.value } : { kind: 'missing' };
}

/** A save as the history shows it. */
export interface SavedState {
  readonly revision: number;
  readonly savedAt: string;
  readonly name: string | null;
}

/** The saves kept of a plan, newest first; empty where there is no such plan. */
export async function listSaves(id: string): Promise<SavedState[]> {
  if (!isPlanId(id)) return [];
  const rows = await selectSaves(await db(), id);
  return rows.map(({ revision, savedAt, name }) => ({
    revision,
    name,
    savedAt: savedAt.toISOString(),
  }));
}

/** A plan as it was at one of its saves; null where that save is not kept. */
export async function readSave(id: string, revision: number): Promise<Outcome<Plan> | null> {
  if (!isPlanId(id)) return null;
  const document = await selectSave(await db(), id, revision);
  return document === undefined ? null : parsePlan(document);
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

export async function removePlan(id: string): Promise<boolean> {
  if (!isPlanId(id)) return false;
  return deletePlan(await db(), id);
}

/** Fills an empty data directory with the sample plans, dated from `on`. */
export async function addSamples(on: string): Promise<void> {
  if ((await countPlans(await db())) > 0) return;
  for (const plan of samplePlans(on)) await createPlan(plan);
}

async function underNewId(tx: Db, plan: Plan): Promise<Plan> {
  const renamed = { ...plan, id: randomUUID(), name: nameOfCopy(plan.name, ' (2)') };
  if (!(await insertPlan(tx, renamed.id))) throw new Error('a new id was taken');
  return renamed;
}

const nameOfCopy = (name: string, suffix: string): string =>
  name.slice(0, PLAN_LIMITS.name - suffix.length) + suffix;

const saved = (plan: Plan, row: { revision: number; savedAt: Date }): SavedPlan => ({
  plan,
  revision: row.revision,
  savedAt: row.savedAt.toISOString(),
});
