'use client';
import type { EChartsCoreOption } from 'echarts/core';
import { useCallback } from 'react';
import { isoDay } from '@/core/kernel/units/day';
import { KILOGRAMS_PER_POUND, LITRES_PER_GALLON } from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import { dayOfYear } from '@/core/weather/climate';
import { dayOfYearText } from '@/text/climates';
import { EChart } from '../charts/EChart';
import type { Inks } from '../charts/inks';
import { LineSample } from '../charts/LineSample';

const HEIGHT = 150;
const LOOKS = [
  { ink: '--ink', type: 'solid' },
  { ink: '--chalk', type: 'dashed' },
  { ink: '--verdigris', type: 'dotted' },
  { ink: '--oxide', type: 'solid' },
] as const;

/** Levels of vessels day by day, a line each. */
export function LevelsChart({
  first,
  lines,
  unit,
  units,
  width,
}: {
  /** Day number of the first. */
  first: number;
  lines: readonly { readonly name: string; readonly levels: readonly number[] }[];
  unit: 'kg' | 'L';
  units: UnitSystem;
  width: number;
}) {
  const option = useCallback(
    (ink: Inks): EChartsCoreOption => {
      const isMetric = units === 'metric';
      const per = isMetric ? 1 : unit === 'kg' ? KILOGRAMS_PER_POUND : LITRES_PER_GALLON;
      const text = { color: ink('--ink-soft'), fontSize: 11, fontFamily: ink.letters.figures };
      const [line] = lines;
      return {
        grid: { left: 36, right: 6, top: 24, bottom: 20 },
        xAxis: {
          type: 'category',
          data: (line?.levels ?? []).map((_, d) => dayOfYearText(dayOfYear(isoDay(first + d)))),
          axisTick: { show: false },
          axisLine: { lineStyle: { color: ink('--line-strong') } },
          axisLabel: { ...text, align: 'left', interval: 13, hideOverlap: true },
        },
        yAxis: {
          type: 'value',
          min: 0,
          name: isMetric ? unit : unit === 'kg' ? 'lb' : 'gal',
          nameGap: 8,
          nameTextStyle: text,
          axisLabel: text,
          splitNumber: 3,
          splitLine: { lineStyle: { color: ink('--line'), width: 0.6 } },
        },
        series: lines.map(({ name, levels }, i) => {
          const look = LOOKS[i % LOOKS.length] ?? LOOKS[0];
          return {
            type: 'line',
            name,
            step: 'end',
            symbol: 'none',
            silent: true,
            data: levels.map((l) => Math.round((10 * l) / per) / 10),
            lineStyle: { color: ink(look.ink), type: look.type, width: 1.5 },
          };
        }),
      };
    },
    [first, lines, unit, units],
  );
  return (
    <figure>
      <EChart
        option={option}
        width={width}
        height={HEIGHT}
        label={`What is left in ${lines.map((l) => l.name).join(', ')} on each of the coming days`}
      />
      {lines.length > 1 ? (
        <figcaption className="flex flex-wrap gap-x-4 text-[0.84rem] text-soft">
          {lines.map((l, i) => {
            const look = LOOKS[i % LOOKS.length] ?? LOOKS[0];
            return (
              <span key={l.name} className="flex items-center gap-1.5" data-name>
                <LineSample ink={look.ink} type={look.type} />
                {l.name}
              </span>
            );
          })}
        </figcaption>
      ) : null}
    </figure>
  );
}
