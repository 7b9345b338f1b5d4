'use client';
import { HeatmapChart } from 'echarts/charts';
import { GridComponent, VisualMapComponent } from 'echarts/components';
import { type EChartsCoreOption, use } from 'echarts/core';
import { useCallback } from 'react';
import type { UnitSystem } from '@/core/kernel/units/length';
import { monthStart } from '@/core/weather/yearCurve';
import { type AirPicture, MONTH_NAMES } from '@/text/airWords';
import { EChart } from '../charts/EChart';
import type { Inks } from '../charts/inks';

use([HeatmapChart, GridComponent, VisualMapComponent]);

const DAY_HOURS = 24;
/** Short names of the months, by the day on which each begins. */
const MONTH_AT: ReadonlyMap<number, string> = new Map(
  MONTH_NAMES.map((name, m) => [monthStart(m), name.slice(0, 3)]),
);

/** A value of every hour: days across, hours of the day up, in the classes that a keeper acts on. */
export function HourPicture({
  picture,
  values,
  units,
  width,
  height,
}: {
  picture: AirPicture;
  values: Float32Array;
  units: UnitSystem;
  width: number;
  height: number;
}) {
  const option = useCallback(
    (ink: Inks): EChartsCoreOption => ({
      grid: { left: 44, right: 6, top: 6, bottom: 24 },
      textStyle: { fontFamily: ink.letters.text },
      xAxis: {
        type: 'category',
        data: Array.from({ length: values.length / DAY_HOURS }, (_, d) => d),
        axisTick: { show: false },
        axisLine: { lineStyle: { color: ink('--line-strong') } },
        axisLabel: {
          color: ink('--ink-soft'),
          interval: (d: number) => MONTH_AT.has(d),
          formatter: (d: string) => MONTH_AT.get(Number(d)) ?? '',
          align: 'left',
          hideOverlap: true,
        },
      },
      yAxis: {
        type: 'category',
        data: Array.from({ length: DAY_HOURS }, (_, h) => h),
        axisTick: { show: false },
        axisLine: { show: false },
        axisLabel: {
          color: ink('--ink-soft'),
          interval: (h: number) => h % 6 === 0,
          formatter: (h: string) => `${h} h`,
        },
      },
      visualMap: {
        show: false,
        type: 'piecewise',
        dimension: 2,
        pieces: picture.classes.map((c, i) => ({
          gte: i === 0 ? undefined : picture.classes[i - 1]?.to,
          lt: Number.isFinite(c.to) ? c.to : undefined,
          color: ink(c.ink),
        })),
      },
      series: [
        {
          type: 'heatmap',
          progressive: 0,
          data: Array.from(values, (v, i) => [Math.floor(i / DAY_HOURS), i % DAY_HOURS, v]),
          silent: true,
        },
      ],
    }),
    [picture, values],
  );
  return (
    <figure>
      <EChart
        option={option}
        width={width}
        height={height}
        label={`${picture.name}, every hour of the year: days across, hours of the day up`}
      />
      <figcaption
        className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[0.84rem] text-soft"
        data-axis
      >
        {picture.classes.map((c) => (
          <span key={c.ink} className="flex items-center gap-1.5">
            <span
              aria-hidden
              className="inline-block size-3 border border-line"
              style={{ background: `var(${c.ink})` }}
            />
            {c.name(units)}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
