import { damaged } from './notPlayable';

/** Kilobits a second by index: MPEG-1 layer III, then MPEG-2 and 2.5 (ISO/IEC 11172-3 and 13818-3). */
const RATES = [
  [0, 32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320],
  [0, 8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160],
] as const;
const HERTZ = [44_100, 48_000, 32_000] as const;
/** Bytes that look like a frame happen; so many in a row do not. */
const FEWEST_FRAMES = 4;

/** The frames of an MP3 and nothing between, before or behind them: every kind of tag stands there. Throws a Problem when there are none. */
export function cleanMp3(file: Buffer): Buffer {
  const frames: Buffer[] = [];
  let ended = -1;
  for (let at = 0; at + 4 <= file.length; ) {
    const length = frameLength(file, at);
    const isWhole = length > 0 && at + length <= file.length;
    // A frame stands next to another: bytes of a tag that look like one do not.
    if (isWhole && (at === ended || frameLength(file, at + length) > 0)) {
      frames.push(file.subarray(at, at + length));
      at += length;
      ended = at;
    } else at = nextSync(file, at + 1);
  }
  if (frames.length < FEWEST_FRAMES) throw damaged();
  return Buffer.concat(frames);
}

function nextSync(file: Buffer, from: number): number {
  let at = file.indexOf(0xff, from);
  while (at !== -1 && frameLength(file, at) === 0) at = file.indexOf(0xff, at + 1);
  return at === -1 ? file.length : at;
}

/** Bytes of the layer III frame that begins here; 0 where none does. */
function frameLength(file: Buffer, at: number): number {
  if (at + 4 > file.length || file[at] !== 0xff) return 0;
  const [, b = 0, c = 0] = file.subarray(at, at + 3);
  const version = (b >> 3) & 3;
  const hertz = HERTZ[(c >> 2) & 3];
  if ((b & 0xe0) !== 0xe0 || version === 1 || ((b >> 1) & 3) !== 1 || hertz === undefined) return 0;
  const isFirst = version === 3;
  const kilobits = RATES[isFirst ? 0 : 1][c >> 4] ?? 0;
  if (kilobits === 0) return 0;
  const rate = hertz / (isFirst ? 1 : version === 2 ? 2 : 4);
  return Math.floor(((isFirst ? 144 : 72) * kilobits * 1000) / rate) + ((c >> 1) & 1);
}
