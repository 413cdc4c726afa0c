const decoders: readonly (readonly [mark: readonly number[], encoding: string])[] = [
  [[0xef, 0xbb, 0xbf], 'utf-8'],
  [[0xff, 0xfe], 'utf-16le'],
  [[0xfe, 0xff], 'utf-16be'],
];

/**
 * The text of a file in whatever encoding captions come in: by its byte order mark, else UTF-8, and where it is none the western European
 * encoding that older programs write. UTF-16 without a mark is known by its zeros.
 */
export async function readTextFile(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const marked = decoders.find(([mark]) => mark.every((byte, i) => bytes[i] === byte));
  if (marked) return new TextDecoder(marked[1]).decode(bytes);
  const unmarked = wideWithoutMark(bytes);
  if (unmarked) return new TextDecoder(unmarked).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

function wideWithoutMark(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  const head = bytes.subarray(0, 200);
  if (head.length < 8 || head.length % 2 === 1) return undefined;
  const zeros = (from: number) => head.filter((byte, i) => i % 2 === from && byte === 0).length;
  const half = head.length / 2;
  if (zeros(1) > 0.9 * half && zeros(0) === 0) return 'utf-16le';
  return zeros(0) > 0.9 * half && zeros(1) === 0 ? 'utf-16be' : undefined;
}
