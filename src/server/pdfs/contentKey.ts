import { createHash } from 'node:crypto';
import { statSync } from 'node:fs';
import type { PrintJob } from './printed';

/** Another program may lay out otherwise. */
const program = (() => {
  try {
    const { mtimeMs, size } = statSync(process.argv[1] ?? '');
    return `${mtimeMs} ${size}`;
  } catch {
    return 'unknown';
  }
})();

/** Names a PDF by all that it shows. */
export const keyOfShown = (shown: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify([program, shown]))
    .digest('hex');

/** Of what was gathered; its pictures are named by what they show, and so are their paths. */
export const contentKey = ({ printed, paper, pictures }: PrintJob): string =>
  keyOfShown([printed, paper, [...pictures]]);
