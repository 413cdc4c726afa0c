import type { EChartsCoreOption } from 'echarts/core';
import { useMemo } from 'react';
import { type CurvePoint, expected, minorUnits, moneyWords, type Plan, type Prices } from '#core/plan';
import Chart from '../../../charts/Chart';
import { chartLook } from '../../../charts/chartLook';

interface TradeOffProps {
  points: readonly CurvePoint[];
  plan: Plan | undefined;
  prices: Prices;
  vocabulary: 'uk' | 'us';
}

const lines = [
  { key: 'across-the-bay', name: 'across the bay', colour: chartLook.ink },
  { key: 'one-step-back', name: 'one step back', colour: chartLook.accent },
  { key: 'up-close', name: 'up close', colour: '#8a6d00' },
] as const;

/** What each amount of money buys: how many faults can still be seen, by from where, each amount spent as well as it can be. */
export default function TradeOff({ points, plan, prices: { currency }, vocabulary }: TradeOffProps) {
  const option = useMemo((): EChartsCoreOption => {
    const units = minorUnits(currency);
    return {
      animation: false,
      textStyle: chartLook.text,
      grid: { left: 8, right: 20, top: 16, bottom: 8, containLabel: true },
      xAxis: {
        type: 'value',
        axisLabel: {
          ...chartLook.text,
          hideOverlap: true,
          formatter: (value: number) => moneyWords(value * units, currency, vocabulary),
        },
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        minInterval: 1,
        axisLabel: chartLook.text,
        splitLine: { lineStyle: { color: chartLook.line } },
      },
      series: lines.map(({ key, colour }, i) => ({
        type: 'line',
        step: 'end',
        symbol: 'none',
        lineStyle: { color: colour, width: 3, type: i === 2 ? 'dashed' : 'solid' },
        data: points.map(({ cost, left }) => [cost / units, left[key]]),
        ...(i === 0 &&
          plan && {
            markLine: {
              symbol: 'none',
              label: { formatter: 'this plan', ...chartLook.text },
              lineStyle: { color: chartLook.soft, type: 'dotted', width: 2 },
              data: [{ xAxis: expected(plan.cost) / units }],
            },
          }),
      })),
    };
  }, [points, plan, currency, vocabulary]);
  const [first, last] = [points[0], points.at(-1)];
  const says = (point: CurvePoint | undefined) =>
    point
      ? `for ${moneyWords(point.cost, currency, vocabulary)}, ${lines.map(({ key, name }) => `${point.left[key]} seen ${name}`).join(', ')}`
      : '';
  return (
    <figure>
      <figcaption className="mb-1">
        <span className="block font-bold">What money buys: faults still to be seen</span>
        <span className="flex flex-wrap gap-x-4 text-sm">
          {lines.map(({ key, name, colour }) => (
            <span key={key} className="inline-flex items-center gap-2">
              <svg aria-hidden width="28" height="6">
                <line
                  x1="0"
                  x2="28"
                  y1="3"
                  y2="3"
                  stroke={colour}
                  strokeWidth="4"
                  {...(key === 'up-close' && { strokeDasharray: '6 4' })}
                />
              </svg>
              {name}
            </span>
          ))}
        </span>
      </figcaption>
      <Chart
        label={`Cost against what can still be seen: ${says(first)}; ${says(last)}.`}
        option={option}
        heightPx={220}
      />
    </figure>
  );
}
