import type { Bytes } from './bytes';
import { type Allowed, type Box, blank, boxesIn, keepOnly } from './mp4Boxes';
import { emptyBetween, samplesOf } from './mp4Samples';
import { damaged, tellsMore } from './notPlayable';

const leaves = (...types: string[]): Allowed => Object.fromEntries(types.map((type) => [type, {}]));

const tables = leaves(
  'stsd',
  'stts',
  'ctts',
  'cslg',
  'stss',
  'stsc',
  'stsz',
  'stco',
  'co64',
  'sdtp',
  'sgpd',
  'sbgp',
);
const media: Allowed = {
  ...leaves('mdhd', 'hdlr'),
  minf: { ...leaves('vmhd', 'smhd'), dinf: leaves('dref'), stbl: tables },
};
const track: Allowed = { tkhd: {}, edts: leaves('elst'), mdia: media };
const movie: Allowed = { mvhd: {}, trak: track, mvex: leaves('mehd', 'trex') };
const fragment: Allowed = { mfhd: {}, traf: leaves('tfhd', 'tfdt', 'trun', 'sdtp', 'sgpd', 'sbgp') };
const known: Allowed = { ...leaves('ftyp', 'styp', 'mdat', 'sidx'), moov: movie, moof: fragment };

/**
 * Leaves sound and picture in an MP4 and nothing else: boxes not known to be needed are blanked, other tracks with them, and what no
 * sample of sound or picture uses of the media is emptied. Changes the file where it lies, and gives back where it ends. Throws a Problem when nothing in it can
 * be played.
 */
export function cleanMp4(file: Bytes): number {
  const top = keepOnly(file, 0, file.length, known);
  const of = (type: string) => top.filter((box) => box.type === type);
  const [moov] = of('moov');
  if (!moov || of('ftyp').length === 0) throw damaged();
  const tracks = inBox(file, moov, 'trak');
  const played = tracks.filter((each) => isPlayed(file, each));
  for (const each of tracks) if (!played.includes(each)) blank(file, each);
  for (const each of played) forgetNames(file, each);
  for (const box of [...inBox(file, moov, 'mvhd'), ...played.flatMap((each) => inBox(file, each, 'tkhd'))])
    forgetTimes(file, box);

  const fragments = of('moof');
  if (fragments.length > 0) {
    // Whose samples lie where is told piece by piece: then all of them must be sound or picture.
    if (played.length !== tracks.length) throw tellsMore();
    const isFilled = fragments
      .flatMap((each) => inBox(file, each, 'traf'))
      .flatMap((each) => inBox(file, each, 'trun'))
      .some(({ from, to }) => from + 8 <= to && file.readUInt32BE(from + 4) > 0);
    if (!isFilled || played.length === 0) throw damaged();
    return file.length;
  }
  const samples = played.flatMap((each) => samplesOf(file, deep(file, each, ['mdia', 'minf', 'stbl'])));
  const inMedia = ([start, end]: readonly [number, number]) =>
    of('mdat').some(({ from, to }) => start >= from && end <= to);
  if (samples.length === 0 || !samples.every(inMedia)) throw damaged();
  emptyBetween(file, of('mdat'), samples);
  return file.length;
}

const inBox = (file: Bytes, { from, to }: Box, type: string): Box[] =>
  boxesIn(file, from, to).filter((box) => box.type === type);

/** What lies in the first box of each name in turn. */
function deep(file: Bytes, box: Box, path: readonly string[]): Box[] {
  const [name, ...rest] = path;
  if (name === undefined) return boxesIn(file, box.from, box.to);
  const [next] = inBox(file, box, name);
  return next ? deep(file, next, rest) : [];
}

const handlerOf = (file: Bytes, track: Box): Box | undefined =>
  deep(file, track, ['mdia']).find(({ type }) => type === 'hdlr');

function isPlayed(file: Bytes, track: Box): boolean {
  const handler = handlerOf(file, track);
  return (
    handler !== undefined &&
    handler.to - handler.from >= 24 &&
    ['vide', 'soun'].includes(file.toString('latin1', handler.from + 8, handler.from + 12))
  );
}

/** The name of a handler is free text; times tell when it was filmed. */
function forgetNames(file: Bytes, track: Box): void {
  const handler = handlerOf(file, track);
  if (handler) file.fill(0, handler.from + 24, handler.to);
  for (const box of deep(file, track, ['mdia'])) if (box.type === 'mdhd') forgetTimes(file, box);
}

function forgetTimes(file: Bytes, { from, to }: Box): void {
  if (from >= to) return;
  const bytes = file.readUInt8(from) === 1 ? 16 : 8;
  if (from + 4 + bytes <= to) file.fill(0, from + 4, from + 4 + bytes);
}
