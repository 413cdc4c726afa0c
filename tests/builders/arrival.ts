import type { FilledCheck } from '#core/arrival';
import { idOf } from './entries';

/** A check as the test buyer signs it; `n` makes it one of its own. */
export const filled = (n: number, more: Partial<FilledCheck> = {}): FilledCheck => ({
  id: idOf(0xc00 + n),
  revision: 1,
  occasion: 'arrival',
  name: 'Ida Brenn',
  role: 'buyer',
  place: 'Quay 4, Sandholm',
  begunAt: '2026-03-14T10:00:00.000Z',
  signedAt: '2026-03-14T10:20:00.000Z',
  answers: [],
  remarks: '',
  signature: [
    [
      [0.1, 0.5],
      [0.4, 0.3],
      [0.8, 0.6],
    ],
  ],
  ...more,
});
