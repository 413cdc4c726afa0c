import type { StatementMade } from './families/course/sweep';

const words: Record<Exclude<StatementMade['is'], 'one-repair' | 'other'>, string> = {
  'light-scratches': 'light scratches all round',
  'lines-up': 'panels line up',
  'original-paint': 'looks all original paint, judged by eye',
  'straight-for-age': 'straight for its age',
};

/** The statements of the usual list, as a button says them. */
export const statementNames = {
  ...words,
  'one-repair': 'one repair over several parts',
  other: 'something else',
} as const;
