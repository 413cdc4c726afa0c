import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import Database from 'better-sqlite3';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { putPhoto, sendReport } from '../../../tests/builders/sentReport';
import { asNell, startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { makeWriteLock } from '../store/writeLock';
import { createApp } from './createApp';
import { routeTable } from './routeTable';

let server: TestServer;
let other: Database.Database;
beforeEach(async () => {
  server = await startTestServer();
  other = new Database(join(server.dir, 'zelk.db'));
});
afterEach(async () => {
  if (other.inTransaction) other.exec('ROLLBACK');
  other.close();
  await server.close();
});

const lock = () => other.exec('BEGIN IMMEDIATE');
const unlock = () => other.exec('ROLLBACK');
const say = (app: TestServer['app']) =>
  request(app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf([noted(2)], WALK, 100) });
/** With a lock's patience of its own. */
const patientFor = (patience: Parameters<typeof makeWriteLock>[1]) => {
  const stores = {
    ...server.context.stores,
    writeLock: makeWriteLock(server.context.stores.db, patience),
  };
  return createApp({ ...server.context, stores }, join(server.dir, 'no-interface'), { identify: asNell });
};

describe('while another program holds the right to write', () => {
  it('whoever writes waits, everybody else is answered meanwhile, and then it is written', async () => {
    await sendReport(server);
    lock();
    let written: number | undefined;
    const writing = say(server.app).then(({ status }) => {
      written = status;
    });
    for (let i = 0; i < 4; i++) {
      await request(server.app).get(`/api/walks/${WALK}`).expect(200);
      await wait(30);
    }
    const { body } = await request(server.app).get('/api/health').expect(200);
    expect(body).toMatchObject({ status: 'up', database: 'held' });
    expect(written).toBeUndefined();
    unlock();
    await writing;
    expect(written).toBe(200);
    expect((await request(server.app).get('/api/health').expect(200)).body.database).toBe('open');
  });

  it('a photo on its way is taken in once the lock is free', async () => {
    const bytes = await jpeg(7);
    lock();
    const sending = putPhoto(server, bytes).then(({ status }) => status);
    await wait(300);
    unlock();
    expect(await sending).toBe(200);
    expect(server.context.stores.photos.get(sha256Of(bytes))?.stored).toBe(true);
  });

  it('for longer than anybody waits, it says try again, and nothing is half done', async () => {
    await sendReport(server);
    const app = patientFor({ patienceMs: 60 });
    lock();
    const answer = await say(app).expect(503);
    expect(answer.body).toMatchObject({ type: '/problems/try-again', status: 503 });
    expect(answer.body.detail).toContain('Nothing is lost');
    expect(answer.headers['retry-after']).toBe('2');
    unlock();
    await say(app).expect(200);
    const { body } = await request(app).get(`/api/walks/${WALK}`).expect(200);
    expect(body.entries.filter(({ kind }: { kind: string }) => kind === 'finding-noted')).toHaveLength(2);
  });

  it('a monitor is told so, and after a while that the database fails', async () => {
    const app = patientFor({ failsAfterMs: 40 });
    lock();
    expect((await request(app).get('/api/health').expect(200)).body.database).toBe('held');
    await wait(60);
    expect((await request(app).get('/api/health').expect(503)).body).toMatchObject({
      status: 'ailing',
      database: 'failing',
    });
    unlock();
    await request(app).get('/api/health').expect(200);
  });

  it('whatever is asked for is answered as far as nothing is to be written', async () => {
    const { token, report, hashes } = await sendReport(server);
    const paths = routeTable(server.context)
      .filter(({ method, path, writes }) => method === 'get' && !writes && !path.endsWith('/live'))
      .map(({ path }) =>
        path
          .replace(':token', token)
          .replace(':sha256', hashes[0] as string)
          .replace(':width', '320')
          .replace(/^(\/api\/reports\/):id/, `$1${report.id}`)
          .replace(/^(\/api\/walks\/):(id|walk)/, `$1${WALK}`)
          .replace(/:\w+/g, idOf(0xbad)),
      );
    lock();
    const failed: string[] = [];
    for (const path of paths) {
      const { status } = await request(server.app).get(path);
      if (status >= 500) failed.push(`${status} ${path}`);
    }
    expect(failed).toEqual([]);
    // What is worked out afterwards, and how often a link was opened, waits likewise.
    await wait(1300);
    unlock();
    await say(server.app).expect(200);
    expect(server.context.stores.shares.beside(report.id)).toMatchObject([{ opened: expect.any(Number) }]);
  });
});
