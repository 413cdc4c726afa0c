import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { begun, entriesOf, idOf, noted, WALK, WHO } from '../../../tests/builders/entries';
import type { Entry, Fact } from './entries';
import { replay } from './replay';

const undo = (n: number): Fact => ({ kind: 'undone', body: { entry: idOf(n) } });
const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, ...facts]));

describe('replay', () => {
  it('gives the same state for any order of arrival and any repeats', () => {
    const scenario = arbitraryLog.chain((log) =>
      fc.tuple(
        fc.constant(log),
        fc.shuffledSubarray(log, { minLength: log.length }),
        fc.array(fc.constantFrom(...log), { maxLength: 10 }),
      ),
    );
    fc.assert(
      fc.property(scenario, ([log, shuffled, repeats]) => {
        expect(replay(WALK, [...repeats, ...shuffled, ...repeats])).toEqual(replay(WALK, log));
      }),
      { numRuns: 300 },
    );
  });

  it('is back where it was after an undo of an undo', () => {
    fc.assert(
      fc.property(arbitraryLog, fc.nat(), (log, pick) => {
        const before = replay(WALK, log);
        const target = before.undoable[pick % Math.max(1, before.undoable.length)];
        fc.pre(target !== undefined);
        const at = '2026-03-14T10:00:00.000Z';
        const first = {
          id: idOf(0xa001),
          walk: WALK,
          who: WHO,
          at,
          kind: 'undone',
          body: { entry: target },
        } as Entry;
        const second = { ...first, id: idOf(0xa002), body: { entry: first.id } } as Entry;
        expect(replay(WALK, [...log, first]).undoable).not.toContain(target);
        const back = replay(WALK, [...log, first, second]);
        expect(back.undoable).toEqual(before.undoable);
        expect(back.findings).toEqual(before.findings);
        expect(back.looks).toEqual(before.looks);
      }),
      { numRuns: 200 },
    );
  });

  it('takes back what is undone, and only that', () => {
    const cleared: Fact = { kind: 'part-cleared', body: { part: 'bonnet' } };
    expect(stateOf(noted(1), cleared).findings).toHaveLength(1);
    const undone = stateOf(noted(1), cleared, undo(2));
    expect(undone.findings).toHaveLength(0);
    expect(undone.looks.get('bonnet')?.status).toBe('clear');
    expect(undone.redoable).toEqual([idOf(4)]);
  });

  it('voids undos that chase each other in a circle', () => {
    const state = stateOf(noted(1), undo(4), undo(3));
    expect(state.findings).toHaveLength(1);
  });

  it('applies a word about a finding made on a phone whose clock runs behind', () => {
    const [start, note] = entriesOf([begun, noted(1)]) as [Entry, Entry];
    const amend = {
      ...start,
      id: idOf(9),
      at: '2026-03-14T09:00:00.000Z',
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes: { count: 3 } },
    } as Entry;
    expect(replay(WALK, [start, note, amend]).findings[0]?.details.count).toBe(3);
  });

  it('keeps the number of a dismissed finding, so that later strips do not change theirs', () => {
    const state = stateOf(noted(1, 'bonnet', { suspected: true }), noted(2), {
      kind: 'finding-dismissed',
      body: { finding: idOf(0xf001), why: 'water' },
    });
    expect(state.findings.map((finding) => [finding.number, finding.standing.status])).toEqual([
      [1, 'dismissed'],
      [2, 'confirmed'],
    ]);
  });

  it('takes one detail back with null and leaves the others', () => {
    const amend = (changes: object): Fact => ({
      kind: 'finding-amended',
      body: { finding: idOf(0xf001), changes },
    });
    const state = stateOf(noted(1), amend({ count: 4, lengthMm: 12 }), amend({ count: null }));
    expect(state.findings[0]?.details).toEqual({ lengthMm: 12 });
  });

  it('ignores entries of other walks', () => {
    const foreign = entriesOf([noted(1)], idOf(0xbeef), 50);
    expect(replay(WALK, [...entriesOf([begun]), ...foreign]).findings).toHaveLength(0);
  });

  it('comes back to the stop last reached', () => {
    const stop = (part: string): Fact => ({ kind: 'stop-reached', body: { part } });
    expect(stateOf(stop('bonnet'), stop('roof')).at).toBe('roof');
  });
});
