/**
 * Keeps a small yard as this version of the database leaves it: `npm run build && npx tsx tests/golden/keepData.ts`, once, with the commit that brings a
 * migration. What is there already is never made again: it must be of its time.
 */
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { migrations } from '../../src/server/store/migrations';
import { details } from '../builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK } from '../builders/entries';
import { jpeg, sha256Of } from '../builders/photos';
import { RunningServer } from '../builders/runningServer';

const folder = join(import.meta.dirname, 'data', `schema-${String(migrations.length).padStart(2, '0')}`);
if (existsSync(folder)) throw new Error(`${folder} is there already.`);

const server = new RunningServer();
await server.start();
const send = async (path: string, body: unknown) => {
  const answer = await server.post(path, body);
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  return answer.json();
};
await send('/api/cars', { id: CAR, details });
const bytes = await jpeg(7);
const photo = sha256Of(bytes);
await server.fetch(`/api/photos/${photo}`, {
  method: 'PUT',
  headers: { 'Content-Type': 'image/jpeg' },
  body: new Uint8Array(bytes),
});
const log = entriesOf([
  begun,
  noted(1, 'door-fl'),
  noted(2, 'bonnet'),
  { kind: 'part-cleared', body: { part: 'roof' } },
  { kind: 'photo-attached', body: { photo, role: 'where', part: 'door-fl' } },
]);
await send(`/api/walks/${WALK}/entries`, { entries: log });
const report = await send(`/api/walks/${WALK}/reports`, { id: idOf(0xf0f0) });
const share = await send(`/api/reports/${report.id}/shares`, { name: 'Overland' });
await server.end();

mkdirSync(folder, { recursive: true });
cpSync(join(server.dataDir, 'photos'), join(folder, 'photos'), { recursive: true });
const db = new Database(join(server.dataDir, 'zelk.db'));
db.exec('VACUUM');
db.pragma('wal_checkpoint(TRUNCATE)');
db.close();
writeFileSync(
  join(folder, 'zelk.db.gz'),
  gzipSync(readFileSync(join(server.dataDir, 'zelk.db')), { level: 9 }),
);
const expected = {
  entries: log.length,
  photo,
  report: report.id,
  revision: report.revision,
  link: share.token,
};
writeFileSync(join(folder, 'expected.json'), `${JSON.stringify(expected, null, 2)}\n`);
rmSync(server.dataDir, { recursive: true, force: true });
