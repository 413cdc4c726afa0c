import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import type { EntryBody, Fact } from './entries';
import { openPromises } from './openPromises';
import { replay } from './replay';
import { checkedLine, decisionLine, dueWords } from './tellRemedy';

const F = idOf(0xf001);
const promised = (by: string, why?: string): Fact => ({
  kind: 'finding-amended',
  body: { finding: F, changes: { decision: { is: 'promised', by, ...(why && { why }) } } },
});
const looked = (found: EntryBody<'mend-checked'>['found'], says?: string): Fact => ({
  kind: 'mend-checked',
  body: { about: { of: 'finding', finding: F }, found, ...(says && { says }) },
});
const stateOf = (...facts: Fact[]) => replay(WALK, entriesOf([begun, noted(1), ...facts]));

describe('what was to be mended, looked at again', () => {
  it('is put right when it is gone, and its promise kept', () => {
    const state = stateOf(promised('2026-12-03'), looked('gone', 'pressed out'));
    expect(state.findings[0]?.standing).toMatchObject({ status: 'put-right', says: 'pressed out' });
    expect(openPromises(state)).toEqual([]);
  });

  it('stands when it is better or still there, and its promise is open', () => {
    for (const found of ['better', 'still-there'] as const) {
      const state = stateOf(promised('2026-12-03'), looked(found));
      expect(state.findings[0]?.standing.status).toBe('confirmed');
      expect(openPromises(state)).toEqual([{ finding: F, by: '2026-12-03' }]);
    }
    expect(checkedLine({ checked: { found: 'better', at: '2026-12-04T09:00:00.000Z' } })).toBe(
      'Looked at again on 4 December 2026: better, but not gone',
    );
  });

  it('stands again when it was thought to be gone and is not', () => {
    const state = stateOf(looked('gone'), looked('still-there', 'seen in the sun'));
    expect(state.findings[0]?.standing.status).toBe('confirmed');
    expect(state.findings[0]?.checked).toMatchObject({ found: 'still-there', says: 'seen in the sun' });
  });

  it('of what is no finding keeps its promise likewise, and keeps it through later words', () => {
    const about = { of: 'part', part: 'tyre-fl' } as const;
    const promise: Fact = {
      kind: 'remedy-noted',
      body: { about, decision: { is: 'promised', by: '2026-12-03' } },
    };
    expect(openPromises(stateOf(promise))).toEqual([{ by: '2026-12-03' }]);
    const gone: Fact = { kind: 'mend-checked', body: { about, found: 'gone' } };
    expect(openPromises(stateOf(promise, gone))).toEqual([]);
    expect(openPromises(stateOf(promise, gone, promise))).toEqual([]);
  });
});

describe('a promise that is put off', () => {
  it('tells the day promised at first and why it is later', () => {
    const [finding] = stateOf(promised('2026-12-03'), promised('2026-12-09', 'the paint is not in')).findings;
    expect(decisionLine(finding?.details ?? {}, 'uk')).toBe(
      'Will be put right before collection, by 9 December 2026 (3 December 2026 at first: the paint is not in)',
    );
  });

  it('keeps the first day through any number of later ones, and forgets it when it is brought forward', () => {
    const decisionOf = (...days: string[]) =>
      stateOf(...days.map((day) => promised(day))).findings[0]?.details.decision;
    expect(decisionOf('2026-12-03', '2026-12-09', '2026-12-20')).toMatchObject({ first: '2026-12-03' });
    expect(decisionOf('2026-12-09', '2026-12-03')).not.toHaveProperty('first');
    expect(decisionOf('2026-12-03')).not.toHaveProperty('first');
  });

  it('says that its day has passed, and only then', () => {
    const decision = { is: 'promised', by: '2026-12-03' } as const;
    expect(dueWords(decision, '2026-12-03')).toBe('3 December 2026');
    expect(dueWords(decision, '2026-12-04')).toBe('3 December 2026 (this day has passed)');
    expect(dueWords({ is: 'promised' }, '2026-12-04')).toBe('');
  });
});
