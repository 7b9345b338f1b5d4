import type { FlockByDay } from '../../birds/flock';
import { isoDay } from '../../kernel/units/day';
import { FACTS } from '../../rules/singleRules.data';

/** When boxes that were screened off are opened for hens that come into lay. */
export interface NestOpening {
  readonly lotId: string;
  readonly day: string;
  /** The point of lay. */
  readonly lays: string;
}

/**
 * Opening days of the horizon: two weeks before each group's point of lay.
 * @source keepers (domain notes, "Before and after")
 */
export function nestOpenings(flock: FlockByDay): NestOpening[] {
  const { first, length } = flock.horizon;
  return flock.lots.flatMap((lot) => {
    const lays = lot.laysFrom;
    if (lays === null || lays < first || lays >= first + length) return [];
    // one that comes here in lay finds them open
    if (lays < lot.arrivesOn) return [];
    const opens = Math.max(lays - FACTS['nests.open.before'].value, lot.arrivesOn);
    return [{ lotId: lot.id, day: isoDay(opens), lays: isoDay(lays) }];
  });
}
