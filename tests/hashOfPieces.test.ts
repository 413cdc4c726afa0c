import { createHash, randomBytes } from 'node:crypto';
import { expect, it } from 'vitest';
import { hashOfPieces } from '../src/web/sync/hashOfPieces';

it('is what an independent library says, at every size', async () => {
  for (const size of [0, 1, 63, 64, 65, 1_000_000]) {
    const bytes = randomBytes(size);
    expect(await hashOfPieces(new Blob([bytes]))).toBe(createHash('sha256').update(bytes).digest('hex'));
  }
});
