import { closeSync, fstatSync, ftruncateSync, openSync, readSync, writeSync } from 'node:fs';

/** The bytes of a recording, read and changed where they lie: of a file in memory, or of one on the disk that would not fit there. Reading beyond the end throws a RangeError. */
export interface Bytes {
  readonly length: number;
  readUInt8(at: number): number;
  readUIntBE(at: number, bytes: number): number;
  readUInt32BE(at: number): number;
  readBigUInt64BE(at: number): bigint;
  toString(encoding: 'latin1', from: number, to: number): string;
  fill(value: number, from: number, to: number): unknown;
  write(text: string, at: number, encoding: 'latin1'): number;
  writeUInt8(value: number, at: number): number;
  writeUIntBE(value: number, at: number, bytes: number): number;
}

const PAGE = 64 * 1024;
/** So many pages are held: what is read twice lies close together. */
const MOST_PAGES = 64;

/** A file on the disk, opened to be changed; a few pages of it are in memory. Close it when done. */
export class FileBytes implements Bytes {
  readonly #file: number;
  readonly #pages = new Map<number, Buffer>();
  readonly length: number;

  constructor(path: string) {
    this.#file = openSync(path, 'r+');
    this.length = fstatSync(this.#file).size;
  }

  readUInt8(at: number): number {
    return this.#take(at, 1).readUInt8(0);
  }
  readUIntBE(at: number, bytes: number): number {
    return this.#take(at, bytes).readUIntBE(0, bytes);
  }
  readUInt32BE(at: number): number {
    return this.#take(at, 4).readUInt32BE(0);
  }
  readBigUInt64BE(at: number): bigint {
    return this.#take(at, 8).readBigUInt64BE(0);
  }
  toString(encoding: 'latin1', from: number, to: number): string {
    return this.#take(from, to - from).toString(encoding);
  }

  fill(value: number, from: number, to: number): void {
    for (let at = from; at < to; at += PAGE) this.#put(Buffer.alloc(Math.min(PAGE, to - at), value), at);
  }
  write(text: string, at: number, encoding: 'latin1'): number {
    return this.#put(Buffer.from(text, encoding), at);
  }
  writeUInt8(value: number, at: number): number {
    return this.#put(Buffer.from([value]), at);
  }
  writeUIntBE(value: number, at: number, bytes: number): number {
    const buffer = Buffer.alloc(bytes);
    buffer.writeUIntBE(value, 0, bytes);
    return this.#put(buffer, at);
  }

  /** Cuts off what lies behind `length` bytes, and closes the file. */
  close(length = this.length): void {
    if (length < this.length) ftruncateSync(this.#file, length);
    closeSync(this.#file);
  }

  #take(from: number, bytes: number): Buffer {
    if (from < 0 || from + bytes > this.length) throw new RangeError('beyond the end of the file');
    const first = Math.floor(from / PAGE);
    const within = from - first * PAGE;
    if (within + bytes <= PAGE) return this.#page(first).subarray(within, within + bytes);
    const taken = Buffer.alloc(bytes);
    readSync(this.#file, taken, 0, bytes, from);
    return taken;
  }

  #page(number: number): Buffer {
    const held = this.#pages.get(number);
    if (held) return held;
    const page = Buffer.alloc(PAGE);
    readSync(this.#file, page, 0, PAGE, number * PAGE);
    // The one that came first goes.
    if (this.#pages.size === MOST_PAGES) this.#pages.delete(this.#pages.keys().next().value as number);
    this.#pages.set(number, page);
    return page;
  }

  #put(bytes: Buffer, at: number): number {
    if (at < 0 || at + bytes.length > this.length) throw new RangeError('beyond the end of the file');
    writeSync(this.#file, bytes, 0, bytes.length, at);
    for (let page = Math.floor(at / PAGE); page * PAGE < at + bytes.length; page++) this.#pages.delete(page);
    return at + bytes.length;
  }
}
