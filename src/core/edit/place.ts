import type { PlanClimate } from '../model/schema';
import { climateById } from '../weather/climate';

/**
 * A shipped climate as a plan has it. How the coop stands is kept.
 * @param id      of a shipped climate
 * @param before  what the plan had, also returned where there is no such climate
 */
export function shippedClimate(id: string, before: PlanClimate | null): PlanClimate | null {
  const row = climateById(id);
  if (!row) return before;
  return {
    source: { kind: 'shipped', id },
    latitudeDeg: row.latitudeDeg,
    altitudeM: row.altitudeM,
    exposure: before?.exposure ?? 'garden',
  };
}
