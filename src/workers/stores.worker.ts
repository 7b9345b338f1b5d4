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

let known: { days: ReturnType<typeof rainDays>; store: ReturnType<typeof storeOf> } | null = null;

self.onmessage = ({ data }: MessageEvent<StoresAsk>): void => {
  const tell = (told: StoresTold): void => self.postMessage(told);
  if (data.kind === 'plan') {
    const flock = flockByDay(data.plan, data.on);
    known = { days: rainDays(flock), store: storeOf(data.plan, flock) };
    const { days, store } = known;
    tell({ kind: 'outlook', outlook: days && store ? rainOutlook(days, store) : null });
    return;
  }
  if (data.kind === 'frost') {
    tell({ kind: 'frost', ways: frostWays(data.plan, { flock: flockByDay(data.plan, data.on) }) });
    return;
  }
  if (data.kind === 'away') {
    tell({ kind: 'away', away: awayOf(data.plan, data.leaves, data.back) });
    return;
  }
  if (!known?.days || !known.store) return;
  const { litres } = data;
  tell({ kind: 'run', litres, run: runBarrel(known.days, { ...known.store, barrelL: litres }) });
};
