import { bodyStyle } from '#core/car';
import { parseShorthand } from '#core/shorthand';
import { gbPhrases } from '../src/core/shorthand/phrases';
import { type Row, times } from './row';

const ROUNDS = 60;

/** Lines a second through the parser, against only splitting them into words. */
export async function benchShorthand(): Promise<Row[]> {
  const lines = gbPhrases
    .split('\n')
    .map((row) => row.split('=>')[0]?.trim() ?? '')
    .filter(Boolean);
  const context = { style: bodyStyle('hatch-5'), speech: { country: 'GB', steering: 'right' } } as const;
  const perSecond = (job: (line: string) => unknown) => {
    for (const line of lines) job(line);
    const start = performance.now();
    for (let i = 0; i < ROUNDS; i++) for (const line of lines) job(line);
    return (ROUNDS * lines.length * 1000) / (performance.now() - start);
  };
  const zelk = perSecond((line) => parseShorthand(line, context));
  const bare = perSecond((line) => line.toLowerCase().split(/[\s,;:.]+/));
  const shown = (value: number) => `${Math.round(value / 1000)},000 lines/s`;
  return [
    {
      what: 'shorthand (against splitting into words)',
      measured: shown(zelk),
      baseline: shown(bare),
      ratio: times(bare / zelk),
      target: '≥ 20,000 lines/s',
    },
  ];
}
