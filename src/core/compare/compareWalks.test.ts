import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { begun, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { type Fact, isStanding, replay } from '../walk';
import { compareWalks } from '.';

const dent = (n: number, part: string, u: number, details: object = {}): Fact => ({
  kind: 'finding-noted',
  body: { finding: idOf(0xf000 + n), part, spot: { u, v: 0.5 }, kind: 'dent', suspected: false, details },
});
const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));
const said = (before: Fact[], after: Fact[]) =>
  compareWalks(stateOf(...before), stateOf(...after)).map(({ is, part }) => `${is} ${part}`);

describe('walk against walk', () => {
  it('tells new from known, and from what nobody could know', () => {
    expect(
      said(
        [dent(1, 'door-fl', 0.5), clear('roof')],
        [dent(1, 'door-fl', 0.55), dent(2, 'roof', 0.3), dent(3, 'bonnet', 0.3)],
      ),
    ).toEqual(['same door-fl', 'new roof', 'not-known-before bonnet']);
  });

  it('says gone only where somebody looked again', () => {
    expect(
      said(
        [dent(1, 'door-fl', 0.5), dent(2, 'roof', 0.5), dent(3, 'bonnet', 0.5)],
        [clear('door-fl'), { kind: 'part-not-seen', body: { part: 'roof', why: 'wet' } }],
      ),
    ).toEqual(['gone door-fl', 'not-looked-again roof', 'not-looked-again bonnet']);
  });

  it('says put right where the later walk knew of it and has it mended', () => {
    const mended: Fact = { kind: 'put-right', body: { finding: idOf(0xf001), says: 'pressed out' } };
    const before = [dent(1, 'door-fl', 0.5), dent(2, 'door-fl', 0.9)];
    expect(said(before, [dent(1, 'door-fl', 0.52), mended, clear('door-fl')])).toEqual([
      'put-right door-fl',
      'gone door-fl',
    ]);
  });

  it('says grown by a quarter or more, never without figures', () => {
    const grown = (was: object, is: object) =>
      said([dent(1, 'door-fl', 0.5, was)], [dent(1, 'door-fl', 0.5, is)])[0];
    expect(grown({ lengthMm: 20 }, { lengthMm: 24 })).toBe('same door-fl');
    expect(grown({ lengthMm: 20 }, { lengthMm: 30 })).toBe('grown door-fl');
    expect(grown({ count: 4 }, { count: 9 })).toBe('grown door-fl');
    expect(grown({}, { lengthMm: 30 })).toBe('same door-fl');
  });

  it('pairs the nearest first: a second dent beside a known one is the new one', () => {
    const differences = compareWalks(
      stateOf(dent(1, 'door-fl', 0.5)),
      stateOf(dent(1, 'door-fl', 0.62), dent(2, 'door-fl', 0.51)),
    );
    expect(differences.map(({ is }) => is)).toEqual(['new', 'same']);
  });

  it('finds nothing new, gone or grown between a walk and itself, and accounts for every finding', () => {
    fc.assert(
      fc.property(arbitraryLog, arbitraryLog, (one, other) => {
        const [a, b] = [replay(WALK, one), replay(WALK, other)];
        expect(compareWalks(a, a).every(({ is }) => is === 'same')).toBe(true);
        const differences = compareWalks(a, b);
        const standing = (state: typeof a) => state.findings.filter((finding) => isStanding(finding)).length;
        expect(differences.filter((each) => 'before' in each)).toHaveLength(standing(a));
        expect(differences.filter((each) => 'after' in each)).toHaveLength(standing(b));
      }),
      { numRuns: 60 },
    );
  });
});
