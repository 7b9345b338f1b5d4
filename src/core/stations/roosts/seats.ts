import { livingOn } from '../../birds/flock';
import { lotOrder } from '../../carrying/asked';
import type { Carry } from '../../carrying/carrying';
import { effectiveLength, highestFirst } from '../../geometry/bars';
import type { Bar } from '../../model/schema';
import type { ChosenSchool } from '../../rules/book';
import type { StationContext } from '../context';
import { reachedByLots } from './climbing';
import { whyNotCounted } from './counted';
import { type Bars, type BirdKind, packBars, type Seating } from './packing';
import { widthsOf } from './widths';

export interface CountedBar {
  readonly bar: Bar;
  readonly effectiveM: number;
}

/** Who sits where when the planned flock goes up on the setting day. */
export interface FlockSeats extends Seating {
  /** The day of the horizon on which they sit so. */
  readonly d: number;
  readonly bars: readonly CountedBar[];
  readonly counts: readonly number[];
  readonly widths: readonly number[];
}

/** Bars that count, in the order they fill: highest first, ties by id. */
export const countedBars = (ctx: StationContext): readonly CountedBar[] => {
  const why = whyNotCounted(ctx);
  const bars = ctx.of('bar');
  const { shell } = ctx.plan;
  return ctx.kept('roosts.counted', [bars, why, shell], () =>
    bars
      .filter((bar) => why.get(bar.id) === null)
      .sort(highestFirst)
      .map((bar) => ({ bar, effectiveM: effectiveLength(bar, shell).effectiveM })),
  );
};

/** Usable lengths of the bars that count, and which lots get up to each. */
export const barsFor = (ctx: StationContext): Bars => {
  const bars = countedBars(ctx);
  const reachedBy = reachedByLots(ctx);
  return ctx.kept('roosts.barsFor', [bars, reachedBy], () => {
    // lots of one hop get up to the same perches, and share one list
    const lists = new Map<ReadonlySet<string>, boolean[]>();
    const listOf = (reached: ReadonlySet<string>): boolean[] => {
      const list = lists.get(reached) ?? bars.map((b) => reached.has(b.bar.id));
      lists.set(reached, list);
      return list;
    };
    return { usableM: bars.map((b) => b.effectiveM), reaches: reachedBy.map(listOf) };
  });
};

/** Where the flock of the setting day sits by the school chosen. */
export const seatFlock = (ctx: StationContext, carry: Carry, school: ChosenSchool): FlockSeats =>
  ctx.kept('roosts.seats', [ctx.flock, carry, school, barsFor(ctx)], () =>
    workSeats(ctx, carry, school),
  );

function workSeats(ctx: StationContext, carry: Carry, school: ChosenSchool): FlockSeats {
  const d = carry.state === 'carries' ? carry.setOn : 0;
  const widths = widthsOf(ctx.flock, school, d);
  const counts = livingOn(ctx.flock, d);
  const sleepers = counts.map((count, i) => (widths[i] === 0 ? 0 : count));
  const { usableM, reaches } = barsFor(ctx);
  const kinds = kindsOf(sleepers, widths, reaches);
  return {
    ...packBars(usableM, kinds, lotOrder(ctx.flock, d, widths)),
    d,
    bars: countedBars(ctx),
    counts: sleepers,
    widths,
  };
}

/** Ducks take no bar: a kind without width is left out of the packing by having no birds. */
const kindsOf = (
  counts: readonly number[],
  widths: readonly number[],
  reaches: Bars['reaches'],
): BirdKind[] =>
  counts.map((count, i) => ({
    widthM: widths[i] || 1,
    count: widths[i] === 0 ? 0 : count,
    ...(reaches[i] ? { reaches: reaches[i] } : {}),
  }));
