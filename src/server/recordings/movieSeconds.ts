import type { Bytes } from './bytes';

/** Length of an MP4 as its movie header tells it (ISO/IEC 14496-12, 8.2.2); undefined where it does not, as in those recorded in pieces. */
export function movieSeconds(file: Bytes): number | undefined {
  const moov = boxIn(file, 0, file.length, 'moov');
  const header = moov && boxIn(file, moov.from, moov.to, 'mvhd');
  if (!header || header.to - header.from < 32) return undefined;
  const at = header.from;
  const isLong = file.readUInt8(at) === 1;
  const scale = file.readUInt32BE(at + (isLong ? 20 : 12));
  const length = isLong ? Number(file.readBigUInt64BE(at + 24)) : file.readUInt32BE(at + 16);
  return scale > 0 && length > 0 ? length / scale : undefined;
}

function boxIn(
  file: Bytes,
  from: number,
  to: number,
  type: string,
): { from: number; to: number } | undefined {
  for (let at = from; at + 8 <= to; ) {
    const size = file.readUInt32BE(at);
    if (size < 8 || at + size > to) return undefined;
    if (file.toString('latin1', at + 4, at + 8) === type) return { from: at + 8, to: at + size };
    at += size;
  }
  return undefined;
}
