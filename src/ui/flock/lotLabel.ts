import type { Lot } from '@/core/birds/lots';

/** A lot's name as its group's; the cocks of an unsexed group say so. Cut to so many letters. */
export function lotLabel(lot: Lot, most = 40): string {
  const name = lot.cocksOf ? `${lot.group.name}, cocks` : lot.group.name;
  return name.length > most ? `${name.slice(0, most - 1)}…` : name;
}
