import { describe, expect, it } from 'vitest';
import { begun, noted } from '../../../tests/builders/entries';
import { reportOf } from '../../../tests/builders/report';
import { inWords } from '../told';
import type { Coverage, Fact } from '../walk';
import type { ReportFinding } from './reportDocument';
import type { FindingTold } from './rowsTold';
import { summaryLines as told } from './sections/summary';
import { englishOfReport } from './words';

const summaryLines = (findings: readonly FindingTold[], cover: Coverage): string[] =>
  told(findings, cover, { notToDrive: undefined, papers: [] }).map((line) =>
    inWords(line, englishOfReport('uk')),
  );

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
  const cleared: Fact = { kind: 'part-cleared', body: { part: 'roof' } };
  const says = (...facts: Fact[]) => reportOf([begun, ...facts]).parts.find(({ part }) => part === 'roof');

  it.each([
    [[cleared], 'Clear'],
    [[], 'Not looked at'],
    [[{ kind: 'part-not-seen', body: { part: 'roof', why: 'too dark' } }], 'Could not be seen: too dark'],
    [[noted(1, 'roof')], 'Finding 1'],
    [[noted(1, 'roof'), noted(2, 'roof')], 'Findings 1, 2'],
    [[noted(1, 'roof'), cleared], 'Finding 1; the rest of it clear'],
  ] as [Fact[], string][])('%o: %s', (facts, said) => {
    expect(says(...facts)).toMatchObject({ says: said, isAlone: true });
  });
});

it('says in the country’s words what the walk did not cover', () => {
  const scope = (...facts: Fact[]) => reportOf([begun, ...facts]).outOfScope;
  const tried: Fact = { kind: 'functions-tried', body: { functions: ['horn'], state: 'works' } };
  const keys: Fact = { kind: 'papers-noted', body: { keys: 2 } };
  expect(scope()).toContain('Whether everything works, a drive and the papers were not part of it');
  expect(scope(tried)).toContain('The papers were not part of it');
  expect(scope(tried, keys)).not.toContain('not part');
});
