import { scaleLinear } from 'd3-scale';
import { utcMonth } from 'd3-time';
import type { FlockByDay } from '@/core/birds/flock';
import { dayNumber, isoDay } from '@/core/kernel/units/day';

/** Left and right of the plot, px: names of groups to the left, what the coop carries to the right. */
const DESK = { left: 128, right: 76 } as const;
/** On a phone the names stand over their rows. */
const PHONE = { left: 40, right: 62 } as const;
const NARROW_PX = 520;

/** Days to pixels and back, one scale for the timeline and the chart under it. */
export interface Span {
  /** First and last day, as day numbers. */
  readonly from: number;
  readonly to: number;
  readonly width: number;
  readonly left: number;
  readonly right: number;
  readonly narrow: boolean;
  x(dayNo: number): number;
  /** The day under a pixel, held within the horizon. */
  day(x: number): number;
}

export function spanOf({ horizon }: FlockByDay, width: number): Span {
  const from = horizon.first;
  const to = horizon.first + horizon.length - 1;
  const narrow = width < NARROW_PX;
  const { left, right } = narrow ? PHONE : DESK;
  const plot = Math.max(1, width - left - right);
  const x = scaleLinear([from, to], [left, left + plot]);
  return {
    from,
    to,
    width,
    left,
    right,
    narrow,
    x: (dayNo) => x(dayNo),
    day: (px) => Math.min(to, Math.max(from, Math.round(x.invert(px)))),
  };
}

/** First days of months (or of quarters, where months stand too close) within a span. */
export function monthTicks(span: Span): { dayNo: number; iso: string; quarter: boolean }[] {
  const dateOf = (dayNo: number): Date => new Date(`${isoDay(dayNo)}T00:00:00Z`);
  // the span's first day stands at the wall: the first tick is the month after it
  return utcMonth.range(dateOf(span.from + 1), dateOf(span.to + 1)).map((first) => {
    const iso = first.toISOString().slice(0, 10);
    return { dayNo: dayNumber(iso), iso, quarter: first.getUTCMonth() % 3 === 0 };
  });
}
