import { createHash } from 'node:crypto';
import { wav } from './wav';

const RATE = 11_025;
const SECONDS = 6;

/** A small source of noise that is the same each time. */
function noise(seed: number) {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2 ** 31;
    return state / 2 ** 30 - 1;
  };
}

/** An engine that ticks at idle: a low hum, and a dry click fourteen times a second that fades as it warms. */
function tickingEngine(): Int16Array {
  const hiss = noise(7);
  return Int16Array.from({ length: RATE * SECONDS }, (_, i) => {
    const t = i / RATE;
    const hum = 0.22 * Math.sin(2 * Math.PI * 28 * t) + 0.1 * Math.sin(2 * Math.PI * 56.3 * t);
    const sinceTick = (t * 14) % 1;
    const tick = Math.exp(-sinceTick * 26) * hiss() * 0.5 * (1 - t / SECONDS / 2);
    return Math.round(Math.max(-1, Math.min(1, hum + tick + 0.02 * hiss())) * 30_000);
  });
}

const file = wav(tickingEngine(), RATE);

/** The one sound of the invented yard. */
export const engineTick = {
  file,
  seconds: SECONDS,
  sha256: createHash('sha256').update(file).digest('hex'),
};
