import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measureIds, measureName } from '../../judge';
import { ageDrawing } from './ageDrawing';
import type { Drawing, Shape } from './drawing';

/** Bold letters of the widest fonts in use are so wide at most, on an average, by their size. */
const WIDEST = 0.72;

type Box = readonly [left: number, top: number, right: number, bottom: number];

const counted = fc
  .record({
    low: fc.nat({ max: 40 }),
    more: fc.nat({ max: 60 }),
    count: fc.nat({ max: 999 }),
    middle: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .map(({ low, more, count, middle }) => ({ low, high: low + more, middle: low + middle * more, count }));

function drawn(figures: { low: number; high: number; middle: number; count: number }): Drawing {
  const rows = measureIds.map((measure) => ({
    measure,
    name: measureName(measure, 'uk'),
    standing: 'in-line' as const,
    isKnown: true,
    alike: 9,
    cars: 58,
    heavyPercent: 8,
    mostHeavy: 1,
    heavy: 0,
    says: '',
    ...figures,
  }));
  const drawing = ageDrawing(rows);
  if (!drawing) throw new Error('nothing is drawn');
  return drawing;
}

/** What a name or a band takes up. */
function boxOf(shape: Shape): Box {
  if (shape.is === 'label') {
    const [x, y] = shape.at;
    const wide = shape.text.length * shape.size * WIDEST;
    const left = shape.begins ? x : x - wide / 2;
    return [left, y - shape.size / 2, left + wide, y + shape.size / 2];
  }
  if (shape.is !== 'polygon') throw new Error('no box is asked of a line');
  const [xs, ys] = [shape.points.map(([x]) => x), shape.points.map(([, y]) => y)];
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

const touch = ([a, b, c, d]: Box, [e, f, g, h]: Box) => a < g && e < c && b < h && f < d;

describe('where a car lies among others, drawn', () => {
  it('has every name whole, in letters of any font, on no band and no figure, and all of it inside', () => {
    fc.assert(
      fc.property(counted, (figures) => {
        const { width, height, shapes } = drawn(figures);
        const names = shapes.filter((shape) => shape.is === 'label' && shape.begins);
        expect(names).toHaveLength(measureIds.length);
        const solid = shapes.filter((shape) => shape.is !== 'line');
        for (const shape of solid) {
          const [left, top, right, bottom] = boxOf(shape);
          expect([left >= 0, top >= 0, right <= width, bottom <= height]).not.toContain(false);
        }
        for (const name of names)
          for (const other of solid) if (other !== name) expect(touch(boxOf(name), boxOf(other))).toBe(false);
      }),
    );
  });

  it('can be read on a phone: no letter is smaller than 8 points there', () => {
    const { width, shapes } = drawn({ low: 2, high: 13, middle: 6, count: 24 });
    const sizes = shapes.flatMap((shape) => (shape.is === 'label' ? [shape.size] : []));
    expect(Math.min(...sizes) * Math.min(1, 358 / width)).toBeGreaterThanOrEqual(8);
  });
});
