import { describe, expect, it } from 'vitest';
import type { FindingDetails } from './families/findings/bodies';
import { type FindingKind, findingKindIds, findingKindName } from './findingKinds';
import { findingLine, severityWords, testLine } from './tellFinding';

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
    ['scratch', { severity: 'slight' }, 'Scratch, in the lacquer'],
    // How bad it is says nothing of how deep it goes.
    ['scratch', { howBad: 'slight' }, 'Scratch, slight'],
    ['scratch', { howBad: 'bad', severity: 'plain' }, 'Scratch, bad, to the primer'],
    ['rust', { howBad: 'bad' }, 'Rust, bad'],
    // A stain has no depths: in early logs that was how bad it is, and said anew it is said once.
    ['stain', { severity: 'heavy', howBad: 'slight' }, 'Stain, slight'],
    ['scratch', { severity: 'plain', lengthMm: 90 }, 'Scratch, to the primer, 90 mm long'],
    ['rust', { severity: 'heavy' }, 'Rust, right through'],
    ['glass-crack', { severity: 'slight' }, 'Crack in the glass, hairline'],
    ['stain', { severity: 'plain' }, 'Stain, plain'],
    // As it was said, never as a figure; counted, the figure stands.
    ['stone-chip', { amount: 'a-few' }, 'Stone chip, a few'],
    ['kerbing', { amount: 'most-of-it', severity: 'heavy' }, 'Kerbing, most of it, gouged'],
    ['stone-chip', { amount: 'many', count: 7 }, 'Stone chip × 7'],
    // Judged by eye, a figure says so; without one there is nothing to say it of.
    ['dent', { lengthMm: 40, isAbout: true }, 'Dent, about 40 mm across'],
    ['scuff', { lengthMm: 120, widthMm: 55, isAbout: true }, 'Scuff, about 120 mm × 55 mm'],
    ['dent', { isAbout: true }, 'Dent'],
  ] as const)('%s %o: %s', (kind, details, said) => {
    expect(line(kind, details)).toBe(said);
  });

  it('speaks the vocabulary of the car’s country', () => {
    expect(line('kerbing', { lengthMm: 50.8 }, 'uk')).toBe('Kerbing, 50.8 mm long');
    expect(line('kerbing', { lengthMm: 50.8 }, 'us')).toBe('Curb rash, 2 in (50.8 mm) long');
    expect(line('peel', {}, 'us')).toBe('Clear coat peel');
  });

  it('tells how bad in three steps, each kind in its own words', () => {
    expect(severityWords('scratch', 'slight', 'us')).toBe('in the clear coat');
    for (const kind of findingKindIds)
      for (const vocabulary of ['uk', 'us'] as const) {
        const words = (['slight', 'plain', 'heavy'] as const).map((how) =>
          severityWords(kind, how, vocabulary),
        );
        expect(new Set(words).size).toBe(3);
        if (vocabulary === 'us') expect(words.join(' ')).not.toMatch(/lacquer|kerb|tyre/);
      }
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
});
