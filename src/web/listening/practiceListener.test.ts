import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Piece } from './listener';
import { practiceListener } from './practiceListener';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

const heardBy = (lines: readonly string[]) => {
  const pieces: Piece[] = [];
  const onEnd = vi.fn();
  const listener = practiceListener(lines, { onPiece: (piece) => pieces.push(piece), onEnd }, 100);
  return { listener, pieces, onEnd };
};

it('speaks word by word, each line standing when it is whole, and ends by itself', () => {
  const { listener, pieces, onEnd } = heardBy(['wing is fine', 'roof']);
  listener.start();
  expect(pieces).toEqual([]);
  vi.advanceTimersByTime(300);
  expect(pieces).toEqual([
    { text: 'wing', isFinal: false },
    { text: 'wing is', isFinal: false },
    { text: 'wing is fine', isFinal: true },
  ]);
  expect(onEnd).not.toHaveBeenCalled();
  vi.advanceTimersByTime(100);
  expect(pieces.at(-1)).toEqual({ text: 'roof', isFinal: true });
  expect(onEnd).toHaveBeenCalledTimes(1);
  vi.advanceTimersByTime(5000);
  expect(pieces).toHaveLength(4);
});

it('says no more once it is stopped', () => {
  const { listener, pieces, onEnd } = heardBy(['wing is fine']);
  listener.start();
  vi.advanceTimersByTime(100);
  listener.stop();
  vi.advanceTimersByTime(5000);
  expect(pieces).toEqual([{ text: 'wing', isFinal: false }]);
  expect(onEnd).toHaveBeenCalledTimes(1);
});
