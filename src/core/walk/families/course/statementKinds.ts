/** What is said of more than one part at once. */
export const statementKinds = [
  'light-scratches',
  'lines-up',
  'original-paint',
  'straight-for-age',
  'one-repair',
  'other',
] as const;
