import { type PaintUnit, UM_PER_MIL } from '#core/measure';
import { chartLook } from '../../../../charts/chartLook';

/** A depth as charts show it, in the unit spoken. */
export const shownDepth = (um: number, unit: PaintUnit): number =>
  unit === 'um' ? Math.round(um) : Math.round((um / UM_PER_MIL) * 10) / 10;

/** Depth along the top, a panel a row. */
export const panelAxes = (names: readonly string[], most?: number) => ({
  animation: false,
  textStyle: chartLook.text,
  grid: { left: 8, right: 16, top: 30, bottom: 8, containLabel: true },
  xAxis: {
    type: 'value',
    position: 'top',
    min: 0,
    ...(most !== undefined && { max: most }),
    splitNumber: 4,
    axisLabel: { ...chartLook.text, hideOverlap: true },
    splitLine: { lineStyle: { color: chartLook.line } },
  },
  yAxis: {
    type: 'category',
    data: names,
    inverse: true,
    axisLabel: { ...chartLook.text, width: 130, overflow: 'break', lineHeight: 14 },
    axisTick: { show: false },
    axisLine: { lineStyle: { color: chartLook.ink } },
  },
});

/** The yellow bar that stands for a panel's median. */
export const medianBar = {
  type: 'scatter',
  symbol: 'rect',
  symbolSize: [5, 22],
  silent: true,
  itemStyle: { color: chartLook.tape, borderColor: chartLook.ink, borderWidth: 1.2 },
} as const;
