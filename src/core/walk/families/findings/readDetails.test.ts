import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../../../tests/builders/entries';
import { actions } from '../../choices';
import type { Fact } from '../../entries';
import { replay } from '../../replay';
import { decisionLine, isPromised, workLine } from '../../tellRemedy';
import { readDetails } from './readDetails';

const amended = (changes: Extract<Fact, { kind: 'finding-amended' }>['body']['changes']): Fact => ({
  kind: 'finding-amended',
  body: { finding: idOf(0xf001), changes },
});
const detailsAfter = (...facts: Fact[]) =>
  replay(WALK, entriesOf([begun, noted(1), ...facts])).findings[0]?.details;

describe('an early log', () => {
  it('keeps its findings as they were, with every action read as a cure that was promised', () => {
    for (const action of actions) {
      const details = detailsAfter(amended({ lengthMm: 40, action })) ?? {};
      expect(details.lengthMm).toBe(40);
      expect(details).not.toHaveProperty('action');
      if (action === 'leave') {
        expect(details).toMatchObject({ decision: { is: 'left' } });
        expect(details).not.toHaveProperty('cures');
        continue;
      }
      expect(details).toMatchObject({
        cures: [{ cure: action }],
        decision: { is: 'promised', asAction: true },
      });
      expect(isPromised(details)).toBe(true);
      expect(workLine(details, 'uk')).not.toBe('');
      expect(decisionLine(details, 'uk')).toBe('Will be put right before collection');
    }
  });

  it('takes an action back with both that it stood for', () => {
    expect(detailsAfter(amended({ action: 'polish' }), amended({ action: null }))).toEqual({});
    expect(detailsAfter(amended({ action: 'polish' }), amended({ action: 'leave' }))).toEqual({
      decision: { is: 'left' },
    });
  });

  it('has its rust read as how bad it is', () => {
    expect(detailsAfter(amended({ rust: 'on-the-surface' }))).toEqual({ severity: 'slight' });
    expect(detailsAfter(amended({ rust: 'bubbling' }))).toEqual({ severity: 'plain' });
    expect(detailsAfter(amended({ rust: 'right-through' }))).toEqual({ severity: 'heavy' });
    expect(detailsAfter(amended({ rust: 'bubbling' }), amended({ rust: null }))).toEqual({});
  });

  it('may go on in words of today: what is said later stands', () => {
    expect(
      detailsAfter(amended({ action: 'polish' }), amended({ decision: { is: 'buyer-chooses' } })),
    ).toEqual({ cures: [{ cure: 'polish' }], decision: { is: 'buyer-chooses' } });
  });

  it('says nothing that it did not say', () => {
    fc.assert(
      fc.property(
        fc.record(
          { lengthMm: fc.integer({ min: 1, max: 99 }), nail: fc.constant('glides' as const) },
          { requiredKeys: [] },
        ),
        (details) => {
          expect(readDetails(details)).toEqual(details);
        },
      ),
    );
  });
});
