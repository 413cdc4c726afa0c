import { afterEach, expect, it, vi } from 'vitest';
import { browserListener, canListen } from './browserListener';
import type { Piece } from './listener';

/** What a browser’s recognition does, by hand. */
class ByHand {
  static made: ByHand | undefined;
  lang = '';
  continuous = false;
  interimResults = false;
  onresult: ((event: unknown) => void) | null = null;
  onerror: ((event: { error: string }) => void) | null = null;
  onend: (() => void) | null = null;
  start = vi.fn();
  stop = vi.fn(() => this.onend?.());
  constructor() {
    ByHand.made = this;
  }
}

function listening() {
  vi.stubGlobal('window', { SpeechRecognition: ByHand });
  const pieces: Piece[] = [];
  const onEnd = vi.fn();
  const listener = browserListener('en-GB', { onPiece: (piece) => pieces.push(piece), onEnd });
  listener.start();
  return { listener, pieces, onEnd, recognition: ByHand.made as ByHand };
}
const result = (text: string, isFinal: boolean) => Object.assign([{ transcript: text }], { isFinal });

afterEach(() => {
  vi.unstubAllGlobals();
});

it('knows whether the browser can listen, by either name', () => {
  vi.stubGlobal('window', {});
  expect(canListen()).toBe(false);
  vi.stubGlobal('window', { webkitSpeechRecognition: ByHand });
  expect(canListen()).toBe(true);
});

it('tells what stands apart from what may still change, and nothing twice', () => {
  const { pieces, recognition } = listening();
  expect(recognition).toMatchObject({ lang: 'en-GB', continuous: true, interimResults: true });
  const results = [
    result('old', true),
    result(' wing is fine ', true),
    result('the', false),
    result('wheel', false),
  ];
  recognition.onresult?.({ resultIndex: 1, results });
  expect(pieces).toEqual([
    { text: 'wing is fine', isFinal: true },
    { text: 'the wheel', isFinal: false },
  ]);
});

it('begins again when the browser stops by itself, and ends when it is stopped', () => {
  const { listener, onEnd, recognition } = listening();
  recognition.onerror?.({ error: 'no-speech' });
  recognition.onend?.();
  expect(recognition.start).toHaveBeenCalledTimes(2);
  expect(onEnd).not.toHaveBeenCalled();
  listener.stop();
  expect(onEnd).toHaveBeenCalledExactlyOnceWith(undefined);
  expect(recognition.start).toHaveBeenCalledTimes(2);
});

it.each(['not-allowed', 'service-not-allowed', 'audio-capture', 'network', 'language-not-supported'])(
  'says what to do instead when it cannot listen: %s',
  (error) => {
    const { onEnd, recognition } = listening();
    recognition.onerror?.({ error });
    recognition.onend?.();
    expect(onEnd).toHaveBeenCalledExactlyOnceWith(expect.stringMatching(/keyboard/));
    expect(recognition.start).toHaveBeenCalledTimes(1);
  },
);
