import type { EChartsCoreOption } from 'echarts/core';
import type { Stave } from '@/core/assess';
import type { FlockByDay } from '@/core/birds/flock';
import { DAY_MS } from '@/core/kernel/units/day';
import { KILOGRAMS_PER_POUND, LITRES_PER_GALLON } from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { MonthRow } from '@/core/stations/flock/monthly';
import { STATION_NAMES } from '@/text/stations';
import type { Inks } from '../charts/inks';
import { lotColour } from './lotColours';
import type { Span } from './span';

export const CHART_MEASURES = ['birds', 'massKg', 'eggs', 'feedKg', 'waterL'] as const;
export type ChartMeasure = (typeof CHART_MEASURES)[number];

export const CHART_NAMES: Readonly<Record<ChartMeasure, string>> = {
  birds: 'Birds',
  massKg: 'Live mass',
  eggs: 'Eggs',
  feedKg: 'Feed',
  waterL: 'Water',
};

/**
 * Dozen eggs and feed bags, month by month.
 * @param value  a figure's value by its id
 * @param ink    reads colours and letters
 */
export function monthlyOption(
  months: readonly MonthRow[],
  value: (id: string) => number,
  span: Pick<Span, 'left' | 'right'>,
  ink: Inks,
): EChartsCoreOption {
  const text = {
    color: ink('--ink-soft'),
    fontSize: 11,
    fontFamily: ink.letters.text,
  };
  const axis = (name: string) => ({
    type: 'value',
    name,
    nameGap: 10,
    nameTextStyle: text,
    splitNumber: 4,
    axisLabel: { ...text, fontFamily: ink.letters.figures },
    splitLine: { lineStyle: { color: ink('--line'), width: 0.6 } },
  });
  const bars = (name: string, yAxisIndex: number, token: string, id: 'dozens' | 'bags') => ({
    type: 'bar',
    name,
    yAxisIndex,
    silent: true,
    barGap: 0,
    itemStyle: { color: ink(token), borderColor: ink('--ink'), borderWidth: 0.7 },
    data: months.map((m) => value(m[id])),
  });
  return {
    grid: { left: span.left, right: span.right, top: 24, bottom: 22 },
    xAxis: {
      type: 'category',
      data: months.map((m) => monthName(`${m.month}-01`)),
      axisLabel: { ...text, hideOverlap: true },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: ink('--ink') } },
    },
    yAxis: [axis('dozen eggs'), { ...axis('bags of feed'), splitLine: { show: false } }],
    series: [bars('dozen eggs', 0, '--lot-1', 'dozens'), bars('bags', 1, '--lot-2', 'bags')],
  };
}

/** The unit of the axis, and what an SI value is multiplied by. */
export function axisOf(measure: ChartMeasure, units: UnitSystem): { unit: string; times: number } {
  const metric = units === 'metric';
  switch (measure) {
    case 'birds':
      return { unit: 'birds in the coop', times: 1 };
    case 'massKg':
      return metric
        ? { unit: 'kg in the coop', times: 1 }
        : { unit: 'lb in the coop', times: 1 / KILOGRAMS_PER_POUND };
    case 'eggs':
      return { unit: 'eggs a day', times: 1 };
    case 'feedKg':
      return metric
        ? { unit: 'kg of feed a day', times: 1 }
        : { unit: 'lb of feed a day', times: 1 / KILOGRAMS_PER_POUND };
    case 'waterL':
      return metric
        ? { unit: 'L of water a day', times: 1 }
        : { unit: 'gal of water a day', times: 1 / LITRES_PER_GALLON };
  }
}

/** A lot's share of a measure on a day of the horizon, SI. */
export function shareOf(flock: FlockByDay, lot: number, measure: ChartMeasure, d: number): number {
  const c = flock.columns[lot];
  if (!c) return 0;
  const living = c.living[d] ?? 0;
  if (measure === 'birds') return living;
  if (measure === 'massKg') return living * (c.massKg[d] ?? 0);
  return (c.here[d] ?? 0) * (c[measure][d] ?? 0);
}

const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');

/** January is named by its year. */
const monthName = (iso: string): string =>
  iso.slice(5, 7) === '01' ? iso.slice(0, 4) : (MONTHS[Number(iso.slice(5, 7)) - 1] ?? '');

/**
 * The demand of every lot, stacked over time; over birds, a line for what each station carries.
 * @param ink  reads colours and letters
 */
export function demandOption(
  flock: FlockByDay,
  staves: readonly Stave[],
  measure: ChartMeasure,
  units: UnitSystem,
  span: Pick<Span, 'left' | 'right'>,
  ink: Inks,
): EChartsCoreOption {
  const { first, length } = flock.horizon;
  const { unit, times } = axisOf(measure, units);
  const text = {
    color: ink('--ink-soft'),
    fontSize: 11,
    fontFamily: ink.letters.text,
  };
  const days = measure === 'birds' ? corners(flock) : everyDay(length);
  const lines = measure === 'birds' ? capacityLines(staves, ink, text.fontFamily) : [];
  const most = Math.max(
    ...Array.from({ length }, (_, d) =>
      flock.lots.reduce((s, _l, i) => s + shareOf(flock, i, measure, d), 0),
    ),
    ...lines.map((l) => l.yAxis),
  );
  return {
    grid: { left: span.left, right: span.right, top: 24, bottom: 22 },
    xAxis: {
      type: 'time',
      min: first * DAY_MS,
      max: (first + length - 1) * DAY_MS,
      axisLabel: {
        ...text,
        hideOverlap: true,
        formatter: (ms: number) => monthName(new Date(ms).toISOString()),
      },
      axisTick: { show: true, lineStyle: { color: ink('--line-strong') } },
      splitNumber: 8,
      axisLine: { lineStyle: { color: ink('--ink') } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      name: unit,
      nameLocation: 'end',
      nameGap: 10,
      nameTextStyle: { ...text, align: 'left', padding: [0, 0, 0, Math.min(0, 50 - span.left)] },
      max: measure === 'birds' ? roundUp(most * times) : undefined,
      minInterval: measure === 'birds' ? 1 : undefined,
      splitNumber: 4,
      axisLabel: { ...text, fontFamily: ink.letters.figures },
      splitLine: { lineStyle: { color: ink('--line'), width: 0.6 } },
    },
    series: [
      ...flock.lots.map((lot, i) => ({
        type: 'line',
        name: lot.id,
        stack: 'all',
        symbol: 'none',
        silent: true,
        lineStyle: { width: 0.8, color: ink('--ink') },
        areaStyle: { color: ink(lotColour(i)), opacity: 1 },
        data: days.map(([at, d]) => [(first + at) * DAY_MS, shareOf(flock, i, measure, d) * times]),
      })),
      {
        type: 'line',
        data: [],
        silent: true,
        markLine: { symbol: 'none', silent: true, animation: false, data: lines },
      },
    ],
  };
}

/** Days of the horizon with the day whose value stands there. */
type Point = readonly [at: number, of: number];

const everyDay = (length: number): Point[] => Array.from({ length }, (_, d): Point => [d, d]);

/** The number of birds stands from change to change: two points at each, before and after. */
function corners({ changes, horizon }: FlockByDay): Point[] {
  const last = horizon.length - 1;
  return [
    ...changes.flatMap((d): Point[] =>
      d === 0
        ? [[0, 0]]
        : [
            [d, d - 1],
            [d, d],
          ],
    ),
    [last, last],
  ];
}

/** The next round number: 1, 2 or 5 with noughts, times up to ten. */
function roundUp(most: number): number {
  const step = 10 ** Math.floor(Math.log10(Math.max(1, most))) / 2;
  return Math.ceil((most * 1.06) / step) * step;
}

/** A line at what each station carries, its name at the right; equal ones share a line. */
function capacityLines(staves: readonly Stave[], ink: Inks, fontFamily: string) {
  const carrying = staves.filter((s) => s.carries !== null);
  const levels = [...new Set(carrying.map((s) => s.carries ?? 0))];
  return levels.map((level) => {
    const own = carrying.filter((s) => s.carries === level);
    const colour = ink(own.some((s) => s.verdict === 'short') ? '--oxide' : '--ink');
    return {
      yAxis: level,
      lineStyle: { color: colour, type: 'dashed', width: 1.4 },
      label: {
        formatter: own.map((s) => `${STATION_NAMES[s.station].toLowerCase()} ${level}`).join('\n'),
        lineHeight: 13,
        position: 'end',
        color: colour,
        fontSize: 11.5,
        fontFamily,
        distance: 4,
      },
    };
  });
}
