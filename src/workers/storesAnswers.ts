import { flockByDay } from '@/core/birds/flock';
import type { Plan } from '@/core/model/schema';
import type { Away } from '@/core/stores/away/away';
import { awayOf } from '@/core/tending/awayOf';
import { frostWays } from '@/core/tending/frostWays';

export type StoresAsk =
  | { readonly kind: 'frost'; readonly plan: Plan; readonly on: string }
  | { readonly kind: 'away'; readonly plan: Plan; readonly leaves: string; readonly back: string };

export type StoresTold =
  | { readonly kind: 'frost'; readonly ways: ReturnType<typeof frostWays> }
  | { readonly kind: 'away'; readonly away: Away };

/** Answers one question of frost or of days away. */
export function storesAnswer(ask: StoresAsk): StoresTold {
  if (ask.kind === 'away') {
    return { kind: 'away', away: awayOf(ask.plan, ask.leaves, ask.back) };
  }
  const flock = flockByDay(ask.plan, ask.on);
  return { kind: 'frost', ways: frostWays(ask.plan, { flock }) };
}
