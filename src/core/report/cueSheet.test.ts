import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import { type Fact, isStanding, replay } from '../walk';
import { cueSheet } from './cueSheet';

const style = bodyStyle('hatch-5');
const sheetOf = (...facts: Fact[]) => cueSheet(replay(WALK, entriesOf([begun, ...facts])), style, testCar);

describe('the cue sheet', () => {
  it('says what was looked for, and of the whole car at the end, as one says it aloud', () => {
    const cues = sheetOf(
      { kind: 'part-cleared', body: { part: 'wing-fl', absent: ['straight'] } },
      noted(1),
      {
        kind: 'finding-amended',
        body: {
          finding: idOf(0xf001),
          changes: {
            cures: [{ cure: 'dent-removal', sure: 'should' }],
            decision: { is: 'buyer-chooses', price: { amount: 90, currency: 'GBP' } },
          },
        },
      },
      {
        kind: 'remedy-noted',
        body: { about: { of: 'part', part: 'tyre-fl' }, cures: [{ cure: 'replace', sure: 'will' }] },
      },
      {
        kind: 'statement-made',
        body: { statement: idOf(1), over: { of: 'side', face: 'left' }, is: 'lines-up' },
      },
      { kind: 'drove-told', body: { group: 'clutch', fine: true } },
      { kind: 'equipment-noted', body: { item: 'tracker', standing: 'said' } },
      {
        kind: 'story-told',
        body: { fact: idOf(2), about: 'came-in', says: 'part exchange', source: 'seen' },
      },
    );
    const lines = cues.flatMap((cue) => cue.lines);
    expect(lines).toContain('Nearside wing (left): straight, no dents.');
    expect(lines).toContain(
      'Nearside front door (left): dent. It should come out without painting. The buyer may choose to have it put right, for £90.',
    );
    expect(cues.at(-1)).toEqual({
      heading: 'The whole car',
      lines: [
        'Nearside (left): panels line up.',
        'Nearside front tyre (left). It will come right by replacing it.',
        'Said to be fitted, not seen here: Tracker.',
        'On the drive, clutch: in order.',
        'How it came in: part exchange (seen here).',
      ],
    });
  });

  it('says what was found in route order, with the side, the size and what will be done', () => {
    const cues = sheetOf(
      noted(1, 'door-rr'),
      noted(2),
      {
        kind: 'finding-amended',
        body: {
          finding: idOf(0xf002),
          changes: { lengthMm: 46, notice: 'across-the-bay', action: 'dent-removal' },
        },
      },
      { kind: 'part-not-seen', body: { part: 'roof', why: 'wet' } },
    );
    const lines = cues.flatMap((cue) => cue.lines);
    expect(lines[0]).toBe(
      'Nearside front door (left): dent, 46 mm across. Noticed from across the bay. Will be put right before collection: paintless dent removal.',
    );
    expect(lines).toContain('Roof: could not be seen, wet.');
    expect(lines.at(-1)).toMatch(/^(Offside rear door \(right\): dent\.|Roof)/);
    expect(cues[0]?.heading).toBe('Nearside (left)');
  });

  it('says clear parts in one breath, and nothing of what was not looked at', () => {
    const cues = sheetOf(
      { kind: 'part-cleared', body: { part: 'bonnet' } },
      { kind: 'part-cleared', body: { part: 'windscreen' } },
    );
    expect(cues).toEqual([{ heading: 'Front', lines: ['Clear: bonnet, windscreen.'] }]);
    expect(sheetOf()).toEqual([]);
  });

  it('says every finding that stands, once, and none that was dismissed', () => {
    fc.assert(
      fc.property(arbitraryLog, (log) => {
        const state = replay(WALK, log);
        const lines = cueSheet(state, style, testCar).flatMap((cue) => cue.lines);
        const standing = state.findings.filter((finding) => isStanding(finding)).length;
        expect(lines.filter((line) => /: dent/.test(line))).toHaveLength(standing);
      }),
      { numRuns: 60 },
    );
  });
});
