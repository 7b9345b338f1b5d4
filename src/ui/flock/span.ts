import type { FlockByDay } from '@/core/birds/flock';
import { dayNumber, isoDay } from '@/core/units/day';

/** Left and right of the plot, px: names of groups to the left, what the coop carries to the right. */
export const PLOT_LEFT = 128;
export const PLOT_RIGHT = 76;

/** Days to pixels and back, one scale for the timeline and the chart under it. */
export interface Span {
  /** First and last day, as day numbers. */
  readonly from: number;
  readonly to: number;
  readonly width: number;
  x(dayNo: number): number;
  /** The day under a pixel, held within the horizon. */
  day(x: number): number;
}

export function spanOf({ horizon }: FlockByDay, width: number): Span {
  const from = horizon.first;
  const to = horizon.first + horizon.length - 1;
  const plot = Math.max(1, width - PLOT_LEFT - PLOT_RIGHT);
  return {
    from,
    to,
    width,
    x: (dayNo) => PLOT_LEFT + ((dayNo - from) / (to - from)) * plot,
    day: (x) =>
      Math.min(to, Math.max(from, Math.round(from + ((x - PLOT_LEFT) / plot) * (to - from)))),
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
