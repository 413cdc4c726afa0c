import type { EChartsCoreOption } from 'echarts/core';
import { UM_PER_MIL } from '#core/measure';
import { PAINT_LIMITS } from '#core/paint';
import type { PaintRow, PaintTable } from '#core/readings';
import { chartLook } from '../../../../charts/chartLook';
import { medianBar, panelAxes, shownDepth } from './panelAxes';

/** Panels that have readings, thickest first. */
export const ranked = (rows: readonly PaintRow[]): PaintRow[] =>
  rows
    .filter(({ medianUm }) => medianUm !== undefined)
    .sort((a, b) => (b.medianUm as number) - (a.medianUm as number));

export const ROW_PX = 34;

/** Every reading as a dot, panels thickest first, against the band in which this car's untouched panels lie. */
export function rankingOption(table: PaintTable, nameOf: (part: string) => string): EChartsCoreOption {
  const { level, unit } = table;
  const rows = ranked(table.rows);
  const shown = (um: number) => shownDepth(um, unit);
  const names = rows.map(({ part }) => nameOf(part));
  const highest = Math.max(...rows.flatMap(({ um }) => um), 0);
  const most =
    unit === 'um' ? Math.ceil((highest * 1.08) / 50) * 50 : Math.ceil((highest * 1.08) / UM_PER_MIL / 2) * 2;
  return {
    ...panelAxes(names, most),
    series: [
      {
        type: 'scatter',
        symbolSize: 8,
        silent: true,
        itemStyle: { color: 'transparent', borderColor: chartLook.ink, borderWidth: 1.4 },
        data: rows.flatMap(({ um }, i) => um.map((value) => [shown(value), i])),
        ...(level && {
          markArea: {
            silent: true,
            itemStyle: { color: chartLook.band, opacity: 0.7 },
            data: [[{ xAxis: shown(level.um * 0.8) }, { xAxis: shown(level.um * PAINT_LIMITS.thicker) }]],
          },
          markLine: {
            silent: true,
            symbol: 'none',
            lineStyle: { color: chartLook.accent, width: 2, type: 'solid' },
            label: { show: false },
            data: [{ xAxis: shown(level.um) }],
          },
        }),
      },
      {
        ...medianBar,
        data: rows.map(({ medianUm }, i) => [shown(medianUm as number), i]),
      },
    ],
  };
}
