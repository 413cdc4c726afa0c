import type { EChartsCoreOption } from 'echarts/core';
import { addMonths, type OdometerSource } from '#core/papers';
import type { PapersTable } from '#core/readings';
import { chartLook } from '../../../charts/chartLook';

/** Every source has its own sign; the words under the chart name those that occur. */
const signs: Record<OdometerSource, { symbol: string; size: number; says: string }> = {
  service: { symbol: 'circle', size: 11, says: 'Circle: service' },
  certificate: { symbol: 'rect', size: 11, says: 'Square: certificate' },
  walk: { symbol: 'triangle', size: 14, says: 'Triangle: walk' },
  photo: { symbol: 'roundRect', size: 9, says: 'Small block: photo' },
  other: { symbol: 'pin', size: 16, says: 'Pin: elsewhere' },
};

/** What the signs of a chart mean, as far as they occur in it. */
export function timelineSigns({ odometer }: PapersTable): string {
  const sources = new Set(odometer.points.map(({ source }) => source));
  const flagged = odometer.flags.length > 0 ? ['Diamond: does not fit'] : [];
  return [...[...sources].map((source) => signs[source].says), ...flagged].join('. ');
}

/** Distance over time: every dated figure by its source, those that do not fit marked, and from each service the time and distance to the next. */
export function timelineOption({ odometer, interval, services }: PapersTable): EChartsCoreOption {
  const flagged = new Set(odometer.flags.map(({ at }) => at));
  const at = (i: number) => {
    const point = odometer.points[i];
    return point ? [point.day, point.value] : [];
  };
  const wrong = new Set(odometer.flags.map(({ at: i }) => at(i).join()));
  const boxes = services.flatMap(({ entry: { day, distance } }) =>
    day !== undefined && distance !== undefined && !wrong.has([day, distance].join())
      ? [
          [
            { xAxis: day, yAxis: distance },
            { xAxis: addMonths(day, interval.months), yAxis: distance + interval.distance },
          ],
        ]
      : [],
  );
  const all = odometer.points.map((_, i) => i);
  const clear = all.filter((i) => !flagged.has(i));
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
        data: clear.map(at),
        markArea: {
          silent: true,
          itemStyle: { color: chartLook.band, opacity: 0.55, borderColor: chartLook.line, borderWidth: 1 },
          data: boxes,
        },
      },
      ...Object.entries(signs).map(([source, { symbol, size }]) => ({
        type: 'scatter',
        silent: true,
        symbol,
        symbolSize: size,
        itemStyle: { color: '#ffffff', borderColor: chartLook.ink, borderWidth: 1.6 },
        data: clear.filter((i) => odometer.points[i]?.source === source).map(at),
      })),
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
