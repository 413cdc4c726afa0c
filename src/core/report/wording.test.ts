import { describe, expect, it } from 'vitest';
import type { Coverage } from '../walk';
import type { ReportFinding } from './reportDocument';
import { outOfScope, statusSays, summaryLines } from './wording';

const cover = (more: Partial<Coverage> = {}): Coverage => ({
  total: 10,
  visited: 10,
  looked: 10,
  left: [],
  notSeen: [],
  treadsLeft: [],
  odometerLeft: false,
  isPaintRead: false,
  paintLeft: [],
  photosLeft: [],
  plates: [],
  brought: 0,
  unresolved: [],
  spotsLeft: [],
  ...more,
});
const finding = (more: Partial<ReportFinding> = {}): ReportFinding => ({
  number: 1,
  part: 'roof',
  partName: 'roof',
  kind: 'dent',
  spot: { u: 0.5, v: 0.5 },
  line: 'Dent',
  suspected: false,
  tests: '',
  action: '',
  promised: false,
  note: '',
  photos: [],
  ...more,
});

describe('the summary', () => {
  it('never calls looked at what could not be seen', () => {
    const [first] = summaryLines([], cover({ visited: 10, looked: 9 }));
    expect(first).toBe('9 of 10 parts on the route were looked at; 1 could not be seen.');
  });

  it('counts what was left out, one or many', () => {
    const left = (n: number) => Array.from({ length: n }, () => ({ part: 'roof' }));
    expect(summaryLines([], cover({ visited: 9, looked: 9, left: left(1) }))[0]).toContain('; 1 was not.');
    expect(summaryLines([], cover({ visited: 7, looked: 6, left: left(3) }))[0]).toContain(
      '; 1 could not be seen, 3 were not.',
    );
  });

  it('does not praise a walk on which nothing was looked at', () => {
    expect(summaryLines([], cover({ visited: 0, looked: 0, left: [{ part: 'roof' }] })).at(-1)).toBe(
      'Nothing has been looked at yet.',
    );
    expect(summaryLines([], cover()).at(-1)).toBe('No findings on what was looked at.');
  });

  it('goes from the far view inwards', () => {
    const lines = summaryLines(
      [
        finding({ notice: 'up-close' }),
        finding({ notice: 'across-the-bay', promised: true }),
        finding({ notice: 'up-close', suspected: true }),
        finding(),
      ],
      cover(),
    );
    expect(lines.slice(1)).toEqual([
      '4 findings: 1 noticed from across the bay, 2 seen only up close, 1 with no distance noted.',
      '1 of them will be put right before collection.',
      '1 suspicion still to be looked at again.',
    ]);
  });
});

describe('what is said of a part', () => {
  it.each([
    ['clear', [], undefined, 'Clear'],
    ['not-looked-at', [], undefined, 'Not looked at'],
    ['not-seen', [], 'too dark', 'Could not be seen: too dark'],
    ['findings', [3], undefined, 'Finding 3'],
    ['findings', [3, 7], undefined, 'Findings 3, 7'],
    ['second-look', [3], undefined, 'Finding 3; second look wanted'],
    ['findings', [3], 'wet', 'Finding 3; partly not seen: wet'],
  ] as const)('%s %o %s', (status, numbers, why, said) => {
    expect(statusSays(status, numbers, why)).toBe(said);
  });
});

it('says in the country’s words what the walk did not cover', () => {
  expect(outOfScope({ functions: false, papers: false })).toContain(
    'Whether everything works, a drive and the papers were not part of it',
  );
  expect(outOfScope({ functions: true, papers: false })).toContain('The papers were not part of it');
  expect(outOfScope({ functions: true, papers: true })).not.toContain('not part');
});
