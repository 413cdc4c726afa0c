import { wav } from '../../yard/wav';

const RATE = 16_000;
/** The starter turns so long before the engine runs. */
const CRANKS_S = 0.9;

/** Steps of a yard, then an engine that is cranked, catches and idles: made up, nobody speaks. */
export function engineSound(seconds: number, startsAt: number): Buffer {
  let state = 11;
  const hiss = () => {
    state = (state * 1_103_515_245 + 12_345) % 2 ** 31;
    return state / 2 ** 30 - 1;
  };
  const samples = Int16Array.from({ length: Math.round(RATE * seconds) }, (_, i) => {
    const t = i / RATE;
    const since = t - startsAt;
    const wind = 0.006 * hiss();
    if (since < 0) return Math.round((wind + step(t, hiss)) * 30_000);
    if (since < CRANKS_S) {
      const crank = 0.25 * Math.sin(2 * Math.PI * 11 * t) * Math.sin(2 * Math.PI * 190 * t) + 0.05 * hiss();
      return Math.round((wind + crank) * 30_000);
    }
    const run = 26 + 14 * Math.exp(-(since - CRANKS_S) * 1.6);
    const idle =
      0.2 * Math.sin(2 * Math.PI * run * t) + 0.08 * Math.sin(4 * Math.PI * run * t) + 0.02 * hiss();
    return Math.round((wind + idle) * 30_000);
  });
  return wav(samples, RATE);
}

/** A foot on gravel, about twice a second. */
function step(t: number, hiss: () => number): number {
  const since = (t * 1.9) % 1;
  return 0.09 * Math.exp(-since * 16) * hiss();
}
