import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrast, inkOn } from './inkOn';
import { yardLine } from './yardLine';
import { yardSchema } from './yardSchema';

describe('the ink on a colour', () => {
  // WCAG 2.2, success criterion 1.4.3: 4.5 : 1 for text; black on white is 21 : 1 and #777777 on white just fails with 4.48.
  it.each([
    ['#000000', '#ffffff', 21],
    ['#777777', '#ffffff', 4.48],
    ['#ffffff', '#ffffff', 1],
  ])('%s on %s stands apart by %d', (a, b, ratio) => expect(contrast(a, b)).toBeCloseTo(ratio, 2));

  it('can be read on any colour', () => {
    const colour = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
    fc.assert(fc.property(colour, (each) => contrast(each, inkOn(each)) >= 4.5));
  });
});

describe('a yard', () => {
  const good = { name: 'Brindle', place: 'Quay 1\nPort Averil', phone: '01632 960104' };
  it('is told in one line', () =>
    expect(yardLine({ ...good, mail: '' })).toBe('Brindle · Quay 1, Port Averil · 01632 960104'));
  it.each([
    [{ name: ' ' }, 'Type the name of the yard.'],
    [{ mail: 'desk at yard' }, 'Type a mail address like desk@yard.example.'],
    [{ colour: 'red' }, 'A colour is written like #0b4a5c.'],
    [{ phone: '1'.repeat(41) }, 'At most 40 characters.'],
  ])('%o is refused with what to change', (more, says) =>
    expect(yardSchema.safeParse({ ...good, ...more }).error?.issues[0]?.message).toBe(says),
  );
});
