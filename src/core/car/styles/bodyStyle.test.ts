import { describe, expect, it } from 'vitest';
import { bodyStyle, bodyStyleIds, bodyStyleNames, faceIds, middleOf } from './bodyStyle';
import { contains, type Line, type Point } from './geometry';

const area = (outline: Line) =>
  Math.abs(
    outline.reduce((sum, [x, y], i) => {
      const [nx, ny] = outline[(i + 1) % outline.length] as Point;
      return sum + x * ny - nx * y;
    }, 0) / 2,
  );

describe.each(bodyStyleIds)('the map of a %s', (id) => {
  const style = bodyStyle(id);
  const drawn = [...style.parts.values()].filter((part) => part.face);

  it('has a name in both vocabularies and parts on every face', () => {
    expect(bodyStyleNames[id].uk).not.toBe('');
    expect(bodyStyleNames[id].us).not.toBe('');
    for (const face of faceIds) expect(drawn.some((part) => part.face === face)).toBe(true);
  });

  it('draws every part with an area, on its face, with its mark inside it', () => {
    for (const part of drawn) {
      const face = style.faces[part.face as (typeof faceIds)[number]];
      expect(area(part.outline), part.id).toBeGreaterThan(1500);
      expect(part.box.x, part.id).toBeGreaterThan(-60);
      expect(part.box.x + part.box.width, part.id).toBeLessThan(face.width + 60);
      expect(part.box.y + part.box.height, part.id).toBeLessThan(face.height + 60);
      const { u, v } = middleOf(part);
      expect(u >= 0 && u <= 1 && v >= 0 && v <= 1, part.id).toBe(true);
      if (part.kind !== 'tyre') expect(contains(part.outline, part.mark.at), part.id).toBe(true);
    }
  });

  it('has on the right what it has on the left, of the same size', () => {
    for (const part of drawn.filter(({ position }) => position?.endsWith('l'))) {
      if (part.kind === 'fillerflap') continue;
      const twin = style.parts.get(part.id.replace(/l$/, 'r'));
      expect(twin && Math.abs(area(twin.outline) - area(part.outline)), part.id).toBeLessThan(1);
    }
  });

  it('fills its doors: no corner of a door is cut off but by the arch', () => {
    for (const part of drawn.filter(({ kind }) => kind === 'door'))
      expect(area(part.outline) / (part.box.width * part.box.height), part.id).toBeGreaterThan(0.62);
  });

  it('draws panels side by side, not over each other', () => {
    const panels = drawn.filter(
      ({ face, kind }) => face === 'left' && ['door', 'wing', 'quarter', 'sill'].includes(kind),
    );
    let [once, twice] = [0, 0];
    for (let x = 0; x < style.faces.left.width; x += 25)
      for (let y = 0; y < style.faces.left.height; y += 25) {
        const on = panels.filter((panel) => contains(panel.outline, [x, y])).length;
        if (on > 0) once++;
        if (on > 1) twice++;
      }
    expect(twice / once).toBeLessThan(0.03);
  });

  it('draws parts and places of its own kind', () => {
    expect(style.parts.has('hardtop')).toBe(id === 'convertible');
    expect(style.parts.has('roof')).toBe(id !== 'convertible');
    expect(style.parts.has('door-rl')).toBe(!['hatch-3', 'coupe', 'convertible'].includes(id));
  });
});
