import type { Bytes } from './bytes';
import type { Box } from './mp4Boxes';
import { damaged } from './notPlayable';

/** A stretch of a file. */
export type Range = readonly [from: number, to: number];

/** More samples than three hours of anything have. */
const MOST_SAMPLES = 3_000_000;

/** Where the samples of a track lie, from its tables of sizes, chunks and offsets (ISO/IEC 14496-12, 8.7). */
export function samplesOf(file: Bytes, tables: readonly Box[]): Range[] {
  const find = (type: string) => tables.find((box) => box.type === type);
  const [sizes, chunks] = [find('stsz'), find('stsc')];
  const offsets = find('stco') ?? find('co64');
  if (!sizes || !chunks || !offsets) return [];
  const at = (box: Box, offset: number): number => {
    if (box.from + offset + 4 > box.to) throw damaged();
    return file.readUInt32BE(box.from + offset);
  };
  const isLong = offsets.type === 'co64';
  const [same, samples] = [at(sizes, 4), at(sizes, 8)];
  const [runs, places] = [at(chunks, 4), at(offsets, 4)];
  if (samples > MOST_SAMPLES || places > MOST_SAMPLES || runs > places) throw damaged();
  const ranges: Range[] = [];
  let sample = 0;
  for (let run = 0; run < runs; run++) {
    const first = at(chunks, 8 + run * 12);
    const perChunk = at(chunks, 12 + run * 12);
    const next = run + 1 < runs ? at(chunks, 8 + (run + 1) * 12) : places + 1;
    if (first < 1 || next < first) throw damaged();
    for (let chunk = first; chunk < next && chunk <= places; chunk++) {
      const place = isLong
        ? at(offsets, 8 + (chunk - 1) * 8) * 2 ** 32 + at(offsets, 12 + (chunk - 1) * 8)
        : at(offsets, 8 + (chunk - 1) * 4);
      let end = place;
      for (let i = 0; i < perChunk && sample < samples; i++, sample++)
        end += same > 0 ? same : at(sizes, 12 + sample * 4);
      if (end > place) ranges.push([place, end]);
    }
  }
  return ranges;
}

/** Empties stretches of a file but for what lies in any of the ranges kept. */
export function emptyBetween(file: Bytes, stretches: readonly Box[], kept: readonly Range[]): void {
  const sorted = kept.toSorted((a, b) => a[0] - b[0]);
  for (const { from, to } of stretches) {
    let at = from;
    for (const [start, end] of sorted) {
      if (end <= at || start >= to) continue;
      if (start > at) file.fill(0, at, start);
      at = Math.max(at, Math.min(end, to));
    }
    if (at < to) file.fill(0, at, to);
  }
}
