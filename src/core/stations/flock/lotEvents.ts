import { grownOn } from '../../birds/daily';
import type { FlockByDay } from '../../birds/flock';
import { type Event, type EventCode, event } from '../../kernel/event';
import { isoDay } from '../../kernel/units/day';
import { ruled } from '../../rules/rules.data';

/** What comes in the life of each lot within the horizon, from its hatching to its leaving. */
export const lotEvents = ({ lots, horizon }: FlockByDay): Event[] =>
  lots.flatMap((lot) => {
    const to = horizon.first + horizon.length - 1;
    const end = Math.min(lot.leavesOn ?? to + 1, to);
    const days: readonly (readonly [EventCode, number | null])[] = [
      ['flock.hatch', lot.hatchedOn],
      [
        'flock.feathered',
        lot.hatchedOn === null ? null : lot.hatchedOn + ruled('brooder.out.feathered'),
      ],
      ['flock.move', lot.arrivesOn],
      ['flock.sorted', lot.sortedOn],
      ['flock.pointOfLay', lot.laysFrom],
      ['flock.grown', grownOn(lot)],
      ['flock.leave', lot.leavesOn],
    ];
    return days.flatMap(([code, at]) =>
      at !== null && at >= horizon.first && at <= end
        ? [event(code, isoDay(at), { lot: lot.id })]
        : [],
    );
  });
