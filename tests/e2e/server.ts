import { basename } from 'node:path';
import { test as base } from '@playwright/test';
import { processorSeconds, writeDown } from '../builders/processorTime';
import { RunningServer } from '../builders/runningServer';
import { type BegunWalk, beginWalk, type CarWanted, NELL } from './begin';

interface ForOneTest {
  /** Writes down what the test takes of the processors: browser and servers included. */
  timed: undefined;
  /** A server of this test alone, empty: for what restarts it, breaks it, or changes what the whole yard shares. */
  ownServer: RunningServer;
  /** A second, empty one. */
  another: RunningServer;
  /** A signed-in person, a car and a walk on the shared server, made by the API; ends on the walk's first stop. */
  beginWalk: (car?: CarWanted) => Promise<BegunWalk>;
}

interface ForOneWorker {
  /** Shared by the tests of a worker: each makes cars and walks of its own on it. */
  server: RunningServer;
}

async function running(use: (server: RunningServer) => Promise<void>): Promise<void> {
  const server = new RunningServer({ id: NELL, name: 'Nell Harrick' });
  await server.start();
  await use(server);
  await server.end();
  server.remove();
}

export const test = base.extend<ForOneTest, ForOneWorker>({
  timed: [
    // biome-ignore lint/correctness/noEmptyPattern: the fixture's signature.
    async ({}, use, info) => {
      const before = processorSeconds();
      await use(undefined);
      writeDown(basename(info.file), processorSeconds() - before);
    },
    { auto: true },
  ],
  // biome-ignore lint/correctness/noEmptyPattern: the fixture's signature.
  server: [async ({}, use) => running(use), { scope: 'worker' }],
  // biome-ignore lint/correctness/noEmptyPattern: the fixture's signature.
  ownServer: async ({}, use) => running(use),
  // biome-ignore lint/correctness/noEmptyPattern: the fixture's signature.
  another: async ({}, use) => running(use),
  beginWalk: async ({ page, server }, use) => use((car) => beginWalk(page, server, car)),
});

export { expect } from '@playwright/test';

/**
 * A test that runs at one width alone, and why the other would tell nothing more. Beside it stands what differs between phone and desk
 * and is tested at both.
 */
export const onlyAt = (width: 'phone' | 'desk', why: string) => ({
  tag: `@${width}`,
  annotation: { type: `only at the ${width}`, description: why },
});
