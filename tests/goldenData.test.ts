import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { pino } from 'pino';
import request from 'supertest';
import { afterEach, describe, expect, it } from 'vitest';
import { replay } from '#core/walk';
import { createApp } from '../src/server/http/createApp';
import { makeContext } from '../src/server/makeContext';
import { migrations } from '../src/server/store/migrations';
import { CAR, WALK } from './builders/entries';
import { asNell } from './builders/testServer';

/** A small yard as each version of the database left it, written by the program of that time. */
const SHELF = 'tests/golden/data';

interface Expected {
  entries: number;
  photo: string;
  report: string;
  revision: number;
  link: string;
}

const dirs: string[] = [];
afterEach(() => {
  for (const dir of dirs.splice(0)) rmSync(dir, { recursive: true, force: true });
});

/** The folder as it was, where it may be changed. */
function unpack(version: string): string {
  const dir = mkdtempSync(join(tmpdir(), 'zelk-golden-'));
  dirs.push(dir);
  cpSync(join(SHELF, version), dir, { recursive: true });
  writeFileSync(join(dir, 'zelk.db'), gunzipSync(readFileSync(join(dir, 'zelk.db.gz'))));
  return dir;
}

/** The frozen documents, letter for letter. */
function documentsIn(dir: string): unknown[] {
  const db = new Database(join(dir, 'zelk.db'), { readonly: true });
  const rows = db.prepare('SELECT id, document FROM reports ORDER BY id').all();
  db.close();
  return rows;
}

const versions = readdirSync(SHELF);

describe('a data folder of before', () => {
  it('is kept of every version of the database that ever went out', () => {
    // Those never did: they came with the next.
    const wanted = migrations
      .map(({ number }) => number)
      .filter((number) => ![8, 13, 14, 15, 16].includes(number));
    expect(versions).toEqual(wanted.map((number) => `schema-${String(number).padStart(2, '0')}`));
  });

  it.each(versions)(
    '%s opens with everything in it: log, photo, report as it was signed, link',
    async (version) => {
      const dir = unpack(version);
      const expected = JSON.parse(readFileSync(join(dir, 'expected.json'), 'utf8')) as Expected;
      const before = documentsIn(dir);
      expect(before).toHaveLength(1);
      const context = makeContext(dir, pino({ level: 'silent' }));
      try {
        const app = createApp(context, join(dir, 'no-interface'), { identify: asNell });
        const { body: walk } = await request(app).get(`/api/walks/${WALK}`).expect(200);
        expect(walk.entries).toHaveLength(expected.entries);
        expect(walk.damaged).toBeUndefined();
        const { findings, photos } = replay(WALK, walk.entries);
        expect(findings.map(({ part }) => part)).toEqual(['door-fl', 'bonnet']);
        expect(photos.map(({ sha256 }) => sha256)).toEqual([expected.photo]);

        const { body: list } = await request(app).get('/api/cars?search=fenlark').expect(200);
        expect(list.cars).toMatchObject([{ car: { id: CAR }, walk: { id: WALK, findings: 2 } }]);
        for (const width of [320, 1600])
          await request(app).get(`/api/photos/${expected.photo}/${width}`).expect(200);
        const { body: report } = await request(app).get(`/api/reports/${expected.report}`).expect(200);
        expect(report.report.revision).toBe(expected.revision);
        const { body: shared } = await request(app).get(`/api/shared/${expected.link}`).expect(200);
        expect(shared.report.id).toBe(expected.report);
        await request(app).get(`/api/reports/${expected.report}/pdf`).expect(200);
        await context.judge.idle();
      } finally {
        context.judge.stop();
        context.stores.db.close();
      }
      expect(documentsIn(dir)).toEqual(before);
    },
  );
});
