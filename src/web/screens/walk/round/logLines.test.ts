import { describe, expect, it } from 'vitest';
import { styleOf } from '#core/car';
import { type Fact, replay } from '#core/walk';
import { testCar } from '../../../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../../../tests/builders/entries';
import { logLines, wordsOfEntry } from './logLines';

const linesOf = (...facts: Fact[]) => {
  const entries = entriesOf([begun, ...facts]);
  return logLines({
    entries,
    state: replay(WALK, entries),
    style: styleOf(testCar),
    page: { walk: WALK, car: testCar, entries, photos: [], reports: [] },
  });
};

describe('the log in words', () => {
  it('tells what was said, latest first, and leaves moves and settings out', () => {
    const lines = linesOf(
      { kind: 'stop-reached', body: { part: 'door-fl' } },
      noted(1),
      { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { lengthMm: 42 } } },
      { kind: 'notice-answered', body: { finding: idOf(0xf001), notice: 'one-step-back' } },
      { kind: 'lap-begun', body: { lap: 'step-back' } },
      { kind: 'conditions-noted', body: { light: 'dusk', wet: 'damp', dirt: 'dusty' } },
      { kind: 'caution-read', body: { caution: 'traffic' } },
    );
    expect(lines.map(({ says }) => says)).toEqual([
      'Conditions: dusk; damp; dusty',
      'Nearside front door (left), dent: noticed one step back',
      'Nearside front door (left), dent: length 42 mm',
      'Nearside front door (left), dent: logged',
    ]);
  });

  it('marks what was taken back, with the way to bring it back', () => {
    const lines = linesOf(
      { kind: 'part-cleared', body: { part: 'roof' } },
      { kind: 'undone', body: { entry: idOf(2) } },
    );
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ says: 'Roof: clear', undone: true, undo: idOf(3) });
  });

  it('tells one entry by itself in the same words, and nothing of a move', () => {
    const entries = entriesOf([begun, { kind: 'stop-reached', body: { part: 'door-fl' } }, noted(1)]);
    const walk = {
      entries,
      state: replay(WALK, entries),
      style: styleOf(testCar),
      page: { walk: WALK, car: testCar, entries, photos: [], reports: [] },
    };
    expect(wordsOfEntry(walk, idOf(3))).toBe('Nearside front door (left), dent: logged');
    expect(wordsOfEntry(walk, idOf(2))).toBeUndefined();
    expect(wordsOfEntry(walk, idOf(99))).toBeUndefined();
  });
});
