import 'server-only';
import { nameKey } from '@/core/edit/planNames';
import type { PlanHead } from '@/db/queries/plans';
import { planHeads, readPlans, type SavedPlan, type UnreadablePlan } from './plans';

/** Plans on one page of the list. */
export const PLANS_A_PAGE = 50;

/** What is looked for in the list. */
export interface ListAsk {
  /** What stands in the name; empty: every plan. */
  readonly find: string;
  /** From 1. */
  readonly page: number;
}

/** One page of the list of plans. */
export interface PlanList {
  /** Variants of one plan stand together, where the first of them stands. */
  readonly plans: readonly (SavedPlan & {
    /** Its variants, or what it is a variant of: their ids. */
    readonly kin: readonly string[];
  })[];
  readonly unreadable: readonly UnreadablePlan[];
  /** Plans there are, and those that were found. */
  readonly total: number;
  readonly found: number;
  readonly page: number;
  readonly pages: number;
}

/** One page of the list; past its end the last one. */
export async function listPage({ find, page }: ListAsk): Promise<PlanList> {
  const heads = byFamily(await planHeads());
  const key = nameKey(find);
  const found = heads.filter((head) => nameKey(head.name).includes(key));
  const pages = Math.max(1, Math.ceil(found.length / PLANS_A_PAGE));
  const at = Math.min(Math.max(1, page), pages);
  const shown = found.slice((at - 1) * PLANS_A_PAGE, at * PLANS_A_PAGE);
  const { plans, unreadable } = await readPlans(shown.map((head) => head.id));
  return {
    plans: plans.map((plan) => ({
      ...plan,
      kin: heads
        .filter((head) => head.family === plan.family && head.id !== plan.plan.id)
        .map((head) => head.id),
    })),
    unreadable,
    total: heads.length,
    found: found.length,
    page: at,
    pages,
  };
}

function byFamily(heads: readonly PlanHead[]): PlanHead[] {
  const families = new Map<string, PlanHead[]>();
  for (const head of heads) {
    const family = families.get(head.family);
    if (family) family.push(head);
    else families.set(head.family, [head]);
  }
  return [...families.values()].flat();
}
