import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { asRead } from '../../../tests/builders/report';
import { sameYard } from '../../../tests/builders/sameYard';
import type { TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
let photo: string;

const start = sameYard(async (made) => {
  server = made;
  const bytes = await jpeg(5);
  photo = sha256Of(bytes);
  await request(server.app)
    .put(`/api/photos/${photo}`)
    .set('Content-Type', 'image/jpeg')
    .send(bytes)
    .expect(200);
  const facts: Fact[] = [
    begun,
    noted(1),
    {
      kind: 'finding-amended',
      body: {
        finding: idOf(0xf001),
        changes: { lengthMm: 42, notice: 'across-the-bay', note: 'Łódź, Ωμέγα и кириллица' },
      },
    },
    { kind: 'photo-attached', body: { photo, role: 'what', part: 'door-fl', finding: idOf(0xf001) } },
    noted(2, 'roof'),
  ];
  await request(server.app)
    .post(`/api/walks/${WALK}/entries`)
    .send({ entries: entriesOf(facts) })
    .expect(200);
});
beforeEach(async () => {
  server = await start();
});
afterEach(() => server.close());

const freeze = async (id = idOf(0xd0c)): Promise<ReportDocument> =>
  (await request(server.app).post(`/api/walks/${WALK}/reports`).send({ id }).expect(201)).body;
const share = async (id: string) =>
  (await request(server.app).post(`/api/reports/${id}/shares`).send({ label: 'Buyer' }).expect(201)).body;

describe('freezing', () => {
  it('makes the next revision, and the same id gives the same report', async () => {
    const first = await freeze();
    expect(first).toMatchObject({ revision: 1, position: 5, signedBy: 'Nell Harrick' });
    expect(await freeze()).toEqual(first);
    const more = entriesOf([noted(3, 'bonnet')], WALK, 90);
    await request(server.app).post(`/api/walks/${WALK}/entries`).send({ entries: more }).expect(200);
    expect(await freeze(idOf(0xd0d))).toMatchObject({ revision: 2, position: 6 });
    const kept = await request(server.app).get(`/api/reports/${first.id}`).expect(200);
    expect(kept.body.report).toEqual(first);
  });

  it('of a walk whose beginning was taken back is refused in words', async () => {
    const undone = entriesOf([{ kind: 'undone', body: { entry: idOf(1) } }], WALK, 95);
    await request(server.app).post(`/api/walks/${WALK}/entries`).send({ entries: undone }).expect(200);
    const { body } = await request(server.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd0e) })
      .expect(409);
    expect(body.detail).toContain('Begin a new walk');
  });

  it('needs a walk', async () => {
    await request(server.app)
      .post(`/api/walks/${idOf(1)}/reports`)
      .send({ id: idOf(2) })
      .expect(404);
  });
});

describe('share links', () => {
  it('open one report and its photos, without signing in, until they are withdrawn', async () => {
    const report = await freeze();
    const { token, id } = await share(report.id);
    expect(Buffer.from(token, 'base64url').length).toBeGreaterThanOrEqual(16);
    const open = await request(server.app).get(`/api/shared/${token}`).expect(200);
    expect(open.body).toMatchObject({ report: asRead(report), sent: 1, revisions: [{ revision: 1 }] });
    expect(open.body.sha256).toMatch(/^[0-9a-f]{64}$/);
    expect(open.body.changes).toBeUndefined();
    expect(open.headers['cache-control']).toContain('no-store');
    await request(server.app).get(`/api/shared/${token}/photos/${photo}/320`).expect(200);
    await request(server.app).delete(`/api/shares/${id}`).expect(200);
    const gone = await request(server.app).get(`/api/shared/${token}`).expect(410);
    expect(gone.body.detail).toContain('withdrawn');
    await request(server.app).get(`/api/shared/${token}/photos/${photo}/320`).expect(410);
  });

  it('do not reach photos of other cars', async () => {
    const other = await jpeg(9);
    await request(server.app)
      .put(`/api/photos/${sha256Of(other)}`)
      .set('Content-Type', 'image/jpeg')
      .send(other)
      .expect(200);
    const { token } = await share((await freeze()).id);
    await request(server.app)
      .get(`/api/shared/${token}/photos/${sha256Of(other)}/320`)
      .expect(404);
  });

  it.each(['x', 'A'.repeat(27), '../../zelk.db', "' OR 1=1 --", 'A'.repeat(99)])(
    'that nobody made (%s) open nothing',
    async (token) => {
      const { body } = await request(server.app)
        .get(`/api/shared/${encodeURIComponent(token)}`)
        .expect(404);
      expect(body.detail).toContain('link');
    },
  );

  it('leave no token in the database', async () => {
    const { token } = await share((await freeze()).id);
    const rows = JSON.stringify(server.context.stores.db.prepare('SELECT * FROM shares').all());
    expect(rows).not.toContain(token);
  });
});

const pdfOf = async (paper: string) => {
  const report = await freeze();
  const { body } = await request(server.app)
    .get(`/api/reports/${report.id}/pdf?paper=${paper}`)
    .buffer()
    .parse((response, done) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () => done(null, Buffer.concat(chunks)));
    });
  const file = join(server.dir, 'report.pdf');
  writeFileSync(file, body as Buffer);
  return { report, file };
};

describe('a very long note', () => {
  it('runs on over the pages of the PDF and is there to its end', async () => {
    const note = Array.from({ length: 250 }, (_, i) => `line${i}`).join('\n');
    const long = entriesOf(
      [{ kind: 'finding-amended', body: { finding: idOf(0xf002), changes: { note } } }],
      WALK,
      80,
    );
    await request(server.app).post(`/api/walks/${WALK}/entries`).send({ entries: long }).expect(200);
    const { file } = await pdfOf('a4');
    const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
    for (const line of ['line0', 'line124', 'line249', 'page 1 of']) expect(text).toContain(line);
  });
});

describe('the PDF', () => {
  it.each([
    ['a4', /595\.\d+ x 841\.\d+ pts|595 x 842 pts/],
    ['letter', /612 x 792 pts/],
  ])('on %s names every finding and numbers its pages', async (paper, size) => {
    const { report, file } = await pdfOf(paper);
    const info = execFileSync('pdfinfo', [file]).toString();
    expect(info).toMatch(size);
    const pages = Number(/Pages:\s+(\d+)/.exec(info)?.[1]);
    const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
    for (const finding of report.findings) expect(text).toContain(finding.line);
    expect(text).toContain(`page 1 of ${pages}`);
    expect(text).toContain(`page ${pages} of ${pages}`);
    expect(text).toContain('кириллица');
    expect(execFileSync('pdfimages', ['-list', file]).toString()).toContain('jpeg');
  });

  it('comes on the papers there are', async () => {
    const report = await freeze();
    await request(server.app).get(`/api/reports/${report.id}/pdf?paper=papyrus`).expect(400);
  });
});
