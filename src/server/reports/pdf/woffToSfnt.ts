import { inflateSync } from 'node:zlib';

const WOFF_HEADER = 44;
const WOFF_ENTRY = 20;
const SFNT_HEADER = 12;
const SFNT_ENTRY = 16;

/**
 * Unpacks a WOFF 1.0 file into the plain font inside it (W3C Recommendation "WOFF File Format 1.0", sections 3 to 5).
 * The PDF writer unpacks tables in JavaScript, anew for every document; this does it once, natively.
 * Throws when the file is no WOFF.
 */
export function woffToSfnt(woff: Buffer): Buffer {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error('Not a WOFF file');
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, i) => {
    const at = WOFF_HEADER + i * WOFF_ENTRY;
    const [offset, packed, length] = [4, 8, 12].map((field) => woff.readUInt32BE(at + field)) as [
      number,
      number,
      number,
    ];
    const bytes = woff.subarray(offset, offset + packed);
    return {
      head: woff.subarray(at, at + 4),
      checksum: woff.readUInt32BE(at + 16),
      length,
      bytes: packed < length ? inflateSync(bytes) : bytes,
    };
  });

  const directory = Buffer.alloc(SFNT_HEADER + count * SFNT_ENTRY);
  const power = 2 ** Math.floor(Math.log2(count));
  directory.writeUInt32BE(woff.readUInt32BE(4), 0);
  directory.writeUInt16BE(count, 4);
  directory.writeUInt16BE(power * 16, 6);
  directory.writeUInt16BE(Math.log2(power), 8);
  directory.writeUInt16BE(count * 16 - power * 16, 10);
  const parts: Uint8Array[] = [directory];
  let offset = directory.length;
  tables.forEach((table, i) => {
    const at = SFNT_HEADER + i * SFNT_ENTRY;
    table.head.copy(directory, at);
    directory.writeUInt32BE(table.checksum, at + 4);
    directory.writeUInt32BE(offset, at + 8);
    directory.writeUInt32BE(table.length, at + 12);
    // Tables begin at multiples of four bytes.
    const padding = Buffer.alloc((4 - (table.length % 4)) % 4);
    parts.push(table.bytes, padding);
    offset += table.length + padding.length;
  });
  return Buffer.concat(parts);
}
