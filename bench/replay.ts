import { replay } from '#core/walk';
import { WALK } from '../tests/builders/entries';
import { longLog } from './log';
import { ms, quantile, type Row, times } from './row';

export async function benchReplay(): Promise<Row[]> {
  const log = longLog(1000);
  const json = JSON.stringify(log);
  const zelk: number[] = [];
  const baseline: number[] = [];
  for (let i = 0; i < 120; i++) {
    let start = performance.now();
    replay(WALK, log);
    zelk.push(performance.now() - start);
    start = performance.now();
    JSON.parse(json);
    baseline.push(performance.now() - start);
  }
  const [a, b] = [quantile(zelk, 0.5), quantile(baseline, 0.5)];
  return [
    {
      what: 'replay of 1,000 entries (against parsing their JSON), p50',
      measured: ms(a),
      baseline: ms(b),
      ratio: times(a / b),
    },
  ];
}
