import { awayOf } from '@/core/awayOf';
import { flockByDay } from '@/core/birds/flock';
import { frostWays } from '@/core/frostWays';
import type { Plan } from '@/core/model/schema';
import type { Away } from '@/core/stores/away/away';
import { type BarrelRun, runBarrel } from '@/core/stores/rain/barrel';
import { type RainOutlook, rainDays, rainOutlook, storeOf } from '@/core/stores/rain/outlook';

/** A plan whose rain is run through thirty years; then other barrels for the same years. */
export type StoresAsk =
  | { readonly kind: 'plan'; readonly plan: Plan; readonly on: string }
  | { readonly kind: 'barrel'; readonly litres: number }
  | { readonly kind: 'frost'; readonly plan: Plan; readonly on: string }
  | { readonly kind: 'away'; readonly plan: Plan; readonly leaves: string; readonly back: string };

/** Null where the place is not known, or nothing is collected. */
export type StoresTold =
  | { readonly kind: 'outlook'; readonly outlook: RainOutlook | null }
  | { readonly kind: 'run'; readonly litres: number; readonly run: BarrelRun }
  | { readonly kind: 'frost'; readonly ways: ReturnType<typeof frostWays> }
  | { readonly kind: 'away'; readonly away: Away };

/**
 * Answers questions of feed and water; the years of the plan asked about last are kept for its other barrels.
 * @returns null to a barrel of a plan that was not asked about, or that collects nothing
 */
export function storesAnswers(): (ask: StoresAsk) => StoresTold | null {
  let known: { days: ReturnType<typeof rainDays>; store: ReturnType<typeof storeOf> } | null = null;
  return (ask) => {
    switch (ask.kind) {
      case 'plan': {
        const flock = flockByDay(ask.plan, ask.on);
        const [days, store] = [rainDays(flock), storeOf(ask.plan, flock)];
        known = { days, store };
        return { kind: 'outlook', outlook: days && store ? rainOutlook(days, store) : null };
      }
      case 'barrel': {
        if (!known?.days || !known.store) return null;
        const { litres } = ask;
        const run = runBarrel(known.days, { ...known.store, barrelL: litres });
        return { kind: 'run', litres, run };
      }
      case 'frost': {
        const flock = flockByDay(ask.plan, ask.on);
        return { kind: 'frost', ways: frostWays(ask.plan, { flock }) };
      }
      case 'away':
        return { kind: 'away', away: awayOf(ask.plan, ask.leaves, ask.back) };
    }
  };
}
