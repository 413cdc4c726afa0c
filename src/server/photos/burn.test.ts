import sharp from 'sharp';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import type { Overlay } from '#core/picture';
import { jpeg, sha256Of } from '../../../tests/builders/photos';
import { putPhoto } from '../../../tests/builders/sentReport';
import { startTestServer, type TestServer } from '../../../tests/builders/testServer';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.close());

const text = (label: string, x = 0.5, y = 0.5): Overlay => ({
  marks: [{ kind: 'text', at: { x, y }, label }],
});

it.each([
  ['one unbroken word of 30 wide letters', 'W'.repeat(30)],
  ['sixty of them', 'W'.repeat(60)],
  ['blanks alone', '   '],
  ['signs without a shape', '\u200b\u202e'],
  ['what looks like a tag', '<b>&amp;</b>'],
  ['other scripts', 'مرحبا 傷 😀'],
])('a label of %s is burned, on a large picture and on a tiny one', async (_name, label) => {
  for (const [width, height] of [
    [1200, 900],
    [48, 36],
    [900, 40],
  ] as const) {
    const photo = await jpeg(3, width, height);
    await putPhoto(server, photo).expect(200);
    for (const [x, y] of [
      [0, 0],
      [1, 1],
      [0.5, 0.5],
    ] as const) {
      const file = await server.context.burned(sha256Of(photo), text(label, x, y), 1600);
      expect(await sharp(file).metadata()).toMatchObject({ width, height });
    }
  }
});

it('a wide word stays readable: its plate is within the picture and of many lines', async () => {
  const photo = await sharp({ create: { width: 600, height: 400, channels: 3, background: '#000' } })
    .jpeg()
    .toBuffer();
  await putPhoto(server, photo).expect(200);
  const file = await server.context.burned(sha256Of(photo), text('W'.repeat(30), 0.02, 0.5), 1600);
  const { data, info } = await sharp(file).raw().toBuffer({ resolveWithObject: true });
  let plate = 0;
  for (let i = 0; i < data.length; i += info.channels)
    if ((data[i] as number) > 200 && (data[i + 1] as number) > 150 && (data[i + 2] as number) < 110) plate++;
  expect(plate).toBeGreaterThan(2000);
});

it('a picture whose original and copy are gone answers with what to do', async () => {
  await request(server.app)
    .get(`/api/photos/${'a'.repeat(64)}/1600`)
    .expect(404);
});
