import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import fc from 'fast-check';
import { parseBuffer } from 'music-metadata';
import { describe, expect, it } from 'vitest';
import {
  box,
  element,
  mp3WithTag,
  mp4,
  mp4WithPlace,
  ogg,
  page,
  wavWithNote,
  webm,
} from '../../../tests/builders/recordings';
import { Problem } from '../problems';
import { type Bytes, FileBytes } from './bytes';
import { cleanMp3 } from './cleanMp3';
import { cleanMp4 as leaveMp4 } from './cleanMp4';
import { cleanOgg } from './cleanOgg';
import { cleanWav } from './cleanWav';
import { cleanWebm as leaveWebm } from './cleanWebm';

/** What is left of a file in memory; the same on the disk must come to the same. */
const left =
  (clean: (file: Bytes) => number) =>
  (original: Buffer): Buffer => {
    const file = Buffer.from(original);
    const end = clean(file);
    const path = join(mkdtempSync(join(tmpdir(), 'zelk-clean-')), 'film');
    writeFileSync(path, original);
    const onDisk = new FileBytes(path);
    onDisk.close(clean(onDisk));
    expect(readFileSync(path).equals(file.subarray(0, end))).toBe(true);
    rmSync(dirname(path), { recursive: true });
    return file.subarray(0, end);
  };
const cleanMp4 = left(leaveMp4);
const cleanWebm = left(leaveWebm);

const SECRET = '12 Hidden Lane';
const secret = Buffer.from(`at ${SECRET} by A. Owner`);
const tellsNothing = (copy: Buffer) => {
  for (const word of [SECRET, 'Owner', '+51.5']) expect(copy.includes(Buffer.from(word)), word).toBe(false);
};
const codeOf = (act: () => unknown): string => {
  try {
    act();
    return 'taken';
  } catch (error) {
    return error instanceof Problem ? error.code : String(error);
  }
};

describe('an MP4', () => {
  const places: [string, Buffer][] = [
    ['where phones write it', mp4WithPlace(4)],
    ['in a box nobody knows', mp4({ more: [box('\xa9pla', secret)] })],
    ['in one beside the tracks', mp4({ inMovie: [box('meta', secret), box('locn', secret)] })],
    ['in free space', mp4({ more: [box('free', secret), box('skip', secret), box('uuid', secret)] })],
    [
      'in a track that is timed with the sound',
      mp4({ further: { handler: 'meta', says: `+51.5 ${SECRET}` } }),
    ],
    ['between the pieces of sound', mp4({ unused: SECRET })],
  ];
  it.each(places)('tells no place that was written %s', async (_where, file) => {
    const copy = cleanMp4(file);
    tellsNothing(copy);
    expect(copy.length).toBe(file.length);
    expect(copy.includes(Buffer.from('sound, one piece after the other'))).toBe(true);
    // When it was filmed is told nowhere either.
    expect(copy.includes(Buffer.from((3_900_000_000).toString(16), 'hex'))).toBe(false);
    const { format } = await parseBuffer(copy, { mimeType: 'audio/mp4' }, { duration: true });
    expect(format.duration).toBeCloseTo(4, 1);
  });

  it.each<[string, Buffer]>([
    ['whose samples are not there', mp4({ isCut: true })],
    [
      'of a movie without a track',
      Buffer.concat([box('ftyp', Buffer.alloc(8)), box('moov', box('mvhd', Buffer.alloc(100)))]),
    ],
    ['of a type alone', box('ftyp', Buffer.from('isom\0\0\x02\0isommp42', 'latin1'))],
    ['with bytes behind it that are no box', Buffer.concat([mp4(), Buffer.from('and so on')])],
    ['cut in the middle', mp4().subarray(0, 300)],
    [
      'of one track that is neither',
      Buffer.from(
        mp4()
          .toString('latin1')
          .replace(/soun(?!d)/, 'meta'),
        'latin1',
      ),
    ],
    ['nested a million deep', Buffer.concat([box('ftyp', Buffer.alloc(8)), nested(100_000)])],
  ])('%s is not taken', (_name, file) => {
    expect(codeOf(() => cleanMp4(file))).toBe('recording-damaged');
  });
});

/** Boxes within boxes, each telling its length. */
function nested(depth: number): Buffer {
  const file = Buffer.alloc(depth * 8);
  for (let i = 0; i < depth; i++) {
    file.writeUInt32BE((depth - i) * 8, i * 8);
    file.write('moov', i * 8 + 4, 'latin1');
  }
  return file;
}

describe('a WebM', () => {
  it.each<[string, Buffer]>([
    ['its title, its date and its programs', webm()],
    ['tags', webm([element(0x1254c367, element(0x7373, secret))])],
    ['attachments and chapters', webm([element(0x1941a469, secret), element(0x1043a770, secret)])],
    ['an element nobody knows', webm([element(0x1bcdef01, secret)])],
    ['space that is void', webm([element(0xec, secret)])],
    ['all of these, made live', webm([element(0x1254c367, secret)], { isLive: true })],
  ])('tells nothing that stood in %s', async (_where, file) => {
    const copy = cleanWebm(file);
    tellsNothing(copy);
    expect(copy.length).toBe(file.length);
    expect(copy.toString('latin1').match(/a piece of sound/g)?.length).toBe(
      file.toString('latin1').match(/a piece of sound/g)?.length,
    );
    const { format } = await parseBuffer(copy, { mimeType: 'video/webm' }, { duration: true });
    expect(format.trackInfo).toHaveLength(1);
  });

  it('plays as far as it came, when it was cut', () => {
    const file = webm([], { isLive: true });
    const copy = cleanWebm(file.subarray(0, file.length - 5));
    expect(copy.length).toBeLessThan(file.length - 5);
    expect(copy.includes(Buffer.from('a piece of sound'))).toBe(true);
  });

  it('with tracks beside sound and picture, without any, or without sound in it is not taken', () => {
    expect(codeOf(() => cleanWebm(webm([], { kind: 0x21 })))).toBe('recording-tells-more');
    const head = element(0x1a45dfa3, element(0x4282, Buffer.from('webm')));
    expect(codeOf(() => cleanWebm(Buffer.concat([head, element(0x18538067, secret)])))).toBe(
      'recording-damaged',
    );
    expect(codeOf(() => cleanWebm(head))).toBe('recording-damaged');
    expect(codeOf(() => cleanWebm(Buffer.concat([Buffer.from('1a45dfa3', 'hex'), Buffer.alloc(400)])))).toBe(
      'recording-damaged',
    );
  });
});

describe('an Ogg file', () => {
  it('keeps its sound, and its comments say nothing', async () => {
    for (const comment of [`LOCATION=${SECRET}`, `X=${SECRET.repeat(60)}`]) {
      const copy = cleanOgg(ogg(3, comment));
      tellsNothing(copy);
      // An independent reader follows the pages; it would stop at a wrong checksum or length.
      const { format } = await parseBuffer(copy, { mimeType: 'audio/ogg' }, { duration: true });
      expect(format.codec).toContain('Opus');
      expect(format.duration).toBeCloseTo(3, 1);
      // Clean already: taken apart again, it is the same.
      expect(cleanOgg(copy).equals(copy)).toBe(true);
    }
  });

  it('loses streams that are no sound', () => {
    const file = Buffer.concat([ogg(2), page(2, 0, 0, [secret], 99)]);
    tellsNothing(cleanOgg(file));
  });

  it('of a flipped bit, or of nothing but its name, is not taken', () => {
    const flipped = Buffer.from(ogg(2));
    flipped[60] = (flipped[60] as number) ^ 1;
    expect(codeOf(() => cleanOgg(flipped))).toBe('recording-damaged');
    expect(codeOf(() => cleanOgg(Buffer.concat([Buffer.from('OggS'), Buffer.alloc(500)])))).toBe(
      'recording-damaged',
    );
    expect(codeOf(() => cleanOgg(page(2, 0, 0, [secret])))).toBe('recording-damaged');
  });
});

describe('an MP3', () => {
  it('is its frames: tags before, between and behind them go', () => {
    const frames = cleanMp3(mp3WithTag(2));
    tellsNothing(frames);
    expect(frames.length % 417).toBe(0);
    const tag = mp3WithTag(0);
    const ape = Buffer.concat([
      Buffer.from('APETAGEX'),
      Buffer.alloc(24),
      secret,
      Buffer.from('APETAGEX'),
      Buffer.alloc(24),
    ]);
    const old = Buffer.concat([Buffer.from('TAG'), secret, Buffer.alloc(125 - secret.length)]);
    const file = Buffer.concat([tag, mp3WithTag(1), tag, mp3WithTag(1), ape, old]);
    const once = cleanMp3(mp3WithTag(1));
    expect(cleanMp3(file).equals(Buffer.concat([once, once]))).toBe(true);
  });

  it('of the mark of a frame and nothing else is not taken', () => {
    for (const file of [
      Buffer.from([0xff, 0xfb, 0x90, 0, ...Array(600).fill(0)]),
      mp3WithTag(0),
      Buffer.alloc(300, 0xff),
    ])
      expect(codeOf(() => cleanMp3(file))).toBe('recording-damaged');
  });
});

describe('a WAV', () => {
  it('is its format and its sound', async () => {
    const file = wavWithNote(2);
    const copy = cleanWav(Buffer.concat([file, secret]));
    tellsNothing(copy);
    const { format } = await parseBuffer(copy, { mimeType: 'audio/wav' }, { duration: true });
    expect(format.duration).toBeCloseTo(2, 2);
    expect(copy.subarray(-100).equals(file.subarray(-100))).toBe(true);
  });

  it('without either is not taken', () => {
    const head = Buffer.from('RIFF\0\0\0\0WAVE', 'latin1');
    expect(codeOf(() => cleanWav(Buffer.concat([head, Buffer.from('data\x04\0\0\0abcd', 'latin1')])))).toBe(
      'recording-damaged',
    );
    expect(codeOf(() => cleanWav(head))).toBe('recording-damaged');
  });
});

it('whatever arrives, it is taken apart or refused, at once and in words', () => {
  const samples = [mp4WithPlace(1), webm([], { isLive: true }), ogg(1), mp3WithTag(0.3), wavWithNote(0.1)];
  const cleaners = [cleanMp4, cleanWebm, cleanOgg, cleanMp3, cleanWav];
  fc.assert(
    fc.property(
      fc.nat(4),
      fc.array(fc.tuple(fc.nat(), fc.nat(255)), { maxLength: 12 }),
      fc.nat(),
      (which, flips, cut) => {
        const file = Buffer.from(samples[which] as Buffer);
        for (const [at, value] of flips) file[at % file.length] = value;
        const part = cut % 3 === 0 ? file.subarray(0, cut % file.length) : file;
        const code = codeOf(() => cleaners[which]?.(part));
        expect(['taken', 'recording-damaged', 'recording-tells-more']).toContain(
          code.startsWith('RangeError') ? 'recording-damaged' : code,
        );
      },
    ),
    { numRuns: 1500 },
  );
});
