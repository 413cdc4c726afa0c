/** One request that means no good. */
export interface Attack {
  name: string;
  method: 'GET' | 'POST' | 'PUT';
  path: string;
  headers?: Record<string, string>;
  body?: Buffer;
  /** So many of it at once; one when left out. */
  times?: number;
}

export const repeat = (count: number, part: Buffer | string): Buffer =>
  Buffer.concat(Array.from({ length: count }, () => Buffer.from(part)));
