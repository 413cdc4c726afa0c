import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { afterPaint } from './afterPaint';

let draw: (() => void) | undefined;
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('requestAnimationFrame', (run: () => void) => {
    draw = run;
    return 1;
  });
  vi.stubGlobal('cancelAnimationFrame', () => {
    draw = undefined;
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it('runs once, after the picture', () => {
  const run = vi.fn();
  afterPaint(run);
  draw?.();
  expect(run).not.toHaveBeenCalled();
  vi.advanceTimersByTime(1000);
  expect(run).toHaveBeenCalledTimes(1);
});

it('runs on a page that draws none, and not when it was called off', () => {
  const run = vi.fn();
  afterPaint(run);
  vi.advanceTimersByTime(1000);
  expect(run).toHaveBeenCalledTimes(1);
  expect(draw).toBeUndefined();
  afterPaint(run)();
  vi.advanceTimersByTime(1000);
  expect(run).toHaveBeenCalledTimes(1);
});
