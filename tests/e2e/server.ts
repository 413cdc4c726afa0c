import { test as base } from '@playwright/test';
import { RunningServer } from '../builders/runningServer';

/** Tests with a server; `another` is a second, empty one. */
export const test = base.extend<{ server: RunningServer; another: RunningServer }>({
  // biome-ignore lint/correctness/noEmptyPattern: the fixture's signature.
  server: async ({}, use) => {
    const server = new RunningServer();
    await server.start();
    await use(server);
    await server.end();
    server.remove();
  },
  // biome-ignore lint/correctness/noEmptyPattern: the fixture's signature.
  another: async ({}, use) => {
    const server = new RunningServer();
    await server.start();
    await use(server);
    await server.end();
    server.remove();
  },
});

export { expect } from '@playwright/test';
