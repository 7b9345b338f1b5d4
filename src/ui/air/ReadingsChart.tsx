'use client';
import type { EChartsCoreOption } from 'echarts/core';
import { useCallback } from 'react';
import type { Fitted, Reading } from '@/core/air/thermometer';
import type { UnitSystem } from '@/core/kernel/units/length';
import { dayOfYearText } from '@/text/climates';
import { EChart } from '../charts/EChart';
import type { Inks } from '../charts/inks';
import { LineSample } from '../charts/LineSample';

const HEIGHT = 220;

/** Lines of the chart: what was read, what is worked as planned and with the gaps that fit, and outdoors. */
const LINES = [
  { id: 'read', name: 'read inside', ink: '--ink', type: 'solid', width: 2 },
  { id: 'planned', name: 'worked as planned', ink: '--chalk', type: 'dashed', width: 1.6 },
  {
    id: 'fitted',
    name: 'worked with the gaps that fit',
    ink: '--chalk',
    type: 'solid',
    width: 1.6,
  },
  { id: 'outdoors', name: 'read outdoors', ink: '--ink-soft', type: 'dotted', width: 1.2 },
] as const;

/** Readings and what is worked for their hours, one over the other. */
export function ReadingsChart({
  readings,
  fitted,
  units,
  width,
}: {
  readings: readonly Reading[];
  fitted: Fitted;
  units: UnitSystem;
  width: number;
}) {
  const option = useCallback(
    (ink: Inks): EChartsCoreOption => {
      const shown = (c: number): number =>
        Math.round(10 * (units === 'metric' ? c : c * 1.8 + 32)) / 10;
      const values = {
        read: readings.map((r) => r.inC),
        outdoors: readings.map((r) => r.outC),
        planned: Array.from(fitted.asPlanned.tiC),
        fitted: fitted.isBetter ? Array.from(fitted.asFitted.tiC) : [],
      };
      const text = { color: ink('--ink-soft'), fontSize: 11, fontFamily: ink.letters.figures };
      return {
        grid: { left: 46, right: 8, top: 32, bottom: 22 },
        xAxis: {
          type: 'category',
          data: readings.map((r) => dayOfYearText(r.dayOfYear)),
          axisLabel: {
            ...text,
            align: 'left',
            hideOverlap: true,
            interval: (i: number) => readings[i]?.dayOfYear !== readings[i - 1]?.dayOfYear,
          },
          axisTick: { show: false },
          axisLine: { lineStyle: { color: ink('--line-strong') } },
        },
        yAxis: {
          type: 'value',
          scale: true,
          name: units === 'metric' ? '°C' : '°F',
          nameGap: 10,
          nameTextStyle: text,
          axisLabel: text,
          splitLine: { lineStyle: { color: ink('--line'), width: 0.6 } },
        },
        series: LINES.map((l) => ({
          type: 'line',
          name: l.name,
          symbol: 'none',
          silent: true,
          data: values[l.id].map(shown),
          lineStyle: { color: ink(l.ink), type: l.type, width: l.width },
        })),
      };
    },
    [readings, fitted, units],
  );
  return (
    <figure>
      <EChart
        option={option}
        width={width}
        height={HEIGHT}
        label="Temperature by the hour: read inside, worked as planned, worked with the gaps that fit, read outdoors"
      />
      <figcaption
        className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[0.84rem] text-soft"
        data-axis
      >
        {LINES.filter((l) => l.id !== 'fitted' || fitted.isBetter).map((l) => (
          <span key={l.id} className="flex items-center gap-1.5">
            <LineSample ink={l.ink} type={l.type} width={l.width} />
            {l.name}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
