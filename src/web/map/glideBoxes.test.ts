import fc from 'fast-check';
import { expect, it } from 'vitest';
import { boxUnder, shiftTo } from './glideBoxes';

const box = fc.record({
  x: fc.double({ min: -1000, max: 1000, noNaN: true }),
  y: fc.double({ min: -1000, max: 1000, noNaN: true }),
  width: fc.double({ min: 50, max: 5000, noNaN: true }),
  height: fc.double({ min: 50, max: 5000, noNaN: true }),
});

it('a shift begins where the eye was and ends where it is to be', () => {
  fc.assert(
    fc.property(box, box, (from, to) => {
      const shift = shiftTo(to, from);
      const [began, ended] = [boxUnder(to, shift, 0), boxUnder(to, shift, 1)];
      for (const side of ['x', 'y', 'width', 'height'] as const) {
        expect(began[side]).toBeCloseTo(from[side], 6);
        expect(ended[side]).toBeCloseTo(to[side], 6);
      }
    }),
  );
});
