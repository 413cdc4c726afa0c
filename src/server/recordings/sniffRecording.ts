import type { RecordingMime } from '#core/exchange';

const ascii = (head: Buffer, from: number, to: number) => head.toString('latin1', from, to);

/** What a sound or video says it is in its first bytes; undefined for anything else, whatever its name. */
export function sniffRecording(head: Buffer): RecordingMime | undefined {
  if (head.readUInt32BE(0) === 0x1a45dfa3) return 'video/webm';
  const box = ascii(head, 4, 8);
  const brand = ascii(head, 8, 12);
  if (box === 'ftyp' && !/^(hei|hev|mif1|msf1|avif)/.test(brand))
    return brand.startsWith('M4A') ? 'audio/mp4' : 'video/mp4';
  if (ascii(head, 0, 4) === 'OggS') return 'audio/ogg';
  if (ascii(head, 0, 4) === 'RIFF' && ascii(head, 8, 12) === 'WAVE') return 'audio/wav';
  if (ascii(head, 0, 3) === 'ID3' || isMpegFrame(head)) return 'audio/mpeg';
  return undefined;
}

/** Eleven set bits, then a layer, a bit rate and a sample rate that exist (ISO/IEC 11172-3). */
function isMpegFrame(head: Buffer): boolean {
  const [a = 0, b = 0, c = 0] = head;
  const layer = (b >> 1) & 3;
  return a === 0xff && (b & 0xe0) === 0xe0 && layer !== 0 && c >> 4 !== 15 && ((c >> 2) & 3) !== 3;
}
