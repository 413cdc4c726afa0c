import { createHash, randomBytes } from 'node:crypto';
import { crc32, deflateSync } from 'node:zlib';
import sharp from 'sharp';
import { type Attack, repeat } from './attack';

const send = (name: string, body: Buffer, type: string): Attack => ({
  name,
  method: 'PUT',
  path: `/api/photos/${createHash('sha256').update(body).digest('hex')}`,
  headers: { 'Content-Type': type },
  body,
});
const png = (name: string, body: Buffer) => send(`PNG ${name}`, body, 'image/png');
const jpeg = (name: string, body: Buffer) => send(`JPEG ${name}`, body, 'image/jpeg');
const webp = (name: string, body: Buffer) => send(`WebP ${name}`, body, 'image/webp');

function chunk(type: string, body: Buffer): Buffer {
  const head = Buffer.alloc(8);
  head.writeUInt32BE(body.length);
  head.write(type, 4, 'latin1');
  const sum = Buffer.alloc(4);
  sum.writeUInt32BE(crc32(Buffer.concat([head.subarray(4), body])));
  return Buffer.concat([head, body, sum]);
}

const SIGNATURE = Buffer.from('89504e470d0a1a0a', 'hex');
/** A PNG of one colour: a few kilobytes, however large it says it is. */
function flatPng(
  width: number,
  height: number,
  { depth = 8, colour = 0, interlaced = 0, rows = height } = {},
): Buffer {
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width);
  header.writeUInt32BE(height, 4);
  header.set([depth, colour, 0, 0, interlaced], 8);
  const row = Math.ceil((width * depth * (colour === 6 ? 4 : colour === 2 ? 3 : 1)) / 8) + 1;
  const pixels = deflateSync(Buffer.alloc(Math.min(row * rows, 200_000_000)), { level: 9 });
  return Buffer.concat([
    SIGNATURE,
    chunk('IHDR', header),
    chunk('IDAT', pixels),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}
const withChunks = (base: Buffer, ...more: Buffer[]) =>
  Buffer.concat([base.subarray(0, 33), ...more, base.subarray(33)]);
const text = (i: number, bytes: number) =>
  chunk('zTXt', Buffer.concat([Buffer.from(`key${i}\0\0`), deflateSync(Buffer.alloc(bytes, 65))]));

/** Photos that keep a decoder busy, fill its memory, or are none. */
export async function pictures(): Promise<Attack[]> {
  const plain = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#345' } })
    .jpeg()
    .toBuffer();
  const small = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#345' } })
    .png()
    .toBuffer();
  const segment = (marker: number, bytes: number) => {
    const head = Buffer.from([0xff, marker, 0, 0]);
    head.writeUInt16BE(bytes + 2, 2);
    return Buffer.concat([head, Buffer.alloc(bytes, 0x20)]);
  };
  const into = (...more: Buffer[]) => Buffer.concat([plain.subarray(0, 2), ...more, plain.subarray(2)]);
  const progressive = await sharp({ create: { width: 7000, height: 7000, channels: 3, background: '#777' } })
    .jpeg({ progressive: true })
    .toBuffer();
  const noise = await sharp(randomBytes(5000 * 4000 * 3), { raw: { width: 5000, height: 4000, channels: 3 } })
    .png({ compressionLevel: 0 })
    .toBuffer();
  const exif = Buffer.concat([
    Buffer.from('Exif\0\0MM\0*\0\0\0\x08', 'latin1'),
    // A directory that leads to itself.
    Buffer.from([0, 1, 0x87, 0x69, 0, 4, 0, 0, 0, 1, 0, 0, 0, 8, 0, 0, 0, 8]),
  ]);
  const profile = chunk(
    'iCCP',
    Buffer.concat([Buffer.from('p\0\0'), deflateSync(Buffer.alloc(300_000_000), { level: 9 })]),
  );
  return [
    png(
      'of 200 compressed texts',
      withChunks(small, ...Array.from({ length: 200 }, (_, i) => text(i, 4_000_000))),
    ),
    png(
      'of 30 compressed texts of 20 MB',
      withChunks(small, ...Array.from({ length: 30 }, (_, i) => text(i, 20_000_000))),
    ),
    png('with a colour profile of 300 MB', withChunks(small, profile)),
    png('of 65,000 by 900 pixels', flatPng(65_000, 900)),
    png('of 65,000 by 65,000 pixels', flatPng(65_000, 65_000, { depth: 1 })),
    png(
      'of 7,700 by 7,700 in 16 bits and four channels, interlaced',
      flatPng(7700, 7700, { depth: 16, colour: 6, interlaced: 1, rows: 400 }),
    ),
    png('of 7,700 by 7,700 in four channels', flatPng(7700, 7700, { colour: 6, rows: 5000 })),
    png('of 31,000 by 1,900, interlaced', flatPng(31_000, 1900, { colour: 2, interlaced: 1 })),
    { ...png('of 65,000 by 65,000 pixels, four at once', flatPng(65_000, 65_001, { depth: 1 })), times: 4 },
    {
      ...png('of 60 million pixels as a logo', flatPng(7745, 7745, { colour: 6, rows: 3000 })),
      method: 'PUT',
      path: '/api/yard/logo',
    },
    {
      ...png('of 65,000 by 65,000 pixels as a logo', flatPng(65_000, 65_000, { depth: 1 })),
      method: 'PUT',
      path: '/api/yard/logo',
    },
    png('of 60 million pixels of one bit', flatPng(7745, 7745, { depth: 1 })),
    png('with 100,000 empty chunks', withChunks(small, repeat(100_000, chunk('prVt', Buffer.alloc(0))))),
    png('whose pixels never come', Buffer.concat([flatPng(5000, 5000).subarray(0, 60), Buffer.alloc(100)])),
    png('whose chunk says 4 GB', withChunks(small, Buffer.from('ffffffff7a545874', 'hex'))),
    png('with a picture of 30 MB after its end', Buffer.concat([small, randomBytes(30_000_000)])),
    png('of noise, 60 MB unpacked', noise.subarray(0, 39_000_000)),
    png('with no header', Buffer.concat([SIGNATURE, randomBytes(2000)])),
    jpeg('with 600 segments of 64 kB', into(repeat(600, segment(0xe2, 65_000)))),
    jpeg('with 20,000 comments', into(repeat(20_000, segment(0xfe, 4)))),
    jpeg('of 49 million pixels, progressive', progressive),
    jpeg(
      'of a directory that leads to itself',
      into(Buffer.concat([Buffer.from([0xff, 0xe1, 0, exif.length + 2]), exif])),
    ),
    jpeg(
      'that says 65,500 by 65,500',
      (() => {
        const file = Buffer.from(plain);
        const at = file.indexOf(Buffer.from([0xff, 0xc0]));
        file.writeUInt16BE(65_500, at + 5);
        file.writeUInt16BE(65_500, at + 7);
        return file;
      })(),
    ),
    jpeg(
      'of 10,000 scans',
      Buffer.concat([
        plain.subarray(0, -2),
        repeat(10_000, plain.subarray(plain.indexOf(Buffer.from([0xff, 0xda])), -2).subarray(0, 200)),
      ]),
    ),
    jpeg('of fill bytes', Buffer.concat([Buffer.from([0xff, 0xd8]), Buffer.alloc(20_000_000, 0xff)])),
    jpeg('cut in half', plain.subarray(0, plain.length / 2)),
    jpeg('of its mark alone', Buffer.from([0xff, 0xd8, 0xff, 0xe0])),
    jpeg('that is a program', Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), randomBytes(5_000_000)])),
    webp(
      'of 9,000 by 9,000',
      await sharp({ create: { width: 9000, height: 9000, channels: 3, background: '#000' } })
        .webp({ effort: 0 })
        .toBuffer(),
    ),
    webp(
      'lossless of 7,700 by 7,700',
      await sharp({ create: { width: 7700, height: 7700, channels: 4, background: '#0008' } })
        .webp({ lossless: true, effort: 0 })
        .toBuffer(),
    ),
    webp('of a container alone', Buffer.from('RIFF\xff\xff\xff\xffWEBPVP8X', 'latin1')),
    webp(
      'of a million chunks',
      Buffer.concat([
        Buffer.from('RIFF\xff\xff\xff\x7fWEBP', 'latin1'),
        repeat(1_000_000, Buffer.from('abcd\0\0\0\0', 'latin1')),
      ]),
    ),
  ];
}
