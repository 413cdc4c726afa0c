import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { PassThrough } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ZipFile } from 'yazl';
import { CAR, WALK } from '../../../tests/builders/entries';
import { sendReport } from '../../../tests/builders/sentReport';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
let there: TestServer;
let walk: Buffer;
beforeEach(async () => {
  [server, there] = [await startTestServer(), await startTestServer(false)];
  await sendReport(server, 1);
  walk = Buffer.from(JSON.stringify((await request(server.app).get(`/api/walks/${WALK}/export`)).body));
});
afterEach(async () => {
  await server.close();
  await there.close();
});

async function zipOf(files: Record<string, Buffer>, options = {}): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [name, content] of Object.entries(files)) zip.addBuffer(content, name, options);
  zip.end();
  return buffer(zip.outputStream.pipe(new PassThrough()));
}
const take = (bytes: Buffer) =>
  request(there.app).post('/api/imports/archive').set('Content-Type', 'application/zip').send(bytes);
const nothingKept = async () => {
  await request(there.app).get(`/api/walks/${WALK}`).expect(404);
  await request(there.app).get(`/api/cars/${CAR}`).expect(404);
  expect(readdirSync(join(there.dir, 'photos', 'incoming'))).toEqual([]);
};
/** Writes another text of the same length over every place it stands. */
function renamed(zip: Buffer, from: string, to: string): Buffer {
  const copy = Buffer.from(zip);
  for (let at = copy.indexOf(from); at !== -1; at = copy.indexOf(from, at + 1)) copy.write(to, at, 'latin1');
  return copy;
}

describe('a ZIP', () => {
  it('is taken in as it is', async () => {
    await take(await zipOf({ 'walk.json': walk, 'other.txt': Buffer.from('what else there was') })).expect(
      201,
    );
    await request(there.app).get(`/api/walks/${WALK}`).expect(200);
  });

  it('with a picture that cannot be opened is not taken in at all', async () => {
    const good = (
      await request(server.app)
        .get(`/api/walks/${WALK}/pictures.zip`)
        .buffer(true)
        .parse((stream, done) => void buffer(stream as never).then((body) => done(null, body)))
        .expect(200)
    ).body as Buffer;
    // The pixels of the picture, behind its description, overwritten; the checksum is that of the ZIP, so it is found first.
    const start = good.indexOf(Buffer.from('http://ns.adobe.com/xap/1.0/'));
    const broken = Buffer.from(good);
    broken.fill(0x55, start + 3000, start + 3200);
    expect((await take(broken).expect(422)).body.type).toBe('/problems/archive-damaged');
    await nothingKept();
    await take(good).expect(201);
  });

  it.each([
    ['leads out of its folder', 'a-a-b.jpg', '../../b.j'],
    ['begins at the root', 'xetc-a.jpg', '/etc-a.jpg'],
    ['names a drive', 'c--a.jpg', 'c:\\a.jpg'],
  ])('with a name that %s is refused', async (_why, name, unsafe) => {
    const zip = renamed(await zipOf({ 'walk.json': walk, [name]: Buffer.from('x') }), name, unsafe);
    const { body } = await take(zip).expect(422);
    expect(body.type).toMatch(/archive-(suspicious|damaged)/);
    await nothingKept();
  });

  it('that unpacks to far more than it is, or whose files lie over each other, is refused', async () => {
    const zeros = Buffer.alloc(30 * 1024 * 1024);
    const { body: bomb } = await take(await zipOf({ 'walk.json': walk, 'a.jpg': zeros })).expect(422);
    expect(bomb.detail).toContain('far more than it is');
    const two = await zipOf({ 'walk.json': walk, 'a.jpg': Buffer.from('aa'), 'b.jpg': Buffer.from('bb') });
    // The second file’s entry leads to the first one’s bytes.
    const central = two.lastIndexOf(Buffer.from('PK\x01\x02', 'latin1'));
    const first = two.indexOf(Buffer.from('PK\x01\x02', 'latin1'));
    const second = two.indexOf(Buffer.from('PK\x01\x02', 'latin1'), first + 4);
    const over = Buffer.from(two);
    over.writeUInt32LE(two.readUInt32LE(second + 42), central + 42);
    expect((await take(over).expect(422)).body.detail).toContain('over each other');
    await nothingKept();
  });

  it('whose walk was changed on the way, or is too large, is refused', async () => {
    const changed = Buffer.from(walk.toString().replace('"kind":"finding-noted"', '"kind":"finding-noten"'));
    const { body } = await take(await zipOf({ 'walk.json': changed })).expect(400);
    expect(body.detail).toContain('damaged at');
    const zip = await zipOf({ 'walk.json': walk }, { compress: false });
    const flipped = Buffer.from(zip);
    flipped[200] = (flipped[200] as number) ^ 1;
    expect((await take(flipped).expect(422)).body.type).toBe('/problems/archive-damaged');
    await take(Buffer.from('<html>no ZIP</html>')).expect(422);
    await nothingKept();
  });
});
