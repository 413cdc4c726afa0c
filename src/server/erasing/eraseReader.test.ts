import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { filesOnDisk } from '../../../tests/builders/filesOnDisk';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { sendReport } from '../../../tests/builders/sentReport';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

const ASKED = 'is the pelican behind the sill included';

let server: TestServer;
let share: string;
let report: string;
let photo: string;
let asked: { token: string; hashes: string[] };
beforeEach(async () => {
  server = await startTestServer();
  const sent = await sendReport(server);
  asked = sent;
  report = sent.report.id;
  const { stores } = server.context;
  share = stores.shares.beside(report)[0]?.id as string;
  stores.questions.add({ id: idOf(0x9e5), text: ASKED, about: { is: 'car' }, wantsLook: false } as never, {
    walk: WALK,
    share,
    from: 'Overland',
    askedAt: server.context.now().toISOString(),
  });
  // A picture the reader brought, and one they named that the walk shows too.
  const bytes = await jpeg(77);
  photo = sha256Of(bytes);
  await request(server.app)
    .put(`/api/photos/${photo}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
  for (const hash of [photo, sent.hashes[0] as string])
    stores.arrivals.notePhoto(share, hash, server.context.now().toISOString());
});
afterEach(() => server.close());

const kept = (): string =>
  readdirSync(server.dir)
    .filter((name) => name.startsWith('zelk.db'))
    .map((name) => readFileSync(join(server.dir, name), 'latin1'))
    .join('');
const erase = () => request(server.app).post(`/api/shares/${share}/erasing`).send({});

describe('what a reader sent', () => {
  it('is erased once the link is withdrawn, not while it opens', async () => {
    expect((await erase().expect(409)).body.detail).toContain('Withdraw it first');
    await request(server.app).delete(`/api/shares/${share}`).expect(200);
    expect(kept()).toContain(ASKED);
    // What they signed may have been printed, and was kept.
    const printed = join(server.dir, 'made', 'check.pdf');
    mkdirSync(join(server.dir, 'made'), { recursive: true });
    writeFileSync(printed, 'signed');
    await erase().expect(200);
    expect(existsSync(printed)).toBe(false);
    expect(kept()).not.toContain(ASKED);
    expect((await filesOnDisk(server.context.files)).filter(({ place }) => place.includes(photo))).toEqual(
      [],
    );
    await request(server.app).get(`/api/photos/${photo}/320`).expect(404);
    // What the walk shows too is the walk's.
    await request(server.app).get(`/api/photos/${asked.hashes[0]}/320`).expect(200);
    await request(server.app).get(`/api/reports/${report}`).expect(200);
    await request(server.app).get(`/api/shared/${asked.token}`).expect(410);
    expect(server.context.stores.db.pragma('foreign_key_check')).toEqual([]);
  });

  it('a message is erased with whom it went to', async () => {
    const { stores, now } = server.context;
    const message = { kind: 'mail', to: 'ida@pelican.example', subject: '', text: 'Good day' } as const;
    stores.messages.add({ id: idOf(0xe5), report, ...message, createdAt: now().toISOString() });
    await request(server.app)
      .post(`/api/messages/${idOf(0xe5)}/erasing`)
      .send({})
      .expect(200);
    expect((await request(server.app).get('/api/messages').expect(200)).body.messages).toEqual([]);
    expect(kept()).not.toContain('ida@pelican.example');
    await request(server.app)
      .post(`/api/messages/${idOf(0xe5)}/erasing`)
      .send({})
      .expect(404);
  });
});

describe('a photo', () => {
  it('is erased once it was withdrawn wherever it is shown; reports go on saying that it was', async () => {
    const hash = asked.hashes[0] as string;
    const erasePhoto = () => request(server.app).post(`/api/photos/${hash}/erasing`).send({});
    expect((await erasePhoto().expect(409)).body.detail).toContain('Withdraw the whole photo there first');
    const withdrawn = entriesOf([{ kind: 'photo-withdrawn', body: { photo: hash } }], WALK, 900);
    await request(server.app).post(`/api/walks/${WALK}/entries`).send({ entries: withdrawn }).expect(200);
    await erasePhoto().expect(200);
    expect((await filesOnDisk(server.context.files)).filter(({ place }) => place.includes(hash))).toEqual([]);
    await request(server.app).get(`/api/photos/${hash}/320`).expect(404);
    const { body } = await request(server.app).get(`/api/reports/${report}`).expect(200);
    expect(JSON.stringify(body)).toContain(hash);
    await request(server.app).get(`/api/reports/${report}/pdf`).expect(200);
    await request(server.app).get(`/api/reports/${report}/archive`).expect(200);
    expect((await request(server.app).get('/api/health')).body.files.broken).toBe(0);
    await erasePhoto().expect(404);
  });
});
