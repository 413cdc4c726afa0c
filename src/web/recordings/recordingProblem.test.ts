import { describe, expect, it } from 'vitest';
import { lengthProblem, sizeProblem } from './recordingProblem';

describe('what a recording may be', () => {
  it('is told by its size before a byte of it is read', () => {
    expect(sizeProblem({ size: 40 * 1024 * 1024 }, 'a.mp4')).toBeUndefined();
    expect(sizeProblem({ size: 2 * 1024 ** 3 }, 'walk.mp4')).toBe(
      'walk.mp4 has 2.1 GB; at most 40 MB. Record the fault alone, or set the camera to a smaller size.',
    );
    expect(sizeProblem({ size: 0 }, 'a.mp4')).toContain('empty');
  });

  it('is told by its length, with a second’s grace for where a camera stops', () => {
    expect(lengthProblem(30.9, 'a.mp4')).toBeUndefined();
    expect(lengthProblem(48.2, 'a.mp4')).toContain('48 seconds long; at most 30');
  });
});
