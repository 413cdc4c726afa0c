/** Tones closer than this are heard as one. */
const APART_S = 0.12;

let lastAt = Number.NEGATIVE_INFINITY;
let context: AudioContext | undefined;

/** A short tone, so that eyes can stay on the car. Silent where the browser does not allow sound yet. */
export function beep(): void {
  if (typeof AudioContext === 'undefined') return;
  context ??= new AudioContext();
  if (context.state !== 'running') {
    context.resume().catch(() => undefined);
    return;
  }
  if (context.currentTime - lastAt < APART_S) return;
  lastAt = context.currentTime;
  const tone = context.createOscillator();
  const volume = context.createGain();
  volume.gain.value = 0.08;
  tone.frequency.value = 1320;
  tone.connect(volume).connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + 0.06);
}
