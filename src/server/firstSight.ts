import 'server-only';
import type { Plan } from '@/core/model/schema';
import { isBusy, run } from './jobs/pool';
import { type FirstSight, sightFirst } from './jobs/sight';
import { MANY_FIXTURES } from './jobs/size';

/** Sights kept: a plan is opened more often than it is saved. */
const KEPT = 12;

interface Kept {
  readonly document: string;
  readonly sight: FirstSight;
}

const kept = new Map<string, Kept>();

/**
 * What the server works of a plan for its page: what is seen first, and what would mend it. Kept as long as the plan
 * and the day are the same; a large plan's is worked beside the server.
 * @param on  the day assessed, YYYY-MM-DD
 * @throws Busy where too much is asked for half a minute
 */
export async function firstSight(plan: Plan, on: string): Promise<FirstSight> {
  const key = `${plan.id} ${on}`;
  const document = JSON.stringify(plan);
  const last = kept.get(key);
  kept.delete(key);
  const sight = last?.document === document ? last.sight : await worked(plan, on);
  kept.set(key, { document, sight });
  for (const oldest of kept.keys()) {
    if (kept.size <= KEPT) break;
    kept.delete(oldest);
  }
  return sight;
}

const worked = async (plan: Plan, on: string): Promise<FirstSight> =>
  plan.fixtures.length <= MANY_FIXTURES
    ? sightFirst(plan, on)
    : (JSON.parse(await patiently(() => run('sight', { plan, on }))) as FirstSight);

/** A page is not refused as a program is: it waits until there is room. */
async function patiently<T>(work: () => Promise<T>): Promise<T> {
  for (let left = 30; ; left--) {
    try {
      return await work();
    } catch (error) {
      if (!isBusy(error) || left === 0) throw error;
    }
    await new Promise((r) => setTimeout(r, 1000));
  }
}
