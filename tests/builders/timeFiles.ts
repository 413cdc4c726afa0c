import { relative } from 'node:path';
import { afterAll, expect } from 'vitest';
import { processorSeconds, writeDown } from './processorTime';

/** Before each file of unit tests, and again for each: what it takes is written down, loading its modules included. */
const before = processorSeconds();
afterAll(() => {
  writeDown(relative(process.cwd(), expect.getState().testPath ?? ''), processorSeconds() - before);
});
