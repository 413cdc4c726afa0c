import { open } from 'node:fs/promises';
import { unprocessable } from '../problems';
import type { PhotoMime } from './sniff';

/** No camera writes more of any of these. */
const MOST_SIDE = 32_000;
const MOST_PIECES = 2000;
const MOST_BESIDE = 12 * 1024 * 1024;
const MOST_TEXTS = 40;

export interface Looked {
  width: number;
  height: number;
}

const damaged = () =>
  unprocessable(
    'photo-damaged',
    'The photo is damaged or cut short and cannot be opened. Take it again or send the original file.',
  );
const tooMuchBeside = () =>
  unprocessable(
    'photo-too-much-beside',
    'The file holds far more beside its picture than any camera writes. Save the picture anew and send that.',
  );

/** Adds up what stands beside the pixels, and refuses what no camera writes before anything is unpacked. */
class Tally {
  #pieces = 0;
  #beside = 0;
  #texts = 0;

  piece(beside = 0): void {
    this.#beside += beside;
    if (++this.#pieces > MOST_PIECES || this.#beside > MOST_BESIDE) throw tooMuchBeside();
  }

  /** Compressed text can stand for as much as it likes. */
  text(): void {
    if (++this.#texts > MOST_TEXTS) throw tooMuchBeside();
  }
}

/**
 * Reads how large a picture says it is and what stands beside its pixels, from its own structure, without decoding any of it: a few bytes of
 * each piece, whatever its length. Throws a Problem for what no camera makes.
 */
export async function inspect(file: string, mime: PhotoMime): Promise<Looked> {
  const handle = await open(file, 'r');
  try {
    const { size } = await handle.stat();
    const read = async (at: number, length: number): Promise<Buffer> => {
      const bytes = Buffer.alloc(length);
      const { bytesRead } = await handle.read(bytes, 0, length, at);
      if (bytesRead < length) throw damaged();
      return bytes;
    };
    const looked = await readers[mime](read, size);
    if (looked.width < 1 || looked.height < 1) throw damaged();
    if (Math.max(looked.width, looked.height) > MOST_SIDE)
      throw unprocessable(
        'photo-too-many-pixels',
        `The photo is ${looked.width} by ${looked.height} pixels. No side may have more than ${MOST_SIDE}: set the camera to a smaller size and take it again.`,
      );
    return looked;
  } finally {
    await handle.close();
  }
}

type Read = (at: number, length: number) => Promise<Buffer>;

const readers: Record<PhotoMime, (read: Read, size: number) => Promise<Looked>> = {
  'image/jpeg': ofJpeg,
  'image/png': ofPng,
  'image/webp': ofWebp,
};

/** Markers up to the first scan (ITU-T T.81, annex B). */
async function ofJpeg(read: Read, size: number): Promise<Looked> {
  const tally = new Tally();
  let looked: Looked | undefined;
  for (let at = 2; at + 4 <= size; ) {
    const head = await read(at, 4);
    if (head[0] !== 0xff) throw damaged();
    const marker = head[1] as number;
    // Fill bytes before a marker.
    if (marker === 0xff) {
      at++;
      tally.piece();
      continue;
    }
    const length = head.readUInt16BE(2);
    if (length < 2) throw damaged();
    const isFrame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
    if (isFrame) {
      const frame = await read(at + 5, 4);
      looked = { height: frame.readUInt16BE(0), width: frame.readUInt16BE(2) };
    }
    if (marker === 0xda) break;
    tally.piece(marker >= 0xe0 ? length : 0);
    at += 2 + length;
  }
  if (!looked) throw damaged();
  return looked;
}

/** Chunks (PNG, third edition, 5.3). */
async function ofPng(read: Read, size: number): Promise<Looked> {
  const tally = new Tally();
  const head = await read(8, 16);
  if (head.toString('latin1', 4, 8) !== 'IHDR') throw damaged();
  const looked = { width: head.readUInt32BE(8), height: head.readUInt32BE(12) };
  for (let at = 8; at + 12 <= size; ) {
    const chunk = await read(at, 8);
    const length = chunk.readUInt32BE(0);
    const type = chunk.toString('latin1', 4, 8);
    if (type === 'IEND') break;
    // Pixels come in as many pieces as an encoder likes; their number is bounded by the file.
    if (type !== 'IDAT') tally.piece(length);
    if (['zTXt', 'iTXt', 'tEXt', 'iCCP'].includes(type)) tally.text();
    at += 12 + length;
  }
  return looked;
}

/** Chunks of a RIFF container (RFC 9649). */
async function ofWebp(read: Read, size: number): Promise<Looked> {
  const tally = new Tally();
  let looked: Looked | undefined;
  for (let at = 12; at + 8 <= size; ) {
    const chunk = await read(at, 8);
    const type = chunk.toString('latin1', 0, 4);
    const length = chunk.readUInt32LE(4);
    if (type === 'VP8X') {
      const body = await read(at + 12, 6);
      looked = { width: body.readUIntLE(0, 3) + 1, height: body.readUIntLE(3, 3) + 1 };
    } else if (type === 'VP8 ' && !looked) {
      const body = await read(at + 14, 4);
      looked = { width: body.readUInt16LE(0) & 0x3fff, height: body.readUInt16LE(2) & 0x3fff };
    } else if (type === 'VP8L' && !looked) {
      const bits = (await read(at + 9, 4)).readUInt32LE(0);
      looked = { width: (bits & 0x3fff) + 1, height: ((bits >>> 14) & 0x3fff) + 1 };
    }
    tally.piece(
      type.startsWith('VP8 ') || type === 'VP8L' || type === 'ALPH' || type === 'ANMF' ? 0 : length,
    );
    at += 8 + length + (length % 2);
  }
  if (!looked) throw damaged();
  return looked;
}
