import { flockByDay } from '@/core/birds/flock';
import type { Plan } from '@/core/model/schema';
import { type BarrelRun, runBarrel } from '@/core/stores/rain/barrel';
import { type RainOutlook, rainDays, rainOutlook, storeOf } from '@/core/stores/rain/outlook';

/** A plan whose rain is run through thirty years; then other barrels for the same years. */
export type RainAsk =
  | { readonly kind: 'plan'; readonly plan: Plan; readonly on: string }
  | { readonly kind: 'barrel'; readonly litres: number };

/** Null where the place is not known, or nothing is collected. */
export type RainTold =
  | { readonly kind: 'outlook'; readonly outlook: RainOutlook | null }
  | { readonly kind: 'run'; readonly litres: number; readonly run: BarrelRun | null };

/** Answers what rain is asked: the years of the plan asked about last are kept for its other barrels. */
export function rainAnswers(): (ask: RainAsk) => RainTold {
  let known: { days: ReturnType<typeof rainDays>; store: ReturnType<typeof storeOf> } | null = null;
  return (ask) => {
    if (ask.kind === 'plan') {
      const flock = flockByDay(ask.plan, ask.on);
      const [days, store] = [rainDays(flock), storeOf(ask.plan, flock)];
      known = { days, store };
      return { kind: 'outlook', outlook: days && store ? rainOutlook(days, store) : null };
    }
    const { litres } = ask;
    if (!known?.days || !known.store) return { kind: 'run', litres, run: null };
    return { kind: 'run', litres, run: runBarrel(known.days, { ...known.store, barrelL: litres }) };
  };
}
