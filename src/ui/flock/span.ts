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
  return {
    from,
    to,
    width,
    left,
    right,
    narrow,
    x: (dayNo) => left + ((dayNo - from) / (to - from)) * plot,
    day: (x) => Math.min(to, Math.max(from, Math.round(from + ((x - left) / plot) * (to - from)))),
  };
}

/** First days of months (or of quarters, where months stand too close) within a span. */
export function monthTicks(span: Span): { dayNo: number; iso: string; quarter: boolean }[] {
  const ticks: { dayNo: number; iso: string; quarter: boolean }[] = [];
  const start = isoDay(span.from);
  let year = Number(start.slice(0, 4));
  let month = Number(start.slice(5, 7)) + 1;
  for (;;) {
    if (month > 12) {
      month = 1;
      year++;
    }
    const iso = `${year}-${String(month).padStart(2, '0')}-01`;
    const dayNo = dayNumber(iso);
    if (dayNo > span.to) return ticks;
    ticks.push({ dayNo, iso, quarter: month % 3 === 1 });
    month++;
  }
}
