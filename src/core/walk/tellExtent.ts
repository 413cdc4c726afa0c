import type { Message } from '../told';
import { inEnglish, say } from './words';

const shares = [
  [1, 20],
  [1, 10],
  [1, 8],
  [1, 6],
  [1, 5],
  [1, 4],
  [1, 3],
  [2, 5],
  [1, 2],
  [3, 5],
  [2, 3],
  [3, 4],
  [7, 8],
] as const;

/** Share of a rim: "about a fifth of the rim". */
export function rimShareTold(spanDeg: number): Message {
  const share = spanDeg / 360;
  if (share >= 0.94) return say('rim.all');
  if (share < 1 / 26) return say('rim.spot');
  const off = ([part, of]: readonly [number, number]) => Math.abs(part / of - share);
  const [part, of] = shares.reduce((best, each) => (off(each) < off(best) ? each : best));
  return say('rim.share', { share: `s${part}of${of}` });
}
export const rimShareWords = (spanDeg: number): string => inEnglish(rimShareTold(spanDeg), 'uk');

/** Where round the clock an arc runs: "from 4 to 7 o’clock". */
export function clockTold(fromDeg: number, spanDeg: number): Message {
  const hour = (deg: number) => Math.round((deg % 360) / 30) % 12 || 12;
  const [from, to] = [hour(fromDeg), hour(fromDeg + spanDeg)];
  if (spanDeg >= 339) return say('rim.clock.all');
  return from === to ? say('rim.clock.at', { from }) : say('rim.clock.over', { from, to });
}
export const clockWords = (fromDeg: number, spanDeg: number): string =>
  inEnglish(clockTold(fromDeg, spanDeg), 'uk');
