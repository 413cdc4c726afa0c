import type { RecordingMime } from '#core/exchange';

/** Boxes that hold nothing to play: where and when it was filmed, by whom, with what (ISO/IEC 14496-12). */
const told: ReadonlySet<string> = new Set(['udta', 'meta', 'uuid']);
/** Boxes that only hold other boxes. */
const holders: ReadonlySet<string> = new Set(['moov', 'trak', 'mdia', 'edts', 'minf']);

/** A copy of a recording that tells nothing beyond sound and picture: what a phone writes of place, person and device is blanked. */
export function withoutPlaces(file: Buffer, mime: RecordingMime): Buffer {
  switch (mime) {
    case 'video/mp4':
    case 'audio/mp4': {
      const copy = Buffer.from(file);
      blankBoxes(copy, 0, copy.length);
      return copy;
    }
    case 'audio/mpeg':
      return file.subarray(id3Length(file), endsWithTag(file) ? file.length - 128 : file.length);
    case 'audio/wav': {
      const copy = Buffer.from(file);
      blankChunks(copy);
      return copy;
    }
    // Made by browsers, which write no place into them.
    case 'video/webm':
    case 'audio/ogg':
      return file;
  }
}

/** Renames a box to "free" and empties it: nothing moves, so that every offset in the file stays right. */
function blankBoxes(file: Buffer, from: number, to: number): void {
  for (let at = from; at + 8 <= to; ) {
    const short = file.readUInt32BE(at);
    const type = file.toString('latin1', at + 4, at + 8);
    const head = short === 1 ? 16 : 8;
    const size = short === 0 ? to - at : short === 1 ? longSize(file, at + 8) : short;
    if (size < head || at + size > to) return;
    if (told.has(type)) {
      file.write('free', at + 4, 'latin1');
      file.fill(0, at + head, at + size);
    } else if (holders.has(type)) blankBoxes(file, at + head, at + size);
    at += size;
  }
}

const longSize = (file: Buffer, at: number): number =>
  at + 8 <= file.length ? Number(file.readBigUInt64BE(at)) : 0;

/** Bytes of the tag before the sound; its length is written in sevens (ID3v2). */
function id3Length(file: Buffer): number {
  if (file.length < 10 || file.toString('latin1', 0, 3) !== 'ID3') return 0;
  const [a = 0, b = 0, c = 0, d = 0] = file.subarray(6, 10);
  const hasFooter = ((file[5] ?? 0) & 0x10) !== 0;
  return Math.min(file.length, 10 + (a << 21) + (b << 14) + (c << 7) + d + (hasFooter ? 10 : 0));
}

const endsWithTag = (file: Buffer): boolean =>
  file.length > 128 && file.toString('latin1', file.length - 128, file.length - 125) === 'TAG';

function blankChunks(file: Buffer): void {
  for (let at = 12; at + 8 <= file.length; ) {
    const size = file.readUInt32LE(at + 4);
    const type = file.toString('latin1', at, at + 4);
    if (type !== 'fmt ' && type !== 'data' && type !== 'fact') {
      file.write('JUNK', at, 'latin1');
      file.fill(0, at + 8, Math.min(file.length, at + 8 + size));
    }
    at += 8 + size + (size % 2);
  }
}
