import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { NOBODYS_NAME } from './erasePerson';

const BRAM = idOf(0xb7a);
const NAME = 'Bram Quillfeather';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
  const { people, accounts } = server.context.stores;
  people.put({ id: BRAM, name: NAME });
  const at = server.context.now().toISOString();
  accounts.add({ person: BRAM, name: NAME, role: 'walk', password: 'hash-of-a-password', at });
  const entries = entriesOf([begun, noted(1)]).map((entry) => ({ ...entry, who: BRAM }));
  server.context.stores.walks.append(WALK, entries, server.context.now());
});
afterEach(() => server.close());

const erase = () => request(server.app).post(`/api/accounts/${BRAM}/erasing`).send({});
const kept = (): string =>
  readdirSync(server.dir)
    .filter((name) => name.startsWith('zelk.db'))
    .map((name) => readFileSync(join(server.dir, name), 'latin1'))
    .join('');

describe('somebody whose data is erased', () => {
  it('must have left first', async () => {
    const { body } = await erase().expect(409);
    expect(body.detail).toBe(`${NAME} still signs in here. End the account first.`);
  });

  it('is no longer in the database; what they said on walks stays, under no name', async () => {
    const { accounts } = server.context.stores;
    accounts.end(BRAM, server.context.now().toISOString());
    expect(kept()).toContain(NAME);
    await erase().expect(200);
    const { body } = await request(server.app).get('/api/accounts').expect(200);
    expect(body.accounts.map(({ person }: { person: string }) => person)).not.toContain(BRAM);
    expect(kept()).not.toContain(NAME);
    expect(kept()).not.toContain('bram quillfeather');
    expect(kept()).not.toContain('hash-of-a-password');
    const walk = (await request(server.app).get(`/api/walks/${WALK}/export`).expect(200)).body;
    expect(walk.entries).toHaveLength(2);
    expect(walk.people).toEqual([{ id: BRAM, name: NOBODYS_NAME }]);
    const { rows } = (await request(server.app).get('/api/audit').expect(200)).body;
    expect(rows.map(({ what }: { what: string }) => what)).toContain('erased');
    expect(server.context.stores.db.pragma('foreign_key_check')).toEqual([]);
    await erase().expect(404);
  });
});
