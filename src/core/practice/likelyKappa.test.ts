import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../judge';
import { agreementOf, yesNoAgreement } from './kappa';
import type { YesNoTable } from './likelyKappa';

const told = (table: YesNoTable) => {
  const agreement = yesNoAgreement(table);
  if (!agreement) throw new Error('there is nothing to agree on');
  return agreement;
};

/** The best log-likelihood with a kappa, by trying every pair of shares on a fine grid; the cell of both from kappa = 2 (p − rc) / (r + c − 2rc). */
function triedOut([[a, b], [c, d]]: YesNoTable, kappa: number): number {
  let best = Number.NEGATIVE_INFINITY;
  const steps = 400;
  for (let i = 1; i < steps; i += 1)
    for (let j = 1; j < steps; j += 1) {
      const [one, other] = [i / steps, j / steps];
      const both = one * other + (kappa * (one + other - 2 * one * other)) / 2;
      const cells = [both, one - both, other - both, 1 - one - other + both];
      if (cells.some((cell) => cell < 0)) continue;
      const sum = [a, b, c, d].reduce(
        (so, n, at) => so + (n === 0 ? 0 : n * Math.log(cells[at] as number)),
        0,
      );
      best = Math.max(best, sum);
    }
  return best;
}

describe('the interval of agreement on a yes or no', () => {
  it('is never certain of a few: neither of full agreement, nor that two who share no find agree less than chance', () => {
    const full = told([
      [2, 0],
      [0, 14],
    ]);
    expect(full.kappa).toBe(1);
    expect(full.low).toBeLessThan(0.6);
    const apart = told([
      [0, 4],
      [4, 34],
    ]);
    expect(apart.kappa).toBeLessThan(0);
    expect(apart.high).toBeGreaterThan(0);
  });

  it('is the large-sample one where there are many', () => {
    for (const table of [
      [
        [2000, 1200],
        [300, 4900],
      ],
      [
        [700, 100],
        [100, 9100],
      ],
    ] as const) {
      const large = agreementOf(table);
      expect(told(table).low).toBeCloseTo(large?.low ?? 9, 2);
      expect(told(table).high).toBeCloseTo(large?.high ?? 9, 2);
    }
  });

  it('ends where the likelihood has fallen by half of 3.84, by trying out every pair of shares', () => {
    const tables: YesNoTable[] = [
      [
        [5, 2],
        [3, 30],
      ],
      [
        [4, 4],
        [1, 9],
      ],
      [
        [2, 0],
        [0, 14],
      ],
    ];
    for (const table of tables) {
      const n = table.flat().reduce((sum, each) => sum + each, 0);
      const best = table.flat().reduce((sum, each) => sum + (each === 0 ? 0 : each * Math.log(each / n)), 0);
      const { low, high } = told(table);
      expect(2 * (best - triedOut(table, low))).toBeCloseTo(3.84, 1);
      if (high < 1) expect(2 * (best - triedOut(table, high))).toBeCloseTo(3.84, 1);
    }
  });

  it('holds kappa, and does not care who is named first nor whether yes or no is', () => {
    const count = fc.nat({ max: 60 });
    fc.assert(
      fc.property(count, count, count, count, (a, b, c, d) => {
        const agreement = yesNoAgreement([
          [a, b],
          [c, d],
        ]);
        fc.pre(agreement !== undefined);
        const { kappa, low, high } = agreement;
        expect(low).toBeLessThanOrEqual(kappa);
        expect(high).toBeGreaterThanOrEqual(kappa);
        expect([low >= -1, high <= 1]).toEqual([true, true]);
        for (const [[p, q], [r, s]] of [
          [
            [a, c],
            [b, d],
          ],
          [
            [d, c],
            [b, a],
          ],
        ] as const) {
          const turned = told([
            [p, q],
            [r, s],
          ]);
          expect(turned.low).toBeCloseTo(low, 2);
          expect(turned.high).toBeCloseTo(high, 2);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('holds the truth about 95 times in 100 over the few parts two people share', () => {
    const random = seededRandom(7);
    for (const [parts, yes, kappa] of [
      [20, 0.2, 0.9],
      [40, 0.1, 0],
      [60, 0.15, 0.4],
    ] as const) {
      const both = yes * yes + kappa * yes * (1 - yes);
      const one = yes * (1 - yes) * (1 - kappa);
      let [held, of] = [0, 0];
      for (let i = 0; i < 300; i += 1) {
        const cells = [0, 0, 0, 0];
        for (let part = 0; part < parts; part += 1) {
          const at = random();
          const cell = at < both ? 0 : at < both + one ? 1 : at < both + 2 * one ? 2 : 3;
          cells[cell] = (cells[cell] ?? 0) + 1;
        }
        const [a = 0, b = 0, c = 0, d = 0] = cells;
        const agreement = yesNoAgreement([
          [a, b],
          [c, d],
        ]);
        if (!agreement) continue;
        of += 1;
        if (agreement.low <= kappa && kappa <= agreement.high) held += 1;
      }
      // Three standard errors below 95 of 100; few parts make it wider rather than narrower.
      expect(held / of).toBeGreaterThan(0.91);
    }
  });
});
