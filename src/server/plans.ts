import 'server-only';
import { randomUUID } from 'node:crypto';
import { parseKept } from '@/core/edit/parse';
import { copyName, freeName, isNameTaken, nameKey } from '@/core/edit/planNames';
import { samplePlans } from '@/core/edit/samples.data';
import { type Issue, type Outcome, ok } from '@/core/kernel/outcome';
import { finishPlan } from '@/core/layout/finish';
import type { Plan } from '@/core/model/schema';
import { database } from '@/db/client';
import type { Db } from '@/db/db';
import {
  advancePlan,
  countPlans,
  insertPlan,
  insertSave,
  type PlanHead,
  pruneSaves,
  type StoredPlan,
  selectHeads,
  selectNames,
  selectPlan,
  selectPlans,
} from '@/db/queries/plans';
import { dataDir } from './settings';

/** Saves kept of each plan. */
const SAVES_KEPT = 200;

export interface SavedPlan {
  readonly plan: Plan;
  readonly revision: number;
  readonly savedAt: string;
  /** What it shares with its variants. */
  readonly family: string;
}

/** A stored document that this program cannot read any more: shown, never thrown away. */
export interface UnreadablePlan {
  readonly id: string;
  readonly issues: readonly Issue[];
}

export type SaveResult =
  | { readonly kind: 'saved'; readonly revision: number }
  | { readonly kind: 'conflict'; readonly stored: SavedPlan }
  | { readonly kind: 'nameTaken' }
  | { readonly kind: 'missing' };

const db = (): Promise<Db> => database(dataDir());

/** Every plan there is, without what stands in it, in the order they were made. */
export const planHeads = async (): Promise<PlanHead[]> => selectHeads(await db());

/** Some plans, in the order they are asked for; which of them can't be read any more. */
export async function readPlans(
  ids: readonly string[],
): Promise<{ plans: SavedPlan[]; unreadable: UnreadablePlan[] }> {
  const plans: SavedPlan[] = [];
  const unreadable: UnreadablePlan[] = [];
  const rows = new Map((await selectPlans(await db(), ids)).map((row) => [row.id, row]));
  for (const id of ids) {
    const row = rows.get(id);
    if (!row) continue;
    const parsed = parseKept(row.document);
    if (parsed.ok) plans.push(saved(parsed.value, row));
    else unreadable.push({ id: row.id, issues: parsed.issues });
  }
  return { plans, unreadable };
}

/** Whether a text can be a plan's id at all: no other is put to the database. */
export const isPlanId = (id: string): boolean => /^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/.test(id);

/** A plan at its latest save; null where there is none. */
export async function readPlan(id: string): Promise<Outcome<SavedPlan> | null> {
  if (!isPlanId(id)) return null;
  const row = await selectPlan(await db(), id);
  if (!row) return null;
  const parsed = parseKept(row.document);
  return parsed.ok ? ok(saved(parsed.value, row)) : parsed;
}

/**
 * Stores a plan under its own id and name, or under new ones where those are taken.
 * @param family  what it shares with the plan it is a variant of; null where it is of its own
 */
export async function createPlan(plan: Plan, family: string | null = null): Promise<SavedPlan> {
  return (await db()).transaction(async (tx) => {
    const named = { ...plan, name: freeName(plan.name, await selectNames(tx)) };
    const isFree = await insertPlan(tx, plan.id, family);
    const stored = isFree ? named : await underNewId(tx, named, family);
    await insertSave(tx, stored.id, 1, stored);
    const savedAt = new Date().toISOString();
    return { plan: stored, revision: 1, savedAt, family: family ?? stored.id };
  });
}

/** A copy to try a variant on; it stays with the plan's family. */
export async function copyPlan(id: string): Promise<SavedPlan | null> {
  const original = await readPlan(id);
  if (!original?.ok) return null;
  const name = copyName(original.value.plan.name, await selectNames(await db()));
  const { plan, family } = original.value;
  return createPlan({ ...plan, id: randomUUID(), name }, family);
}

/**
 * Saves a plan if it still stands at the revision the editor had read, and its name is its own.
 * @param revision  the revision the edit was made on
 * @param edits     what was done since, as the screen names it
 */
export async function savePlan(
  plan: Plan,
  revision: number,
  edits: readonly string[] = [],
): Promise<SaveResult> {
  const result = await (await db()).transaction(async (tx) => {
    if (await takesName(tx, plan)) return 'nameTaken';
    const advanced = await advancePlan(tx, plan.id, revision);
    if (advanced === null) return null;
    await insertSave(tx, plan.id, advanced, plan, edits);
    await pruneSaves(tx, plan.id, SAVES_KEPT);
    return advanced;
  });
  if (result === 'nameTaken') return { kind: 'nameTaken' };
  if (result !== null) return { kind: 'saved', revision: result };
  const stored = await readPlan(plan.id);
  return stored?.ok ? { kind: 'conflict', stored: stored.value } : { kind: 'missing' };
}

/** Gives a plan another name, whatever revision it stands at. */
export async function renamePlan(id: string, name: string): Promise<SaveResult> {
  const found = await readPlan(id);
  if (!found?.ok) return { kind: 'missing' };
  const { plan, revision } = found.value;
  return plan.name === name
    ? { kind: 'saved', revision }
    : savePlan({ ...plan, name }, revision, [`Rename to ${name}`]);
}

/** Whether a plan takes a name that another has; one that it has had already is left to it. */
async function takesName(tx: Db, plan: Plan): Promise<boolean> {
  if (!isNameTaken(plan.name, await selectNames(tx, plan.id))) return false;
  const before = (await selectPlan(tx, plan.id))?.document as { name?: unknown } | undefined;
  if (before === undefined) return false;
  return typeof before.name !== 'string' || nameKey(before.name) !== nameKey(plan.name);
}

/** Fills an empty data directory with the sample plans, dated from `on`. */
export async function addSamples(on: string): Promise<void> {
  if ((await countPlans(await db())) > 0) return;
  const plans = samplePlans(on);
  // first one that works, then those that teach what is missing
  const bare = plans.find((plan) => plan.id === 'tamar-flats');
  if (bare) await createPlan(roughedOut(bare, on), bare.id);
  for (const plan of plans) await createPlan(plan);
}

/** The sample that is yet to be fitted, as the program fits it out. */
function roughedOut(plan: Plan, on: string): Plan {
  const fixtures = finishPlan(plan, on)?.plan.fixtures ?? plan.fixtures;
  return { ...plan, id: 'tamar-roughed-out', name: 'Tamar Flats, roughed out', fixtures };
}

async function underNewId(tx: Db, plan: Plan, family: string | null): Promise<Plan> {
  const stored = { ...plan, id: randomUUID() };
  if (!(await insertPlan(tx, stored.id, family))) throw new Error('a new id was taken');
  return stored;
}

const saved = (plan: Plan, { revision, savedAt, family }: StoredPlan): SavedPlan => ({
  plan,
  revision,
  savedAt: savedAt.toISOString(),
  family,
});
