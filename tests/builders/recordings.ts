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

/** The boxes of an MP4 of so many seconds, with a phone's note of where it was filmed (ISO 6709, as phones write it). */
export function mp4WithPlace(seconds: number): Buffer {
  const movie = Buffer.alloc(100);
  movie.writeUInt32BE(1000, 12);
  movie.writeUInt32BE(seconds * 1000, 16);
  const place = Buffer.from('+51.5034-000.1276/');
  const placed = Buffer.concat([Buffer.from([0, place.length, 0x15, 0xc7]), place]);
  return Buffer.concat([
    box('ftyp', Buffer.from('isom\0\0\x02\0isommp42', 'latin1')),
    box('moov', box('mvhd', movie), box('udta', box('\xa9xyz', placed))),
    box('mdat', Buffer.from('pictures, one after the other')),
  ]);
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
const box = (type: string, ...content: Buffer[]) => {
  const body = Buffer.concat(content);
  return Buffer.concat([uint32be(body.length + 8), Buffer.from(type, 'latin1'), body]);
};
