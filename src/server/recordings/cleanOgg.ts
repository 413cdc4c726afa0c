import { damaged } from './notPlayable';

const HEAD = 27;
/** Sound a browser plays, by the first bytes of its first packet, and how its second packet, its comments, begins. */
const codecs = [
  { first: 'OpusHead', comments: 8 },
  { first: '\x01vorbis', comments: 7 },
] as const;

interface Page {
  at: number;
  serial: number;
  from: number;
  to: number;
  /** Ends of packets within the page, as offsets in the file. */
  ends: number[];
}

/**
 * A copy of an Ogg file that holds sound and nothing else (RFC 3533): streams that are no sound a browser plays go, and comments are blanked in
 * place. Throws a Problem when a page is not what its checksum says, or there is no sound.
 */
export function cleanOgg(original: Buffer): Buffer {
  const file = Buffer.from(original);
  const pages = pagesIn(file);
  const kept: Page[] = [];
  let sounds = 0;
  for (const serial of new Set(pages.map((page) => page.serial))) {
    const own = pages.filter((page) => page.serial === serial);
    const codec = codecs.find(({ first }) =>
      file.toString('latin1', own[0]?.from ?? 0, (own[0]?.from ?? 0) + 8).startsWith(first),
    );
    if (!codec) continue;
    sounds += blankComments(file, own, codec.comments);
    kept.push(...own);
  }
  if (sounds === 0) throw damaged();
  const bytes = kept.toSorted((a, b) => a.at - b.at).map(({ at, to }) => file.subarray(at, to));
  return Buffer.concat(bytes);
}

function pagesIn(file: Buffer): Page[] {
  const pages: Page[] = [];
  for (let at = 0; at < file.length; ) {
    if (at + HEAD > file.length || file.toString('latin1', at, at + 4) !== 'OggS') break;
    const segments = file[at + 26] as number;
    const from = at + HEAD + segments;
    if (from > file.length) break;
    const ends: number[] = [];
    let to = from;
    for (let i = 0; i < segments; i++) {
      const length = file[at + HEAD + i] as number;
      to += length;
      if (length < 255) ends.push(to);
    }
    // Cut in its last page: what came before plays.
    if (to > file.length) break;
    if (file.readUInt32LE(at + 22) !== checksum(file, at, to)) throw damaged();
    pages.push({ at, serial: file.readUInt32LE(at + 14), from, to, ends });
    at = to;
  }
  if (pages.length === 0) throw damaged();
  return pages;
}

/** Blanks the second packet of a stream behind its mark, and gives back how many packets of sound follow. */
function blankComments(file: Buffer, pages: readonly Page[], mark: number): number {
  const places: number[] = [];
  let packet = 0;
  let sounds = 0;
  for (const page of pages) {
    for (let at = page.from; at < page.to; at++) {
      if (packet === 1) places.push(at);
      if (page.ends.includes(at + 1)) packet++;
    }
    if (packet > 2) sounds++;
  }
  const text = new Uint8Array(places.map((at) => file[at] as number));
  const view = new DataView(text.buffer);
  if (text.length < mark + 8) throw damaged();
  const vendor = view.getUint32(mark, true);
  let at = mark + 4 + vendor;
  if (at + 4 > text.length) throw damaged();
  text.fill(0x20, mark + 4, at);
  const count = view.getUint32(at, true);
  at += 4;
  for (let i = 0; i < count; i++) {
    if (at + 4 > text.length) throw damaged();
    const length = view.getUint32(at, true);
    at += 4;
    if (at + length > text.length) throw damaged();
    text.fill(0x20, at, at + length);
    // A comment is a name, a sign and a value, also when it says nothing.
    if (length >= 2) text.set([0x58, 0x3d], at);
    at += length;
  }
  // Vorbis ends its comments with a bit that is set; nothing else may follow them.
  text.fill(0, at + 1);
  if (mark === 8) text.fill(0, at);
  places.forEach((place, i) => {
    file[place] = text[i] as number;
  });
  for (const page of pages)
    if (places.some((place) => place >= page.from && place < page.to)) stamp(file, page);
  return sounds;
}

function stamp(file: Buffer, { at, to }: Page): void {
  file.writeUInt32LE(checksum(file, at, to), at + 22);
}

const TABLE = Uint32Array.from({ length: 256 }, (_, byte) => {
  let value = byte << 24;
  for (let bit = 0; bit < 8; bit++) value = value & 0x80000000 ? (value << 1) ^ 0x04c11db7 : value << 1;
  return value >>> 0;
});

/** CRC of a page with its own four bytes as zero (RFC 3533, 6). */
function checksum(file: Buffer, from: number, to: number): number {
  let sum = 0;
  for (let at = from; at < to; at++) {
    const byte = at >= from + 22 && at < from + 26 ? 0 : (file[at] as number);
    sum = ((sum << 8) ^ (TABLE[((sum >>> 24) ^ byte) & 0xff] as number)) >>> 0;
  }
  return sum;
}
