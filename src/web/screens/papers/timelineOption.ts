import type { EChartsCoreOption } from 'echarts/core';
import type { PapersTable } from '#core/readings';
import { chartLook } from '../../charts/chartLook';

/** Distance over time: every dated figure, those that do not fit marked, and where the next service falls due. */
export function timelineOption({ odometer, interval, services }: PapersTable): EChartsCoreOption {
  const flagged = new Set(odometer.flags.map(({ at }) => at));
  const at = (i: number) => {
    const point = odometer.points[i];
    return point ? [point.day, point.value] : [];
  };
  const last = services.at(-1)?.entry.distance;
  const all = odometer.points.map((_, i) => i);
  return {
    animation: false,
    textStyle: chartLook.text,
    grid: { left: 8, right: 20, top: 16, bottom: 8, containLabel: true },
    xAxis: {
      type: 'time',
      axisLabel: { ...chartLook.text, hideOverlap: true },
      splitLine: { show: true, lineStyle: { color: chartLook.line } },
    },
    yAxis: {
      type: 'value',
      min: 0,
      splitNumber: 4,
      axisLabel: { ...chartLook.text },
      splitLine: { lineStyle: { color: chartLook.line } },
    },
    series: [
      {
        type: 'line',
        silent: true,
        showSymbol: false,
        lineStyle: { color: chartLook.accent, width: 2 },
        data: all.filter((i) => !flagged.has(i)).map(at),
        ...(last !== undefined && {
          markArea: {
            silent: true,
            itemStyle: { color: chartLook.band, opacity: 0.7 },
            data: [[{ yAxis: last }, { yAxis: last + interval.distance }]],
          },
        }),
      },
      {
        type: 'scatter',
        silent: true,
        symbolSize: 10,
        itemStyle: { color: '#ffffff', borderColor: chartLook.ink, borderWidth: 1.6 },
        data: all.filter((i) => !flagged.has(i)).map(at),
      },
      {
        type: 'scatter',
        silent: true,
        symbol: 'diamond',
        symbolSize: 18,
        itemStyle: { color: chartLook.tape, borderColor: chartLook.ink, borderWidth: 1.6 },
        data: [...flagged].map(at),
      },
    ],
  };
}
