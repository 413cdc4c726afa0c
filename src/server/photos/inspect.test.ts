import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { crc32, deflateSync } from 'node:zlib';
import fc from 'fast-check';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { jpegWithSecrets } from '../../../tests/builders/photos';
import { Problem } from '../problems';
import { inspect } from './inspect';
import type { PhotoMime } from './sniff';

let dir: string;
beforeAll(() => {
  dir = mkdtempSync(join(tmpdir(), 'zelk-inspect-'));
});
afterAll(() => rmSync(dir, { recursive: true, force: true }));

let n = 0;
async function look(bytes: Buffer, mime: PhotoMime): Promise<string> {
  const file = join(dir, String(n++));
  writeFileSync(file, bytes);
  return inspect(file, mime).then(
    ({ width, height }) => `${width}x${height}`,
    (error) => (error instanceof Problem ? error.code : String(error)),
  );
}
const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#678' } });
const chunk = (type: string, body: Buffer) => {
  const head = Buffer.alloc(8);
  head.writeUInt32BE(body.length);
  head.write(type, 4, 'latin1');
  const sum = Buffer.alloc(4);
  sum.writeUInt32BE(crc32(Buffer.concat([head.subarray(4), body])));
  return Buffer.concat([head, body, sum]);
};
/** A PNG with chunks put in behind its header. */
const pngWith = async (...more: Buffer[]) => {
  const png = await picture(20, 10).png().toBuffer();
  return Buffer.concat([png.subarray(0, 33), ...more, png.subarray(33)]);
};

describe('the size of a picture, from its structure alone', () => {
  it('is what an independent encoder wrote, in every kind of file', async () => {
    for (const [width, height] of [
      [640, 480],
      [1, 1],
      [33, 4097],
    ] as const) {
      const said = `${width}x${height}`;
      expect(await look(await picture(width, height).jpeg().toBuffer(), 'image/jpeg')).toBe(said);
      expect(
        await look(await picture(width, height).jpeg({ progressive: true }).toBuffer(), 'image/jpeg'),
      ).toBe(said);
      expect(await look(await picture(width, height).png().toBuffer(), 'image/png')).toBe(said);
      expect(await look(await picture(width, height).webp().toBuffer(), 'image/webp')).toBe(said);
      expect(await look(await picture(width, height).webp({ lossless: true }).toBuffer(), 'image/webp')).toBe(
        said,
      );
    }
    expect(await look(await jpegWithSecrets(), 'image/jpeg')).toBe('800x600');
    expect(
      await look(
        await sharp(await jpegWithSecrets())
          .withMetadata()
          .webp()
          .toBuffer(),
        'image/webp',
      ),
    ).toMatch(/^\d+x\d+$/);
  });
});

describe('what no camera writes', () => {
  it('is refused before it is unpacked', async () => {
    const text = (i: number) =>
      chunk('zTXt', Buffer.concat([Buffer.from(`k${i}\0\0`), deflateSync(Buffer.alloc(1_000_000))]));
    expect(await look(await pngWith(...Array.from({ length: 200 }, (_, i) => text(i))), 'image/png')).toBe(
      'photo-too-much-beside',
    );
    expect(await look(await pngWith(chunk('iCCP', Buffer.alloc(13 * 1024 * 1024))), 'image/png')).toBe(
      'photo-too-much-beside',
    );
    expect(
      await look(
        await pngWith(...Array.from({ length: 2100 }, () => chunk('prVt', Buffer.alloc(1)))),
        'image/png',
      ),
    ).toBe('photo-too-much-beside');
    const jpeg = await picture(20, 10).jpeg().toBuffer();
    const segment = Buffer.concat([Buffer.from([0xff, 0xe2, 0xff, 0xff]), Buffer.alloc(65_533)]);
    const heavy = Buffer.concat([
      jpeg.subarray(0, 2),
      ...Array.from({ length: 200 }, () => segment),
      jpeg.subarray(2),
    ]);
    expect(await look(heavy, 'image/jpeg')).toBe('photo-too-much-beside');
    const wide = Buffer.from(await picture(20, 10).png().toBuffer());
    wide.writeUInt32BE(65_000, 16);
    expect(await look(wide, 'image/png')).toBe('photo-too-many-pixels');
  });

  it('is damaged where its structure ends nowhere', async () => {
    expect(await look(Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 1]), 'image/jpeg')).toBe('photo-damaged');
    expect(await look((await picture(20, 10).jpeg().toBuffer()).subarray(0, 30), 'image/jpeg')).toBe(
      'photo-damaged',
    );
    expect(await look(Buffer.from('RIFF\0\0\0\0WEBP', 'latin1'), 'image/webp')).toBe('photo-damaged');
    expect(await look(Buffer.alloc(10), 'image/png')).toBe('photo-damaged');
  });

  it('never keeps it busy, whatever the bytes', async () => {
    const start = await pngWith();
    await fc.assert(
      fc.asyncProperty(
        fc.uint8Array({ maxLength: 200 }),
        fc.constantFrom('image/jpeg', 'image/png', 'image/webp'),
        async (tail, mime) => {
          const head =
            mime === 'image/png'
              ? start.subarray(0, 33)
              : mime === 'image/webp'
                ? Buffer.from('RIFF\0\0\0\0WEBP', 'latin1')
                : Buffer.from([0xff, 0xd8]);
          const said = await look(Buffer.concat([head, tail]), mime as PhotoMime);
          expect(said).toMatch(/^(\d+x\d+|photo-[a-z-]+)$/);
        },
      ),
      { numRuns: 400 },
    );
  });
});
