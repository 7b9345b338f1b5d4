'use client';
import type { EChartsCoreOption } from 'echarts/core';
import { useCallback } from 'react';
import { LITRES_PER_GALLON } from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { BarrelRun } from '@/core/stores/rain/barrel';
import type { RainOutlook } from '@/core/stores/rain/outlook';
import { monthStart, YEAR_DAYS } from '@/core/weather/yearCurve';
import { MONTH_NAMES } from '@/text/airWords';
import { formatValue, grouped } from '@/text/format';
import { EChart } from '../charts/EChart';
import type { Inks } from '../charts/inks';
import { LineSample } from '../charts/LineSample';

const HEIGHT = 190;
const MONTH_AT: ReadonlyMap<number, string> = new Map(
  MONTH_NAMES.map((name, m) => [monthStart(m), name.slice(0, 3)]),
);

/** Lines of the chart, one a year. */
const YEARS = [
  { id: 'dry', name: 'a dry year', ink: '--oxide', type: 'solid', width: 1.8 },
  { id: 'middle', name: 'a middle year', ink: '--ink', type: 'solid', width: 1.4 },
  { id: 'wet', name: 'a wet year', ink: '--chalk', type: 'dashed', width: 1.4 },
] as const;

/** The barrel's level through a dry, a middle and a wet year. */
export function LevelChart({
  run,
  picked,
  units,
  width,
}: {
  run: BarrelRun;
  picked: RainOutlook['picked'];
  units: UnitSystem;
  width: number;
}) {
  const option = useCallback(
    (ink: Inks): EChartsCoreOption => {
      const text = { color: ink('--ink-soft'), fontSize: 11, fontFamily: ink.letters.figures };
      const shown = (l: number): number =>
        Math.round(units === 'metric' ? l : l / LITRES_PER_GALLON);
      return {
        grid: { left: 44, right: 8, top: 26, bottom: 22 },
        xAxis: {
          type: 'category',
          data: Array.from({ length: YEAR_DAYS }, (_, d) => d),
          axisTick: { show: false },
          axisLine: { lineStyle: { color: ink('--line-strong') } },
          axisLabel: {
            ...text,
            align: 'left',
            hideOverlap: true,
            interval: (d: number) => MONTH_AT.has(d),
            formatter: (d: string) => MONTH_AT.get(Number(d)) ?? '',
          },
        },
        yAxis: {
          type: 'value',
          min: 0,
          name: units === 'metric' ? 'L' : 'gal',
          nameGap: 8,
          nameTextStyle: text,
          axisLabel: text,
          splitLine: { lineStyle: { color: ink('--line'), width: 0.6 } },
        },
        series: YEARS.map((y) => ({
          type: 'line',
          name: y.name,
          symbol: 'none',
          silent: true,
          data: Array.from(
            run.levelL.subarray(picked[y.id] * YEAR_DAYS, (picked[y.id] + 1) * YEAR_DAYS),
            shown,
          ),
          lineStyle: { color: ink(y.ink), type: y.type, width: y.width },
        })),
      };
    },
    [run, picked, units],
  );
  return (
    <figure>
      <EChart
        option={option}
        width={width}
        height={HEIGHT}
        label="The barrel’s level through a dry, a middle and a wet year"
      />
      <figcaption
        className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[0.84rem] text-soft"
        data-axis
      >
        {YEARS.map((y) => {
          const { dryDays = 0, inL = 0 } = run.years[picked[y.id]] ?? {};
          return (
            <span key={y.id} className="flex items-center gap-1.5">
              <LineSample ink={y.ink} type={y.type} width={y.width} />
              {y.name}: {grouped(formatValue(Number(inL.toPrecision(2)), 'litres', units))} came,
              dry on {dryDays} {dryDays === 1 ? 'day' : 'days'}
            </span>
          );
        })}
      </figcaption>
    </figure>
  );
}
