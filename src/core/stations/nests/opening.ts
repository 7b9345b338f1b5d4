import type { FlockByDay } from '../../birds/flock';
import { type Event, event } from '../../kernel/event';
import { isoDay } from '../../kernel/units/day';
import { ruled } from '../../rules/rules.data';

/**
 * When boxes that were screened off are opened for hens that come into lay: two weeks before each lot's point of lay,
 * which is told with it.
 * @source keepers (domain notes, "Before and after")
 */
export const nestOpenings = ({ lots, horizon: { first, length } }: FlockByDay): Event[] =>
  lots.flatMap((lot) => {
    const lays = lot.laysFrom;
    if (lays === null || lays < first || lays >= first + length) return [];
    // one that comes here in lay finds them open
    if (lays < lot.arrivesOn) return [];
    const opens = Math.max(lays - ruled('nests.open.before'), lot.arrivesOn);
    return [event('nests.open', isoDay(opens), { lot: lot.id, numbers: { lays } })];
  });
