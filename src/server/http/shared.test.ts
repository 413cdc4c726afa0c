import { createHash } from 'node:crypto';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { canonicalForm, type ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { begun, entriesOf, idOf, noted, START, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { asRead } from '../../../tests/builders/report';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
  await walkOn(0, begun, noted(1), noted(2, 'roof'));
});
afterEach(() => server.close());

async function walkOn(firstId: number, ...facts: Fact[]): Promise<void> {
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts, WALK, firstId + 1) })
    .expect(200);
}
const freeze = async (n: number): Promise<ReportDocument> =>
  (
    await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd00 + n) })
      .expect(201)
  ).body;
const share = async (report: string, wish: object = {}) =>
  (await request(server.app).post(`/api/reports/${report}/shares`).send(wish).expect(201)).body;
const open = (token: string, query = '') => request(server.app).get(`/api/shared/${token}${query}`);

describe('a link to a report that was revised', () => {
  it('opens the newest with what changed since the one sent; older ones stay as they were', async () => {
    const first = await freeze(1);
    const { token } = await share(first.id);
    expect((await open(token).expect(200)).body.changes).toBeUndefined();
    await walkOn(
      10,
      { kind: 'finding-amended', body: { finding: idOf(0xf001), changes: { lengthMm: 40 } } },
      { kind: 'finding-dismissed', body: { finding: idOf(0xf002), why: 'a reflection' } },
      noted(3, 'sill-l'),
    );
    const second = await freeze(2);
    const { body } = await open(token).expect(200);
    expect(body.report).toEqual(asRead(second));
    expect(body).toMatchObject({ sent: 1, changes: { since: 1, added: [3], withdrawn: [{ number: 2 }] } });
    expect(body.revisions.map(({ revision }: { revision: number }) => revision)).toEqual([1, 2]);
    const old = await open(token, '?revision=1').expect(200);
    expect(old.body.report).toEqual(asRead(first));
    expect((await open(token, '?revision=9').expect(404)).body.detail).toContain('newest');
    // A link made for the second tells what the second brought.
    const { token: later } = await share(second.id);
    expect((await open(later).expect(200)).body).toMatchObject({ sent: 2, changes: { since: 1 } });
  });

  it('carries the SHA-256 of the canonical form, the same after a restart and for the yard', async () => {
    const report = await freeze(1);
    const { token } = await share(report.id);
    const expected = createHash('sha256').update(canonicalForm(report), 'utf8').digest('hex');
    expect((await open(token).expect(200)).body.sha256).toBe(expected);
    expect((await request(server.app).get(`/api/reports/${report.id}`).expect(200)).body.sha256).toBe(
      expected,
    );
    // Frozen before fingerprints were kept: worked out anew.
    server.context.stores.db.prepare('UPDATE reports SET sha256 = NULL').run();
    expect((await open(token).expect(200)).body.sha256).toBe(expected);
  });

  it('still shows the pictures of an older revision, and none of another walk', async () => {
    const [shown, foreign] = [await jpeg(3), await jpeg(4)];
    for (const bytes of [shown, foreign])
      await request(server.app)
        .put(`/api/photos/${sha256Of(bytes)}`)
        .set('Content-Type', 'image/jpeg')
        .send(bytes)
        .expect(200);
    await walkOn(10, {
      kind: 'photo-attached',
      body: { photo: sha256Of(shown), role: 'what', finding: idOf(0xf001) },
    });
    const { token } = await share((await freeze(1)).id);
    await walkOn(20, { kind: 'photo-set-aside', body: { photo: sha256Of(shown) } });
    await freeze(2);
    await request(server.app)
      .get(`/api/shared/${token}/photos/${sha256Of(shown)}/320`)
      .expect(200);
    await request(server.app)
      .get(`/api/shared/${token}/photos/${sha256Of(foreign)}/320`)
      .expect(404);
  });
});

describe('a link with conditions', () => {
  it('runs out when its days are over, with a page that helps', async () => {
    const report = await freeze(1);
    const { token, expiresAt } = await share(report.id, { days: 7 });
    expect(Date.parse(expiresAt)).toBe(START + 3_600_000 + 7 * 86_400_000);
    await open(token).expect(200);
    const gone = server.context.stores.shares.open(token, expiresAt);
    expect(gone.status).toBe('expired');
    for (const days of [0, 4000, 1.5])
      await request(server.app).post(`/api/reports/${report.id}/shares`).send({ days }).expect(400);
  });

  it('asks for its passphrase, keeps that to one browser and one link, and never stores it', async () => {
    const report = await freeze(1);
    const locked = await share(report.id, { label: 'A buyer', passphrase: 'three green doors' });
    expect(locked.hasPassphrase).toBe(true);
    const path = `/api/shared/${locked.token}`;
    for (const address of [path, `${path}/pdf`, `${path}/photos/${'a'.repeat(64)}/320`]) {
      const refused = await request(server.app).get(address).expect(401);
      expect(JSON.stringify(refused.body)).not.toContain(report.title);
    }
    const unlock = (passphrase: string) => request(server.app).post(`${path}/unlock`).send({ passphrase });
    expect((await unlock('three red doors').expect(422)).body.detail).toContain('not the passphrase');
    const opened = await unlock('three green doors').expect(200);
    const [cookie = ''] = opened.get('Set-Cookie') ?? [];
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
    expect(cookie).toContain(`Path=${path}`);
    const kept = cookie.split(';')[0] as string;
    await request(server.app).get(path).set('Cookie', kept).expect(200);
    const other = await share(report.id, { passphrase: 'another one' });
    await request(server.app).get(`/api/shared/${other.token}`).set('Cookie', kept).expect(401);
    const rows = JSON.stringify([
      server.context.stores.db.prepare('SELECT * FROM shares').all(),
      server.context.stores.db.prepare('SELECT * FROM unlocks').all(),
    ]);
    expect(rows).not.toContain('three green doors');
    expect(rows).not.toContain(kept.split('=')[1]);
    await request(server.app)
      .post(`/api/reports/${report.id}/shares`)
      .send({ passphrase: 'abc' })
      .expect(400);
  });

  it('tells the yard when it was opened, and how often', async () => {
    const report = await freeze(1);
    const { token } = await share(report.id, { label: 'A buyer' });
    const shares = async () =>
      (await request(server.app).get(`/api/reports/${report.id}`).expect(200)).body.shares;
    expect((await shares())[0]).toMatchObject({ label: 'A buyer', opened: 0 });
    await open(token).expect(200);
    await open(token).expect(200);
    expect((await shares())[0]).toMatchObject({
      opened: 2,
      firstOpenedAt: new Date(START + 3_600_000).toISOString(),
    });
  });

  it('cannot be guessed at leisure: wrong ones are slowed down, right ones never', async () => {
    const { token } = await share((await freeze(1)).id);
    const wrong = () => request(server.app).get(`/api/shared/${'B'.repeat(27)}`);
    const statuses = await Promise.all(Array.from({ length: 70 }, async () => (await wrong()).status));
    expect(new Set(statuses)).toEqual(new Set([404, 429]));
    const slowed = await wrong().expect(429);
    expect(slowed.body.detail).toMatch(/Wait ten minutes/);
    await server.close();
    server = await startTestServer();
    await walkOn(0, begun, noted(1));
    const fresh = await share((await freeze(1)).id);
    for (let i = 0; i < 80; i++) await open(fresh.token).expect(200);
    // Pictures that are still to come are no guesses.
    for (let i = 0; i < 80; i++)
      await request(server.app)
        .get(`/api/shared/${fresh.token}/photos/${'a'.repeat(64)}/320`)
        .expect(404);
    expect(token).not.toBe(fresh.token);
  });
});
