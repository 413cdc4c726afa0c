import type { EChartsCoreOption } from 'echarts/core';
import { UM_PER_MIL } from '#core/measure';
import type { PaintChange, PaintTable } from '#core/readings';
import { chartLook } from '../../../charts/chartLook';

/** Medians of each panel over the walks, most changed first: earlier ones as rings, the latest as a bar. */
export function changesOption(
  changes: readonly PaintChange[],
  unit: PaintTable['unit'],
  nameOf: (part: string) => string,
): EChartsCoreOption {
  const shown = (um: number) => (unit === 'um' ? Math.round(um) : Math.round((um / UM_PER_MIL) * 10) / 10);
  return {
    animation: false,
    textStyle: chartLook.text,
    grid: { left: 8, right: 16, top: 30, bottom: 8, containLabel: true },
    xAxis: {
      type: 'value',
      position: 'top',
      min: 0,
      splitNumber: 4,
      axisLabel: { ...chartLook.text, hideOverlap: true },
      splitLine: { lineStyle: { color: chartLook.line } },
    },
    yAxis: {
      type: 'category',
      data: changes.map(({ part }) => nameOf(part)),
      inverse: true,
      axisLabel: { ...chartLook.text, width: 130, overflow: 'break', lineHeight: 14 },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: chartLook.ink } },
    },
    series: [
      {
        type: 'scatter',
        symbolSize: 11,
        silent: true,
        itemStyle: { color: 'transparent', borderColor: chartLook.ink, borderWidth: 2 },
        data: changes.flatMap(({ walks }, i) => walks.slice(0, -1).map(({ um }) => [shown(um), i])),
      },
      {
        type: 'scatter',
        symbol: 'rect',
        symbolSize: [5, 22],
        silent: true,
        itemStyle: { color: chartLook.tape, borderColor: chartLook.ink, borderWidth: 1.2 },
        data: changes.flatMap(({ walks }, i) => walks.slice(-1).map(({ um }) => [shown(um), i])),
      },
    ],
  };
}
