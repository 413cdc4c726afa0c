import type { Bytes } from './bytes';
import { damaged } from './notPlayable';

/** A box of an MP4 (ISO/IEC 14496-12): where it begins, where its content does, where it ends. */
export interface Box {
  type: string;
  at: number;
  from: number;
  to: number;
}

/** The boxes that fill a stretch, none missing and nothing between them. Throws where they do not. */
export function boxesIn(file: Bytes, from: number, to: number): Box[] {
  const boxes: Box[] = [];
  for (let at = from; at < to; ) {
    if (at + 8 > to) throw damaged();
    const short = file.readUInt32BE(at);
    const head = short === 1 ? 16 : 8;
    if (at + head > to) throw damaged();
    const size = short === 0 ? to - at : short === 1 ? Number(file.readBigUInt64BE(at + 8)) : short;
    if (size < head || at + size > to) throw damaged();
    boxes.push({ type: file.toString('latin1', at + 4, at + 8), at, from: at + head, to: at + size });
    at += size;
  }
  return boxes;
}

/** Makes a box one of no meaning and empties it: nothing moves, so that every offset in the file stays right. */
export function blank(file: Bytes, { at, from, to }: Box): void {
  file.write('free', at + 4, 'latin1');
  file.fill(0, from, to);
}

/** Which boxes may stand within which. What is not named here holds nothing to play. */
export type Allowed = { readonly [type: string]: Allowed };

/** Blanks whatever is not allowed, at every depth there is; gives back what stays at the top. */
export function keepOnly(file: Bytes, from: number, to: number, allowed: Allowed): Box[] {
  const kept: Box[] = [];
  for (const box of boxesIn(file, from, to)) {
    const within = Object.hasOwn(allowed, box.type) ? allowed[box.type] : undefined;
    if (!within) blank(file, box);
    else {
      if (Object.keys(within).length > 0) keepOnly(file, box.from, box.to, within);
      kept.push(box);
    }
  }
  return kept;
}
