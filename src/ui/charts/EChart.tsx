'use client';
import { BarChart, LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { type EChartsCoreOption, type EChartsType, init, use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { type Inks, useInks } from './inks';

use([BarChart, LineChart, GridComponent, MarkLineComponent, CanvasRenderer]);

/**
 * Disposes of a chart once it paints no more: a large one is painted over several frames, and would go on painting what
 * is no longer there. Emptied, it has nothing left to paint after two frames.
 */
function letGo(chart: EChartsType): void {
  chart.clear();
  requestAnimationFrame(() => requestAnimationFrame(() => chart.dispose()));
}

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
    // each chart in a place of its own, so that the next may begin while the last is still let go
    const place = document.createElement('div');
    element.append(place);
    const chart = init(place, null, { renderer: 'canvas', width, height });
    chart.setOption({ animation: false, ...option(ink) });
    return () => {
      place.remove();
      letGo(chart);
    };
  }, [option, ink, width, height]);
  return <div ref={ref} role="img" aria-label={label} style={{ width, height }} data-chart />;
}
