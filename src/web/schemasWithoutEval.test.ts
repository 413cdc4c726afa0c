import { expect, it } from 'vitest';
import './schemasWithoutEval';

it('is what schemas fetched later go by', async () => {
  const { z } = await import('zod');
  expect(z.config().jitless).toBe(true);
});
