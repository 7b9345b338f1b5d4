'use client';
import { BarChart, LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { type EChartsCoreOption, init, use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { type Inks, useInks } from './inks';

use([BarChart, LineChart, GridComponent, MarkLineComponent, CanvasRenderer]);

/** A chart in the palette and type of the page; drawn anew when the light changes. */
export function EChart({
  option,
  width,
  height,
  label,
}: {
  option: (ink: Inks) => EChartsCoreOption;
  width: number;
  height: number;
  label: string;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const ink = useInks();
  useEffect(() => {
    const element = ref.current;
    if (!element || width < 10) return;
    const chart = init(element, null, { renderer: 'canvas', width, height });
    chart.setOption({ animation: false, ...option(ink) });
    return () => chart.dispose();
  }, [option, ink, width, height]);
  return <div ref={ref} role="img" aria-label={label} style={{ width, height }} data-chart />;
}
