import { describe, expect, it } from 'vitest';
import { actionLine, findingLine, testLine } from './describeFinding';
import type { FindingDetails } from './families/findings/bodies';
import { type FindingKind, findingKindIds, findingKindName } from './findingKinds';

const line = (kind: FindingKind, details: FindingDetails, vocabulary: 'uk' | 'us' = 'uk') =>
  findingLine({ kind, details }, vocabulary);

describe('a finding in one line', () => {
  it.each([
    ['dent', {}, 'Dent'],
    ['dent', { lengthMm: 42 }, 'Dent, 42 mm across'],
    ['scratch', { lengthMm: 140 }, 'Scratch, 140 mm long'],
    ['stone-chip', { count: 6, lengthMm: 3 }, 'Stone chip × 6, largest 3 mm'],
    ['stone-chip', { count: 1 }, 'Stone chip'],
    ['scuff', { lengthMm: 120, widthMm: 55 }, 'Scuff, 120 mm × 55 mm'],
    ['scuff', { lengthMm: 120 }, 'Scuff, 120 mm'],
  ] as const)('%s %o: %s', (kind, details, said) => {
    expect(line(kind, details)).toBe(said);
  });

  it('speaks the vocabulary of the car’s country', () => {
    expect(line('kerbing', { lengthMm: 50.8 }, 'uk')).toBe('Kerbing, 50.8 mm long');
    expect(line('kerbing', { lengthMm: 50.8 }, 'us')).toBe('Curb rash, 2 in (50.8 mm) long');
    expect(line('peel', {}, 'us')).toBe('Clear coat peel');
  });

  it('never mixes the two: no UK-only word in a US name', () => {
    for (const kind of findingKindIds)
      expect(findingKindName(kind, 'us')).not.toMatch(/kerb|lacquer|tyre|colour/i);
  });
});

describe('tests and decisions in words', () => {
  it('tells only the tests that were done, in the order they are done', () => {
    expect(testLine({ details: {} })).toBe('');
    expect(testLine({ details: { nail: 'just-catches', wipe: 'stays' } })).toBe(
      'wiped: stays; nail just catches',
    );
    expect(testLine({ details: { feel: 'not-felt' } })).toBe('felt: not felt');
  });

  it('names what will be done in the country’s words', () => {
    expect(actionLine({ details: { action: 'touch-in' } }, 'uk')).toBe('Touch in');
    expect(actionLine({ details: { action: 'touch-in' } }, 'us')).toBe('Touch up');
    expect(actionLine({ details: {} }, 'uk')).toBe('');
  });
});
