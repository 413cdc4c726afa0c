/** A sine of so many seconds as plain PCM, with a note of where it was recorded in it. */
export function wavWithNote(seconds: number, note = 'Recorded at 12 Hidden Lane'): Buffer {
  const rate = 8000;
  const data = Buffer.alloc(Math.round(seconds * rate));
  for (let i = 0; i < data.length; i++) data[i] = 128 + Math.round(60 * Math.sin(i / 8));
  const text = Buffer.from(note.length % 2 ? `${note} ` : note);
  const info = Buffer.concat([Buffer.from('INFOICMT'), uint32le(text.length), text]);
  const format = Buffer.alloc(16);
  format.writeUInt16LE(1, 0);
  format.writeUInt16LE(1, 2);
  format.writeUInt32LE(rate, 4);
  format.writeUInt32LE(rate, 8);
  format.writeUInt16LE(1, 12);
  format.writeUInt16LE(8, 14);
  const chunks = Buffer.concat([
    Buffer.from('WAVEfmt '),
    uint32le(16),
    format,
    Buffer.from('LIST'),
    uint32le(info.length),
    info,
    Buffer.from('data'),
    uint32le(data.length),
    data,
  ]);
  return Buffer.concat([Buffer.from('RIFF'), uint32le(chunks.length), chunks]);
}

/** MPEG-1 layer III at 128 kbit/s and 44.1 kHz: silent frames behind a tag that tells a name. */
export function mp3WithTag(seconds: number): Buffer {
  const frame = Buffer.alloc(417);
  frame.writeUInt32BE(0xfffb9000, 0);
  const frames = Math.round((seconds * 44_100) / 1152);
  const text = Buffer.concat([Buffer.from([3]), Buffer.from('A. Owner')]);
  const field = Buffer.concat([Buffer.from('TPE1'), uint32be(text.length), Buffer.from([0, 0]), text]);
  const head = Buffer.concat([Buffer.from('ID3'), Buffer.from([3, 0, 0]), uint32be(field.length), field]);
  return Buffer.concat([head, ...Array.from({ length: frames }, () => frame)]);
}

/** What an MP4 may carry beside its sound; each where phones and programs put it. */
export interface Mp4Wish {
  seconds?: number;
  /** Boxes behind the others. */
  more?: Buffer[];
  /** Boxes beside the tracks. */
  inMovie?: Buffer[];
  /** Bytes of the media that no sound uses. */
  unused?: string;
  /** A further track, of this kind, whose samples say this. */
  further?: { handler: string; says: string };
  /** Tells of samples that are not there. */
  isCut?: boolean;
}

const SOUND = 'sound, one piece after the other';

/** An MP4 of one track of sound (ISO/IEC 14496-12), with a phone's note of where it was filmed (ISO 6709, as phones write it). */
export function mp4({
  seconds = 4,
  more = [],
  inMovie = [],
  unused = '',
  further,
  isCut,
}: Mp4Wish = {}): Buffer {
  const start = box('ftyp', Buffer.from('isom\0\0\x02\0isommp42', 'latin1'));
  const media = box('mdat', Buffer.from(SOUND), Buffer.from(unused), Buffer.from(further?.says ?? ''));
  const at = start.length + 8;
  const movie = Buffer.alloc(100);
  movie.writeUInt32BE(3_900_000_000, 4);
  movie.writeUInt32BE(1000, 12);
  movie.writeUInt32BE(seconds * 1000, 16);
  const sounds = track('soun', at, isCut ? 10_000 : SOUND.length, seconds);
  const other = further
    ? [track(further.handler, at + SOUND.length + unused.length, further.says.length, seconds)]
    : [];
  return Buffer.concat([
    start,
    media,
    box('moov', box('mvhd', movie), sounds, ...other, ...inMovie),
    ...more,
  ]);
}

/** The same with the place in it. */
export function mp4WithPlace(seconds: number): Buffer {
  const place = Buffer.from('+51.5034-000.1276/');
  const placed = Buffer.concat([Buffer.from([0, place.length, 0x15, 0xc7]), place]);
  return mp4({ seconds, inMovie: [box('udta', box('\xa9xyz', placed))] });
}

function track(handler: string, at: number, length: number, seconds: number): Buffer {
  const times = Buffer.alloc(24);
  times.writeUInt32BE(1000, 12);
  times.writeUInt32BE(seconds * 1000, 16);
  const kind = Buffer.concat([
    Buffer.alloc(8),
    Buffer.from(handler),
    Buffer.alloc(12),
    Buffer.from('A. Owner’s phone\0'),
  ]);
  const entry = Buffer.alloc(28);
  entry.writeUInt16BE(1, 6);
  entry.writeUInt16BE(1, 16);
  entry.writeUInt16BE(16, 18);
  entry.writeUInt32BE(8000 * 65_536, 24);
  const count = (...values: number[]) => Buffer.concat([Buffer.alloc(4), ...values.map(uint32be)]);
  const tables = box(
    'stbl',
    box('stsd', count(1), box('mp4a', entry)),
    box('stts', count(1, 1, seconds * 1000)),
    box('stsc', count(1, 1, 1, 1)),
    box('stsz', count(0, 1, length)),
    box('stco', count(1, at)),
  );
  const reference = box('dinf', box('dref', count(1), box('url ', Buffer.from([0, 0, 0, 1]))));
  return box(
    'trak',
    box('tkhd', Buffer.alloc(84)),
    box(
      'mdia',
      box('mdhd', times),
      box('hdlr', kind),
      box('minf', box('smhd', Buffer.alloc(8)), reference, tables),
    ),
  );
}

/** A WebM of sound (RFC 8794), with further elements of the segment as wanted. */
export function webm(further: Buffer[] = [], { isLive = false, kind = 2 } = {}): Buffer {
  const info = element(
    0x1549a966,
    element(0x2ad7b1, Buffer.from([0x0f, 0x42, 0x40])),
    element(0x4489, Buffer.from([0x45, 0x7a, 0, 0])),
    element(0x7ba9, Buffer.from('Filmed at 12 Hidden Lane')),
    element(0x4461, Buffer.alloc(8, 7)),
    element(0x4d80, Buffer.from('A. Owner’s phone')),
  );
  const sound = element(
    0xae,
    element(0xd7, Buffer.from([1])),
    element(0x73c5, Buffer.from([1])),
    element(0x83, Buffer.from([kind])),
    element(0x536e, Buffer.from('Hidden Lane microphone')),
    element(0x86, Buffer.from('A_OPUS')),
    element(0xe1, element(0xb5, Buffer.from([0x47, 0x3b, 0x80, 0])), element(0x9f, Buffer.from([1]))),
  );
  const block = element(0xa3, Buffer.from([0x81, 0, 0, 0x80]), Buffer.from('a piece of sound'));
  const inCluster = [element(0xe7, Buffer.from([0])), block, block];
  const cluster = isLive
    ? Buffer.concat([Buffer.from([0x1f, 0x43, 0xb6, 0x75, 0x01, ...Array(7).fill(0xff)]), ...inCluster])
    : element(0x1f43b675, ...inCluster);
  const body = [info, element(0x1654ae6b, sound), ...further, cluster];
  const head = element(0x1a45dfa3, element(0x4282, Buffer.from('webm')));
  const segment = isLive
    ? Buffer.concat([Buffer.from([0x18, 0x53, 0x80, 0x67, 0x01, ...Array(7).fill(0xff)]), ...body, cluster])
    : element(0x18538067, ...body);
  return Buffer.concat([head, segment]);
}

/** An element of EBML: its id, its length in eight bytes, its content. */
export function element(id: number, ...content: Buffer[]): Buffer {
  const body = Buffer.concat(content);
  const hex = id.toString(16);
  const length = Buffer.alloc(8);
  length.writeBigUInt64BE(BigInt(body.length));
  length[0] = 0x01;
  return Buffer.concat([Buffer.from(hex.length % 2 ? `0${hex}` : hex, 'hex'), length, body]);
}

/** An Ogg file of Opus (RFC 7845) of so many seconds whose comments tell a place. */
export function ogg(seconds: number, comment = 'LOCATION=12 Hidden Lane'): Buffer {
  const head = Buffer.from('OpusHead\x01\x01\0\0\x80\xbb\0\0\0\0\0', 'latin1');
  const text = (words: string) => Buffer.concat([uint32le(Buffer.byteLength(words)), Buffer.from(words)]);
  const tags = Buffer.concat([Buffer.from('OpusTags'), text('A. Owner’s phone'), uint32le(1), text(comment)]);
  const sound = Array.from({ length: 10 }, () => Buffer.from([0xf8, 0xff, 0xfe]));
  return Buffer.concat([page(2, 0, 0, [head]), page(0, 0, 1, [tags]), page(4, seconds * 48_000, 2, sound)]);
}

/** A page of Ogg (RFC 3533). */
export function page(flags: number, granule: number, number: number, packets: Buffer[], serial = 77): Buffer {
  const lacing = packets.flatMap((packet) => [
    ...Array(Math.floor(packet.length / 255)).fill(255),
    packet.length % 255,
  ]);
  const head = Buffer.alloc(27);
  head.write('OggS', 0, 'latin1');
  head[5] = flags;
  head.writeBigUInt64LE(BigInt(granule), 6);
  head.writeUInt32LE(serial, 14);
  head.writeUInt32LE(number, 18);
  head[26] = lacing.length;
  const whole = Buffer.concat([head, Buffer.from(lacing), ...packets]);
  whole.writeUInt32LE(crcBitByBit(whole), 22);
  return whole;
}

/** The checksum of a page, worked out bit by bit as RFC 3533 describes it. */
export function crcBitByBit(bytes: Buffer): number {
  let rest = 0n;
  for (const byte of bytes)
    for (let bit = 7; bit >= 0; bit--) {
      const top = (rest >> 31n) & 1n;
      rest = ((rest << 1n) & 0xffffffffn) ^ (top ^ BigInt((byte >> bit) & 1) ? 0x04c11db7n : 0n);
    }
  return Number(rest);
}

const uint32le = (value: number) => {
  const bytes = Buffer.alloc(4);
  bytes.writeUInt32LE(value);
  return bytes;
};
const uint32be = (value: number) => {
  const bytes = Buffer.alloc(4);
  bytes.writeUInt32BE(value);
  return bytes;
};
/** A box of an MP4. */
export const box = (type: string, ...content: Buffer[]) => {
  const body = Buffer.concat(content);
  return Buffer.concat([uint32be(body.length + 8), Buffer.from(type, 'latin1'), body]);
};
