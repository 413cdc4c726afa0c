import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyStyle, bodyStyleIds, faceIds, type Part } from '#core/car';
import { closeUp, pathOf, pointOf, seenBox, spotAt, wholeFace } from './faceGeometry';

const anyPart = fc.constantFrom(...bodyStyleIds).chain((id) => {
  const style = bodyStyle(id);
  const parts = [...style.parts.values()].filter((part) => part.face);
  return fc
    .constantFrom(...parts)
    .map((part) => ({ part, face: style.faces[part.face as NonNullable<Part['face']>] }));
});
const share = fc.double({ min: 0, max: 1, noNaN: true });

describe('spots on the map', () => {
  it('go to the drawing and back, on every face and side', () => {
    fc.assert(
      fc.property(anyPart, share, share, ({ part, face }, u, v) => {
        const back = spotAt(face, part, pointOf(face, part, { u, v }));
        expect(back.u).toBeCloseTo(u, 2);
        expect(back.v).toBeCloseTo(v, 2);
      }),
    );
  });

  it('stay between 0 and 1 wherever the finger lands', () => {
    fc.assert(
      fc.property(
        anyPart,
        fc.integer({ min: -9999, max: 9999 }),
        fc.integer({ min: -9999, max: 9999 }),
        ({ part, face }, x, y) => {
          const { u, v } = spotAt(face, part, [x, y]);
          for (const value of [u, v]) expect(value >= 0 && value <= 1).toBe(true);
        },
      ),
    );
  });

  it('mean the same place on both sides: u runs from the nose to the tail', () => {
    const style = bodyStyle('saloon');
    const front = { u: 0.1, v: 0.5 };
    const place = (id: string, face: 'left' | 'right') =>
      pointOf(style.faces[face], style.parts.get(id) as Part, front)[0];
    const middle = (id: string, face: 'left' | 'right') => {
      const { x, width } = seenBox(style.faces[face], (style.parts.get(id) as Part).box);
      return x + width / 2;
    };
    // Standing at the left side the nose is to the left, at the right side to the right.
    expect(place('door-fl', 'left')).toBeLessThan(middle('door-fl', 'left'));
    expect(place('door-fr', 'right')).toBeGreaterThan(middle('door-fr', 'right'));
  });

  it('show the car’s left at the right hand of a person who stands before it', () => {
    const style = bodyStyle('hatch-5');
    const seen = (id: string) => seenBox(style.faces.front, (style.parts.get(id) as Part).box).x;
    expect(seen('headlamp-l')).toBeGreaterThan(seen('headlamp-r'));
    const behind = (id: string) => seenBox(style.faces.rear, (style.parts.get(id) as Part).box).x;
    expect(behind('taillamp-l')).toBeLessThan(behind('taillamp-r'));
  });
});

describe('views', () => {
  it('have the shape of the window and hold the part whole', () => {
    fc.assert(
      fc.property(anyPart, fc.double({ min: 0.4, max: 3, noNaN: true }), ({ part, face }, ratio) => {
        const view = closeUp(face, part, ratio);
        const box = seenBox(face, part.box);
        expect(view.width / view.height).toBeCloseTo(ratio, 6);
        expect(view.x).toBeLessThanOrEqual(box.x);
        expect(view.y).toBeLessThanOrEqual(box.y);
        expect(view.x + view.width).toBeGreaterThanOrEqual(box.x + box.width);
        expect(view.y + view.height).toBeGreaterThanOrEqual(box.y + box.height);
      }),
    );
  });

  it('hold a whole face', () => {
    for (const id of faceIds) {
      const face = bodyStyle('suv').faces[id];
      const view = wholeFace(face, 0.9);
      expect(view.width).toBeGreaterThanOrEqual(face.width);
      expect(view.height).toBeGreaterThanOrEqual(face.height);
    }
  });

  it('write closed paths', () => {
    const style = bodyStyle('coupe');
    const door = style.parts.get('door-fl') as Part;
    expect(pathOf(style.faces.left, door.outline)).toMatch(/^M-?\d+ -?\d+(L-?\d+ -?\d+)+Z$/);
  });
});
