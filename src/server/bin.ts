import { DAY_MS } from '@/core/kernel/units/day';
import 'server-only';
import { parseKept } from '@/core/edit/parse';
import { freeName } from '@/core/edit/planNames';
import { database } from '@/db/client';
import type { Db } from '@/db/db';
import { binPlan, deleteBinned, emptyBin, selectBin, unbinPlan } from '@/db/queries/bin';
import { advancePlan, insertSave, selectNames } from '@/db/queries/plans';
import { isPlanId } from './plans';
import { dataDir, now } from './settings';

/** Days that a removed plan lies in the bin before it goes for good. */
export const BIN_DAYS = 30;

const db = (): Promise<Db> => database(dataDir());

/** A plan in the bin, as the list shows it. */
export interface BinnedPlan {
  readonly id: string;
  readonly name: string;
  readonly removedAt: string;
  /** When it goes for good. */
  readonly goesAt: string;
}

/** What lies in the bin; what has lain there its days goes for good first. */
export async function listBin(): Promise<BinnedPlan[]> {
  await emptyBin(await db(), new Date(now().getTime() - BIN_DAYS * DAY_MS));
  return (await selectBin(await db())).map(({ id, name, removedAt }) => ({
    id,
    name,
    removedAt: removedAt.toISOString(),
    goesAt: new Date(removedAt.getTime() + BIN_DAYS * DAY_MS).toISOString(),
  }));
}

/** Lays a plan in the bin, with its saves; false where there is no such plan. */
export async function removePlan(id: string): Promise<boolean> {
  return isPlanId(id) && binPlan(await db(), id, now());
}

/**
 * Takes a plan out of the bin as it was, with its saves. Where its name is another plan's by now, it gets a number.
 * @returns its name; null where it does not lie in the bin
 */
export async function restorePlan(id: string): Promise<string | null> {
  if (!isPlanId(id)) return null;
  return (await db()).transaction(async (tx) => {
    const back = await unbinPlan(tx, id);
    if (back === null) return null;
    const parsed = parseKept(back.document);
    // what can't be read any more comes back as it is, and is told of on the list
    if (!parsed.ok) return id;
    const name = freeName(parsed.value.name, await selectNames(tx, id));
    if (name !== parsed.value.name) {
      const revision = await advancePlan(tx, id, back.revision);
      if (revision === null) throw new Error('a plan moved on inside one transaction');
      await insertSave(tx, id, revision, { ...parsed.value, name }, [`Rename to ${name}`]);
    }
    return name;
  });
}

/** Throws a plan in the bin away for good; false where it does not lie there. */
export async function throwAway(id: string): Promise<boolean> {
  return isPlanId(id) && deleteBinned(await db(), id);
}
