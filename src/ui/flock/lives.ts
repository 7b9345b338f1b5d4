import type { FlockByDay } from '@/core/birds/flock';
import { MOULT_DAYS } from '@/core/birds/laying';
import type { Lot } from '@/core/birds/lots';
import { moultsOf } from '@/core/birds/moult';
import type { Event, EventCode } from '@/core/kernel/event';
import { dayNumber } from '@/core/kernel/units/day';

type Stretch = readonly [from: number, to: number];

/** One lot's life within the horizon, in day numbers, as the timeline draws it. */
export interface Life {
  readonly lot: Lot;
  /** In the brooder; in the coop; in lay; moulting. Cut by the horizon. */
  readonly brooder: Stretch | null;
  readonly coop: Stretch | null;
  readonly lay: Stretch | null;
  readonly moults: readonly Stretch[];
  readonly marks: readonly { readonly kind: LifeMark; readonly at: number }[];
}

type OfLife<Code> = Code extends `flock.${infer Mark}` ? Mark : never;

/** What comes in the life of a lot: events of the flock. */
export type LifeMark = OfLife<EventCode>;

const markOf = ({ code }: Event): LifeMark | null =>
  code.startsWith('flock.') ? (code.slice('flock.'.length) as LifeMark) : null;

/** Every lot's life, in the order of the flock. @param events  what comes on the days of the plan */
export function livesOf({ lots, horizon, climate }: FlockByDay, events: readonly Event[]): Life[] {
  const from = horizon.first;
  const to = horizon.first + horizon.length - 1;
  const cut = (a: number, b: number): Stretch | null => {
    const start = Math.max(a, from);
    const end = Math.min(b, to);
    return start < end ? [start, end] : null;
  };
  return lots.map((lot) => {
    const end = lot.leavesOn ?? to + 1;
    const marks = events.flatMap((e) => {
      const kind = e.lot === lot.id ? markOf(e) : null;
      return kind === null ? [] : [{ kind, at: dayNumber(e.on) }];
    });
    const lay = lot.laysFrom === null ? null : cut(lot.laysFrom, end);
    return {
      lot,
      brooder: lot.comesOn < lot.arrivesOn ? cut(lot.comesOn, Math.min(lot.arrivesOn, end)) : null,
      coop: cut(lot.arrivesOn, end),
      lay,
      moults: moultsOf(lot, from, Math.min(to, end), climate).flatMap((at) => {
        const moult = cut(at, Math.min(at + MOULT_DAYS, end));
        return moult ? [moult] : [];
      }),
      marks,
    };
  });
}
