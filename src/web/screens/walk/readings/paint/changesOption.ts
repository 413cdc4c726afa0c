import type { EChartsCoreOption } from 'echarts/core';
import type { PaintChange, PaintTable } from '#core/readings';
import { chartLook } from '../../../../charts/chartLook';
import { medianBar, panelAxes, shownDepth } from './panelAxes';

/** Medians of each panel over the walks, most changed first: earlier ones as rings, the latest as a bar. */
export function changesOption(
  changes: readonly PaintChange[],
  unit: PaintTable['unit'],
  nameOf: (part: string) => string,
): EChartsCoreOption {
  const shown = (um: number) => shownDepth(um, unit);
  return {
    ...panelAxes(changes.map(({ part }) => nameOf(part))),
    series: [
      {
        type: 'scatter',
        symbolSize: 11,
        silent: true,
        itemStyle: { color: 'transparent', borderColor: chartLook.ink, borderWidth: 2 },
        data: changes.flatMap(({ walks }, i) => walks.slice(0, -1).map(({ um }) => [shown(um), i])),
      },
      {
        ...medianBar,
        data: changes.flatMap(({ walks }, i) => walks.slice(-1).map(({ um }) => [shown(um), i])),
      },
    ],
  };
}
