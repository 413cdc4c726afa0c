import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components';
import { type EChartsCoreOption, init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

use([LineChart, ScatterChart, GridComponent, MarkAreaComponent, MarkLineComponent, SVGRenderer]);

interface ChartProps {
  /** What it shows, for those who do not see it. */
  label: string;
  option: EChartsCoreOption;
  heightPx: number;
}

/** A chart that fills its width. What it tells stands in words beside it. */
export default function Chart({ label, option, heightPx }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<ReturnType<typeof init> | undefined>(undefined);
  useEffect(() => {
    if (!box.current) return;
    const made = init(box.current, undefined, { renderer: 'svg' });
    chart.current = made;
    const watch = new ResizeObserver(() => made.resize());
    watch.observe(box.current);
    return () => {
      watch.disconnect();
      made.dispose();
      chart.current = undefined;
    };
  }, []);
  useEffect(() => {
    chart.current?.setOption(option, { notMerge: true });
  }, [option]);
  return (
    <div
      ref={box}
      role="img"
      aria-label={label}
      style={{ height: heightPx }}
      className="w-full rounded-md bg-paper text-night"
    />
  );
}
