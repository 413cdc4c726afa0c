import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { WalkFile } from '#core/exchange';
import { COMPOSED_BY } from '#core/report';
import { isPromised, isStanding, replay, workLine } from '#core/walk';
import { exportWalk } from '../src/server/reports/exchange';
import { fingerprintOf, makeReportStore } from '../src/server/store/reportStore';
import { entriesOf, idOf, WALK } from './builders/entries';
import { fullWalk } from './builders/fullWalk';
import { startTestServer, type TestServer } from './builders/testServer';

const goldenOf = (version: number) => `tests/golden/walk-composed-by-${version}.json`;
const golden = (version: number): WalkFile => JSON.parse(readFileSync(goldenOf(version), 'utf8'));

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer(false);
});
afterEach(() => server.close());
const take = (file: unknown) =>
  request(server.app)
    .post('/api/imports')
    .send(file as object);

// Words or rules that change compose another report out of the same log: raise COMPOSED_BY, and run with ZELK_WRITE_GOLDEN=1 to keep an export of
// the new version beside those of the earlier ones, which stay as they are.
if (process.env.ZELK_WRITE_GOLDEN && !existsSync(goldenOf(COMPOSED_BY)))
  it('an export is kept', async () => {
    const here = await startTestServer();
    await request(here.app)
      .post(`/api/walks/${WALK}/entries`)
      .send({ entries: entriesOf(fullWalk) })
      .expect(200);
    await request(here.app)
      .post(`/api/walks/${WALK}/reports`)
      .send({ id: idOf(0xd01) })
      .expect(201);
    const { body } = await request(here.app).get(`/api/walks/${WALK}/export`).expect(200);
    writeFileSync(goldenOf(COMPOSED_BY), `${JSON.stringify(body)}\n`);
    await here.close();
  });

describe.each(Array.from({ length: COMPOSED_BY }, (_, i) => i + 1))(
  'a report composed by version %i',
  (version) => {
    it('comes in, is kept to the letter, and goes out as it came', async () => {
      const file = golden(version);
      expect(file.reports[0]?.composedBy).toBe(version);
      await take(file).expect(201);
      const { body } = await request(server.app).get(`/api/walks/${file.walk}/export`).expect(200);
      expect(body.reports).toEqual(file.reports);
      expect(body.fingerprints).toEqual(file.fingerprints);
    });

    it('has a log that is read as it was meant: the same findings, and what was promised still promised', () => {
      const { walk, entries, reports } = golden(version);
      const standing = replay(walk, entries).findings.filter(isStanding);
      const [report] = reports;
      expect(standing.map(({ number, part, kind, spot }) => ({ number, part, kind, spot }))).toEqual(
        report?.findings.map(({ number, part, kind, spot }) => ({ number, part, kind, spot })),
      );
      for (const { number, details } of standing) {
        const was = report?.findings.find((finding) => finding.number === number);
        expect(isPromised(details)).toBe(was?.promised);
        if (was?.promised) expect(workLine(details, 'uk')).toBe(was.action);
      }
    });

    it('is refused when anything in it was changed', async () => {
      const file = golden(version);
      const text = JSON.stringify(file.reports);
      const edited = JSON.parse(text.replace('"signedBy":"', '"signedBy":"X')) as WalkFile['reports'];
      expect(edited).not.toEqual(file.reports);
      await take({ ...file, reports: edited }).expect(422);
    });
  },
);

describe('a report in words that are composed no more', () => {
  /** As another version would have told it. */
  const other = (change: (text: string) => string = (text) => text): WalkFile => {
    const file = golden(COMPOSED_BY);
    const told = JSON.stringify(file.reports)
      .replaceAll(`"composedBy":${COMPOSED_BY}`, '"composedBy":77')
      .replaceAll('This is a record of what was seen', 'This tells what was seen');
    const reports = JSON.parse(change(told)) as WalkFile['reports'];
    const fingerprints = Object.fromEntries(reports.map((report) => [report.id, fingerprintOf(report)]));
    return { ...file, reports, fingerprints };
  };

  it('is taken by its fingerprint and its facts, and keeps its words', async () => {
    const file = other();
    expect(JSON.stringify(file.reports)).toContain('This tells what was seen');
    await take(file).expect(201);
    const { body } = await request(server.app).get(`/api/walks/${file.walk}/export`).expect(200);
    expect(body.reports).toEqual(file.reports);
    expect(body.fingerprints).toEqual(file.fingerprints);
  });

  it('is refused without its fingerprint, or with facts that the log does not have', async () => {
    const file = other();
    const [id = ''] = Object.keys(file.fingerprints ?? {});
    await take({ ...file, fingerprints: { [id]: 'a'.repeat(64) } }).expect(422);
    for (const change of [
      (text: string) => text.replace('"kind":"dent"', '"kind":"scratch"'),
      (text: string) => text.replace('"spot":{"u":0.5', '"spot":{"u":0.25'),
      (text: string) => text.replace(/"position":\d+/, '"position":2'),
    ]) {
      const edited = other(change);
      expect(edited.reports).not.toEqual(file.reports);
      await take(edited).expect(422);
    }
  });
});

describe('a report frozen before a field came', () => {
  it('goes out without it, under the fingerprint it was signed with', async () => {
    const file = golden(1);
    await take(file).expect(201);
    const [report] = file.reports;
    if (!report) throw new Error('no report');
    // As an early Zelk kept it: no conditions, nothing of what they hid.
    const { conditions: _c, mayHide: _m, ...early } = report;
    const sha256 = fingerprintOf(early);
    server.context.stores.db
      .prepare('UPDATE reports SET document = ?, sha256 = ? WHERE id = ?')
      .run(JSON.stringify(early), sha256, report.id);
    // Reports are kept parsed once read: another start reads them anew.
    server.context.stores.reports = makeReportStore(server.context.stores.db);
    const out = exportWalk(server.context.stores, file.walk, server.context.now());
    expect(out.reports[0]).toEqual(early);
    expect(fingerprintOf(out.reports[0] as object)).toBe(sha256);
    expect(out.fingerprints).toEqual({ [report.id]: sha256 });
    // The page is told it with the fields it needs, under the same fingerprint.
    const { body } = await request(server.app).get(`/api/reports/${report.id}`).expect(200);
    expect(body).toMatchObject({ sha256, report: { conditions: [], mayHide: [] } });
  });
});
