import 'server-only';
import { database } from '@/db/client';
import { countPlans } from '@/db/queries/plans';
import { dataDir } from './settings';

export interface Health {
  readonly status: 'ok' | 'failing';
  readonly database: 'ok' | 'failing';
  readonly plans: number | null;
}

/** The state of the server, for whoever watches it; says nothing of any plan. */
export async function health(): Promise<Health> {
  try {
    const plans = await countPlans(await database(dataDir()));
    return { status: 'ok', database: 'ok', plans };
  } catch {
    return { status: 'failing', database: 'failing', plans: null };
  }
}
