import { createHash, randomBytes } from 'node:crypto';
import { box, element, mp3WithTag, mp4, ogg, wavWithNote, webm } from '../../tests/builders/recordings';
import { type Attack, repeat } from './attack';

const send = (name: string, body: Buffer, type: string): Attack => ({
  name: `recording ${name}`,
  method: 'PUT',
  path: `/api/recordings/${createHash('sha256').update(body).digest('hex')}`,
  headers: { 'Content-Type': type },
  body,
});

/** Boxes within boxes, as deep as there are bytes. */
function nested(type: string, depth: number): Buffer {
  const file = Buffer.alloc(depth * 8);
  for (let i = 0; i < depth; i++) {
    file.writeUInt32BE((depth - i) * 8, i * 8);
    file.write(type, i * 8 + 4, 'latin1');
  }
  return file;
}

/** Sounds and videos that are none, or hide what keeps a reader busy. */
export function recordings(): Attack[] {
  const start = box('ftyp', Buffer.from('isom\0\0\x02\0isommp42', 'latin1'));
  const samples = Buffer.from(mp4());
  samples.writeUInt32BE(0xffffffff, samples.indexOf('stsz') + 12);
  return [
    send('MP4 nested a million deep', Buffer.concat([start, nested('moov', 1_000_000)]), 'video/mp4'),
    send(
      'MP4 of tracks within tracks',
      Buffer.concat([start, box('moov', nested('trak', 500_000))]),
      'video/mp4',
    ),
    send(
      'MP4 of two million empty boxes',
      Buffer.concat([start, repeat(2_000_000, box('free'))]),
      'video/mp4',
    ),
    send('MP4 of four billion samples', samples, 'video/mp4'),
    send('MP4 of a type and nothing', start, 'video/mp4'),
    send('MP4 of noise', Buffer.concat([start, randomBytes(20_000_000)]), 'video/mp4'),
    send(
      'MP4 of 100,000 tracks',
      Buffer.concat([
        start,
        box('moov', box('mvhd', Buffer.alloc(100)), repeat(100_000, box('trak', Buffer.alloc(0)))),
      ]),
      'video/mp4',
    ),
    send('WebM of a million tags', webm([repeat(200_000, element(0x1254c367))]), 'video/webm'),
    send(
      'WebM nested',
      Buffer.concat([element(0x1a45dfa3), element(0x18538067, nestedElements(20_000))]),
      'video/webm',
    ),
    send(
      'WebM of noise',
      Buffer.concat([Buffer.from('1a45dfa3', 'hex'), randomBytes(20_000_000)]),
      'video/webm',
    ),
    send(
      'WebM of numbers without length',
      Buffer.concat([Buffer.from('1a45dfa39f', 'hex'), Buffer.alloc(5_000_000)]),
      'video/webm',
    ),
    send(
      'Ogg of empty pages',
      repeat(300_000, Buffer.concat([Buffer.from('OggS'), Buffer.alloc(23)])),
      'audio/ogg',
    ),
    send(
      'Ogg whose comments say four billion',
      (() => {
        const file = Buffer.from(ogg(1));
        file.writeUInt32LE(0xffffffff, file.indexOf('OpusTags') + 8);
        return file;
      })(),
      'audio/ogg',
    ),
    send(
      'MP3 of marks without frames',
      repeat(5_000_000, Buffer.from([0xff, 0xfb, 0x00, 0x00])),
      'audio/mpeg',
    ),
    send('MP3 of an hour', repeat(60, mp3WithTag(30)), 'audio/mpeg'),
    send(
      'WAV that says 4 GB',
      (() => {
        const file = Buffer.from(wavWithNote(1));
        file.writeUInt32LE(0xffffffff, file.indexOf('data') + 4);
        file.writeUInt16LE(0, file.indexOf('fmt ') + 10);
        return file;
      })(),
      'audio/wav',
    ),
    send(
      'WAV of a million chunks',
      Buffer.concat([
        Buffer.from('RIFF\0\0\0\0WAVE', 'latin1'),
        repeat(2_000_000, Buffer.from('abcd\0\0\0\0', 'latin1')),
      ]),
      'audio/wav',
    ),
  ];
}

function nestedElements(depth: number): Buffer {
  const parts: Buffer[] = [];
  let length = 0;
  for (let i = 0; i < depth; i++) {
    const head = element(0x1f43b675);
    const size = Buffer.alloc(8);
    size.writeBigUInt64BE(BigInt(length));
    size[0] = 0x01;
    parts.unshift(Buffer.concat([head.subarray(0, 4), size]));
    length += 12;
  }
  return Buffer.concat(parts);
}
