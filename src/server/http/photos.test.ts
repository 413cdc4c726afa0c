import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '#core/photos';
import { jpeg, jpegWithSecrets, sha256Of } from '../../../tests/builders/photos';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';
import { PhotoFiles } from '../photos/photoFiles';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer(false);
});
afterEach(() => server.close());

const put = (bytes: Buffer, hash = sha256Of(bytes), type = 'image/jpeg') =>
  request(server.app).put(`/api/photos/${hash}`).set('Content-Type', type).send(bytes);
const leftOver = () => readdirSync(join(server.dir, 'photos', 'incoming'));

describe('taking a photo in', () => {
  it('stores it once, however often it is sent, also at the same time', async () => {
    const bytes = await jpeg();
    const answers = await Promise.all([put(bytes), put(bytes), put(bytes)]);
    expect(answers.map((answer) => answer.status)).toEqual([200, 200, 200]);
    await put(bytes).expect(200);
    expect(answers[0]?.body).toMatchObject({
      mime: 'image/jpeg',
      width: 640,
      height: 480,
      bytes: bytes.length,
    });
    expect(leftOver()).toEqual([]);
  });

  it('shares it upright, in two widths, for ever, and without anything the camera wrote', async () => {
    const bytes = await jpegWithSecrets();
    const { body } = await put(bytes).expect(200);
    expect(body).toMatchObject({ width: 600, height: 800, takenAt: '2026-03-14T09:31:07' });
    for (const width of [320, 1600]) {
      const answer = await request(server.app).get(`/api/photos/${body.sha256}/${width}`).expect(200);
      expect(answer.headers['cache-control']).toContain('immutable');
      const metadata = await sharp(answer.body).metadata();
      expect(metadata.width).toBe(Math.min(width, 600));
      expect(metadata.height).toBeGreaterThan(metadata.width);
      expect(metadata.exif).toBeUndefined();
      expect(metadata.orientation).toBeUndefined();
      const told = execFileSync('exiftool', ['-j', '-'], { input: answer.body }).toString();
      expect(told).not.toMatch(/GPS|Owner|Serial|Nobody/i);
    }
    await request(server.app).get(`/api/photos/${body.sha256}`).expect(404);
  });

  it('believes the pixels, not what Exif says of their number or time', async () => {
    const bytes = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#356' } })
      .withExifMerge({
        IFD2: { PixelXDimension: '9000', PixelYDimension: '7000', DateTimeOriginal: '0000:00:00 00:00:00' },
      })
      .jpeg()
      .toBuffer();
    const { body } = await put(bytes).expect(200);
    expect(body).toMatchObject({ width: 300, height: 200 });
    expect(body.takenAt).toBeUndefined();
  });

  it('judges it afterwards, and says of a photo what its lens was', async () => {
    const bytes = readFileSync('demo/pictures/hatch-whole-1.jpg');
    const { body } = await put(bytes).expect(200);
    expect(body).toMatchObject({ takenAt: '2026-03-14T09:00:40', focal35Mm: expect.any(Number) });
    await server.context.judge.idle();
    const { record } = server.context.stores.photos.get(sha256Of(bytes)) ?? {};
    expect(record?.likeness).toMatch(/^[0-9a-f]{16}$/);
    expect(record?.quality && faultsOf(record.quality)).toEqual([]);
    expect(server.context.stores.photos.unjudged()).toEqual([]);
  });

  it.each(['png', 'webp'] as const)('takes %s', async (format) => {
    const bytes = await sharp({ create: { width: 50, height: 40, channels: 4, background: '#1234' } })
      [format]()
      .toBuffer();
    await put(bytes, sha256Of(bytes), `image/${format}`).expect(200);
  });

  it.each([
    ['nothing', async () => Buffer.alloc(0), /empty/],
    ['a JPEG cut short', async () => (await jpeg(3, 900, 700)).subarray(0, 2000), /damaged|cut short/],
    ['a text that says it is a JPEG', async () => Buffer.from('<html>not a photo</html>'), /not a photo/],
    [
      'an SVG',
      async () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'),
      /not a photo/,
    ],
    [
      'a fake with a JPEG’s first bytes',
      async () => Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(5000, 7)]),
      /damaged/,
    ],
    [
      'a HEIC',
      async () => Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic'), Buffer.alloc(100)]),
      /JPEG/,
    ],
    [
      'a bomb of 65 megapixels in a few kilobytes',
      () =>
        sharp({ create: { width: 10_000, height: 6500, channels: 3, background: '#000' } })
          .png()
          .toBuffer(),
      /60 megapixels/,
    ],
  ])('refuses %s with advice, and keeps nothing', async (_name, make, advice) => {
    const bytes = await make();
    const { body } = await put(bytes).expect(422);
    expect(body.detail).toMatch(advice);
    expect(leftOver()).toEqual([]);
    await request(server.app)
      .get(`/api/photos/${sha256Of(bytes)}/320`)
      .expect(404);
    await request(server.app).get('/api/health').expect(200);
  });

  it('refuses what is not what was announced, and more than 40 MB', async () => {
    const bytes = await jpeg();
    const { body } = await put(bytes, 'a'.repeat(64)).expect(422);
    expect(body.type).toBe('/problems/photo-hash-differs');
    const huge = Buffer.concat([bytes, Buffer.alloc(41 * 1024 * 1024)]);
    await put(huge).expect(413);
    expect(leftOver()).toEqual([]);
  });

  it('sweeps away what a killed server left half-taken', async () => {
    const half = join(server.dir, 'photos', 'incoming', 'abc-half');
    writeFileSync(half, 'half a photo');
    new PhotoFiles(join(server.dir, 'photos'));
    expect(leftOver()).toEqual([]);
  });

  it('refuses names that are no hash, and widths there are not', async () => {
    const bytes = await jpeg();
    await put(bytes, '..%2f..%2fetc').expect(400);
    await put(bytes).expect(200);
    await request(server.app)
      .get(`/api/photos/${sha256Of(bytes)}/9999`)
      .expect(400);
  });
});
