export type PhotoMime = 'image/jpeg' | 'image/png' | 'image/webp';
export type Sniffed = PhotoMime | 'heic' | 'not-a-photo';

const ascii = (head: Buffer, from: number, to: number) => head.toString('latin1', from, to);

/** What a file says it is in its first bytes; its name and declared type are never believed. */
export function sniff(head: Buffer): Sniffed {
  if (head[0] === 0xff && head[1] === 0xd8 && head[2] === 0xff) return 'image/jpeg';
  if (ascii(head, 1, 4) === 'PNG' && head[0] === 0x89) return 'image/png';
  if (ascii(head, 0, 4) === 'RIFF' && ascii(head, 8, 12) === 'WEBP') return 'image/webp';
  if (ascii(head, 4, 8) === 'ftyp' && /^(hei|hev|mif1|msf1)/.test(ascii(head, 8, 12))) return 'heic';
  return 'not-a-photo';
}
