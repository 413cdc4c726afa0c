import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hideBoxesSchema, marksSchema } from '#core/picture';
import { boxDragged, markDragged, placeOf, tools, toolWords } from './tools';

const size = { width: 1600, height: 1200 };
const point = fc.tuple(fc.integer({ min: -400, max: 2000 }), fc.integer({ min: -400, max: 1600 }));

describe('a drag over a picture', () => {
  it('never leaves it, wherever the finger goes', () => {
    fc.assert(
      fc.property(point, point, (from, to) => {
        const { x, y } = placeOf(to, size);
        expect(Math.min(x, y)).toBeGreaterThanOrEqual(0);
        expect(Math.max(x, y)).toBeLessThanOrEqual(1);
        for (const tool of ['ring', 'arrow', 'line'] as const) {
          const mark = markDragged(tool, from, to, size);
          if (mark) expect(marksSchema.safeParse([mark]).success).toBe(true);
        }
        const box = boxDragged(from, to, size);
        if (box) expect(hideBoxesSchema.safeParse([{ ...box, hides: 'plate' }]).success).toBe(true);
      }),
    );
  });

  it('makes the same box whichever corner it begins at', () => {
    const box = boxDragged([160, 120], [480, 600], size);
    expect(box).toEqual({ x: 0.1, y: 0.1, width: expect.closeTo(0.2, 9), height: expect.closeTo(0.4, 9) });
    expect(boxDragged([480, 120], [160, 600], size)).toEqual(box);
    expect(boxDragged([480, 600], [160, 120], size)).toEqual(box);
  });

  it('that is hardly one makes no box, line or arrow, and a ring of a usual size', () => {
    expect(boxDragged([100, 100], [105, 600], size)).toBeUndefined();
    expect(boxDragged([100, 100], [600, 105], size)).toBeUndefined();
    expect(markDragged('line', [100, 100], [104, 104], size)).toBeUndefined();
    expect(markDragged('arrow', [100, 100], [100, 100], size)).toBeUndefined();
    expect(markDragged('ring', [800, 600], [802, 600], size)).toEqual({
      kind: 'ring',
      at: { x: 0.5, y: 0.5 },
      radius: 0.04,
    });
  });

  it('gives a ring as large as it was drawn, at most the whole picture', () => {
    expect(markDragged('ring', [800, 600], [960, 600], size)).toMatchObject({ radius: 0.1 });
    expect(markDragged('ring', [0, 0], [9000, 0], size)).toMatchObject({ radius: 1 });
  });

  it('with a tool that does not draw makes no mark', () => {
    for (const tool of ['look', 'hide', 'spot', 'measure', 'text'] as const)
      expect(markDragged(tool, [0, 0], [500, 500], size)).toBeUndefined();
  });

  it('has a name for every tool', () => {
    for (const tool of tools) expect(toolWords[tool].name).not.toBe('');
  });
});
