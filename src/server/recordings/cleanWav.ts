import { damaged } from './notPlayable';

const needed: ReadonlySet<string> = new Set(['fmt ', 'fact', 'data']);

/** A WAV of its format and its sound alone, written anew (RIFF). Throws a Problem when either is wanting. */
export function cleanWav(file: Buffer): Buffer {
  const chunks: Buffer[] = [];
  const found = new Map<string, number>();
  for (let at = 12; at + 8 <= file.length; ) {
    const type = file.toString('latin1', at, at + 4);
    const size = Math.min(file.readUInt32LE(at + 4), file.length - at - 8);
    if (needed.has(type) && !found.has(type)) {
      found.set(type, size);
      const head = Buffer.from(file.subarray(at, at + 8));
      head.writeUInt32LE(size, 4);
      chunks.push(head, file.subarray(at + 8, at + 8 + size), Buffer.alloc(size % 2));
    }
    at += 8 + size + (size % 2);
  }
  if ((found.get('fmt ') ?? 0) < 16 || (found.get('data') ?? 0) === 0) throw damaged();
  const body = Buffer.concat(chunks);
  const head = Buffer.from('RIFF\0\0\0\0WAVE', 'latin1');
  head.writeUInt32LE(body.length + 4, 4);
  return Buffer.concat([head, body]);
}
