import type { Bytes } from './bytes';
import { damaged, tellsMore } from './notPlayable';

/** Element ids (RFC 8794, Matroska as WebM uses it). */
const EBML = 0x1a45dfa3;
const SEGMENT = 0x18538067;
const CLUSTER = 0x1f43b675;
const [INFO, TRACKS, TRACK] = [0x1549a966, 0x1654ae6b, 0xae];
const [BLOCK, BLOCK_GROUP, TRACK_TYPE, VOID] = [0xa3, 0xa0, 0x83, 0xec];
const topOnes: ReadonlySet<number> = new Set([0x114d9b74, INFO, TRACKS, CLUSTER, 0x1c53bb6b]);
const inside: ReadonlyMap<number, ReadonlySet<number>> = new Map([
  // Scale and length; the names of programs are emptied below.
  [INFO, new Set([0x2ad7b1, 0x4489, 0x4d80, 0x5741])],
  [TRACKS, new Set([TRACK])],
  // Number, id, kind, flags, codec and what it needs, and how sound and picture are laid out.
  [
    TRACK,
    new Set([
      0xd7,
      0x73c5,
      TRACK_TYPE,
      0xb9,
      0x88,
      0x55aa,
      0x9c,
      0x23e383,
      0x22b59c,
      0x86,
      0x63a2,
      0x56aa,
      0x56bb,
      0xe0,
      0xe1,
    ]),
  ],
  [CLUSTER, new Set([0xe7, BLOCK, BLOCK_GROUP, 0xa7, 0xab])],
  [BLOCK_GROUP, new Set([0xa1, 0x9b, 0xfb, 0x75a2])],
]);
const emptied: ReadonlySet<number> = new Set([0x4d80, 0x5741]);

interface Element {
  id: number;
  at: number;
  from: number;
  /** Where it ends; undefined where it does not say, as those made live do not. */
  to: number | undefined;
}

/**
 * Leaves sound and picture in a WebM and nothing else: tags, attachments, chapters, titles, dates and whatever is not known are made void.
 * What was cut off at its end is to go. Changes the file where it lies, and gives back where it ends. Throws a Problem when nothing in it can be played, or it has other tracks.
 */
export function cleanWebm(file: Bytes): number {
  const seen = { tracks: 0, blocks: 0 };
  const head = elementAt(file, 0, file.length);
  if (head?.id !== EBML || head.to === undefined) throw damaged();
  const segment = elementAt(file, head.to, file.length);
  if (segment?.id !== SEGMENT) throw damaged();
  const end = keepWithin(file, segment.from, Math.min(segment.to ?? file.length, file.length), topOnes, seen);
  if (seen.tracks === 0 || seen.blocks === 0) throw damaged();
  tellLength(file, segment, end);
  return end;
}

/** Voids what may not stand here, and gives back where the last whole element ends. */
function keepWithin(
  file: Bytes,
  from: number,
  to: number,
  allowed: ReadonlySet<number>,
  seen: { tracks: number; blocks: number },
): number {
  let at = from;
  while (at < to) {
    const element = elementAt(file, at, to);
    if (!element) return at;
    const { id } = element;
    const isLive = element.to === undefined;
    // Of unknown length are clusters alone; they end where the next one begins.
    if (isLive && id !== CLUSTER) throw damaged();
    const isCut = element.to !== undefined && element.to > to;
    if (isCut && id !== CLUSTER) return at;
    const ends = isLive || isCut ? endOfCluster(file, element.from, to) : (element.to as number);
    if (!allowed.has(id)) makeVoid(file, at, ends);
    else {
      const children = inside.get(id);
      if (children) keepWithin(file, element.from, ends, children, seen);
      else if (emptied.has(id)) file.fill(0, element.from, ends);
      if (id === TRACK) seen.tracks++;
      if (id === TRACK_TYPE && ![1, 2].includes(byteAt(file, element.from) ?? 0)) throw tellsMore();
      if (id === BLOCK || id === BLOCK_GROUP) seen.blocks++;
    }
    if (isLive || isCut) tellLength(file, element, ends);
    if (isCut) return ends;
    at = ends;
  }
  return at;
}

/** Where the elements of a cluster that does not tell its length end: at the first that cannot be in one. */
function endOfCluster(file: Bytes, from: number, to: number): number {
  let at = from;
  while (at < to) {
    const element = elementAt(file, at, to);
    if (!element || element.to === undefined || topOnes.has(element.id) || element.to > to) return at;
    if (element.id > 0xffffff) return at;
    at = element.to;
  }
  return at;
}

function elementAt(file: Bytes, at: number, to: number): Element | undefined {
  const idBytes = lengthOf(byteAt(file, at));
  if (idBytes > 4 || at + idBytes >= to) return undefined;
  const id = file.readUIntBE(at, idBytes);
  const sizeAt = at + idBytes;
  const sizeBytes = lengthOf(byteAt(file, sizeAt));
  if (sizeBytes > 8 || sizeAt + sizeBytes > to) return undefined;
  let size = file.readUInt8(sizeAt) & (0xff >> sizeBytes);
  let isUnknown = size === 0xff >> sizeBytes;
  for (let i = 1; i < sizeBytes; i++) {
    const byte = file.readUInt8(sizeAt + i);
    size = size * 256 + byte;
    isUnknown &&= byte === 0xff;
  }
  const from = sizeAt + sizeBytes;
  return { id, at, from, to: isUnknown ? undefined : from + size };
}

const byteAt = (file: Bytes, at: number): number | undefined =>
  at < file.length ? file.readUInt8(at) : undefined;

/** Bytes of a number that tells its own length by its leading zeros; 9 for none. */
const lengthOf = (byte: number | undefined): number => (byte ? Math.clz32(byte) - 23 : 9);

/** An element of no meaning over the same bytes. */
function makeVoid(file: Bytes, from: number, to: number): void {
  const length = to - from;
  file.fill(0, from, to);
  if (length < 2) throw damaged();
  file.writeUInt8(VOID, from);
  if (length - 2 <= 126) file.writeUInt8(0x80 | (length - 2), from + 1);
  else {
    file.writeUInt8(0x01, from + 1);
    file.writeUIntBE(length - 9, from + 3, 6);
  }
}

/** Writes the length an element has come to, in as many bytes as it had: what was made live is then read like any other. */
function tellLength(file: Bytes, { at, from }: Element, end: number): void {
  const sizeAt = at + lengthOf(byteAt(file, at));
  const bytes = from - sizeAt;
  const length = end - from;
  if (length >= 2 ** (7 * bytes) - 1) {
    // No room to say it: "unknown", rather than wrong.
    file.fill(0xff, sizeAt, from);
    file.writeUInt8(0xff >> (bytes - 1), sizeAt);
    return;
  }
  for (let i = bytes - 1, rest = length; i >= 0; i--, rest = Math.floor(rest / 256))
    file.writeUInt8(rest % 256, sizeAt + i);
  file.writeUInt8(file.readUInt8(sizeAt) | (0x80 >> (bytes - 1)), sizeAt);
}
