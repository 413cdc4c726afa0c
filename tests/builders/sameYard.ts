import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll } from 'vitest';
import { startTestServer, type TestServer } from './testServer';

/** A yard that all tests of a file begin with: filled once, and copied for each. Gives how to start a server on a copy of its own. */
export function sameYard(fill: (server: TestServer) => Promise<void>): () => Promise<TestServer> {
  let shelf: Promise<string> | undefined;
  afterAll(async () => rmSync((await shelf) ?? '', { recursive: true, force: true }));

  async function filled(): Promise<string> {
    const server = await startTestServer();
    await fill(server);
    await server.context.judge.idle();
    server.context.stores.shares.flush();
    server.context.stores.db.pragma('wal_checkpoint(TRUNCATE)');
    const dir = mkdtempSync(join(tmpdir(), 'zelk-shelf-'));
    cpSync(server.dir, dir, { recursive: true });
    await server.close();
    return dir;
  }

  return async () => {
    shelf ??= filled();
    const dir = mkdtempSync(join(tmpdir(), 'zelk-test-'));
    cpSync(await shelf, dir, { recursive: true });
    return startTestServer(false, { dir });
  };
}
