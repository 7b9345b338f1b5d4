import { grownOn } from '@/core/birds/daily';
import type { FlockByDay } from '@/core/birds/flock';
import { MOULT_DAYS } from '@/core/birds/laying';
import type { Lot } from '@/core/birds/lots';
import { moultsOf } from '@/core/birds/moult';

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

export type LifeMark = 'hatch' | 'feathered' | 'move' | 'pointOfLay' | 'sorted' | 'grown' | 'leave';

/** Chicks are feathered at six weeks. */
const FEATHERED_DAYS = 42;

/** Every lot's life, in the order of the flock. */
export function livesOf({ lots, horizon, climate }: FlockByDay): Life[] {
  const from = horizon.first;
  const to = horizon.first + horizon.length - 1;
  const cut = (a: number, b: number): Stretch | null => {
    const start = Math.max(a, from);
    const end = Math.min(b, to);
    return start < end ? [start, end] : null;
  };
  return lots.map((lot) => {
    const end = lot.leavesOn ?? to + 1;
    const within = (at: number | null): at is number => at !== null && at >= from && at <= to;
    const marks = (
      [
        ['hatch', lot.hatchedOn],
        ['feathered', lot.hatchedOn === null ? null : lot.hatchedOn + FEATHERED_DAYS],
        ['move', lot.arrivesOn],
        ['sorted', lot.sortedOn],
        ['pointOfLay', lot.laysFrom],
        ['grown', grownOn(lot)],
        ['leave', lot.leavesOn],
      ] as const
    ).flatMap(([kind, at]) => (within(at) && at <= end ? [{ kind, at }] : []));
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
