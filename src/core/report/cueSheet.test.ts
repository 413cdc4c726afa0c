import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryLog } from '../../../tests/builders/arbitraryEntries';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { bodyStyle } from '../car';
import { type Fact, isStanding, replay } from '../walk';
import { cueSheet } from './cueSheet';

const style = bodyStyle('hatch-5');
const british = { country: 'GB', steering: 'right' } as const;
const sheetOf = (...facts: Fact[]) => cueSheet(replay(WALK, entriesOf([begun, ...facts])), style, british);

describe('the cue sheet', () => {
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
        const lines = cueSheet(state, style, british).flatMap((cue) => cue.lines);
        const standing = state.findings.filter((finding) => isStanding(finding)).length;
        expect(lines.filter((line) => /: dent/.test(line))).toHaveLength(standing);
      }),
      { numRuns: 60 },
    );
  });
});
