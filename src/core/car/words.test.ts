import { describe, expect, it } from 'vitest';
import { twinPosition } from './sides';
import { bodyStyleIds } from './styles/bodyOf';
import { bodyStyle, middleOf, type Part } from './styles/bodyStyle';
import { contains } from './styles/geometry';
import { partName, partNameForAnyone, type Speech } from './words';

const uk: Speech = { country: 'GB', steering: 'right' };
const us: Speech = { country: 'US', steering: 'left' };
const imported: Speech = { country: 'GB', steering: 'left' };
const part = (id: string) => bodyStyle('hatch-5').parts.get(id) as Part;

describe('names of parts', () => {
  // The three cases of the trade: nearside is the kerb, whatever side the wheel is on.
  it.each([
    [uk, 'door-rl', 'nearside rear door'],
    [uk, 'wing-fr', 'offside wing'],
    [us, 'wing-fl', "driver's side fender"],
    [us, 'door-rr', 'passenger side rear door'],
    [imported, 'door-fl', 'nearside front door'],
    [{ country: 'JP', steering: 'right' } as Speech, 'door-fr', "driver's side front door"],
    [uk, 'bonnet', 'bonnet'],
    [us, 'bonnet', 'hood'],
  ])('are those of the country and the steering side (%o, %s)', (speech, id, name) => {
    expect(partName(part(id), speech)).toBe(name);
  });

  it('tell a reader abroad which side is meant', () => {
    expect(partNameForAnyone(part('door-rl'), uk)).toBe('nearside rear door (left)');
  });

  it.each(bodyStyleIds)('differ for every part of a %s', (id) => {
    const names = [...bodyStyle(id).parts.values()].map((p) => partName(p, uk));
    expect(new Set(names).size).toBe(names.length);
  });
});

describe('the map', () => {
  it.each(bodyStyleIds)('draws every %s part inside its face, with room for a mark', (id) => {
    const style = bodyStyle(id);
    for (const p of style.parts.values()) {
      if (!p.face) continue;
      const face = style.faces[p.face];
      for (const [x, y] of p.outline) {
        expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
        expect(x).toBeGreaterThanOrEqual(-1);
        expect(x).toBeLessThanOrEqual(face.width + 1);
        expect(y).toBeGreaterThanOrEqual(-20);
        expect(y).toBeLessThanOrEqual(face.height + 1);
      }
      expect(contains(p.outline, p.mark.at)).toBe(true);
      expect(p.mark.radius).toBeGreaterThan(5);
      const middle = middleOf(p);
      expect(contains(p.outline, [p.box.x + middle.u * p.box.width, p.box.y + middle.v * p.box.height])).toBe(
        true,
      );
    }
  });

  it.each(bodyStyleIds)('gives a %s the same parts on both sides', (id) => {
    const parts = bodyStyle(id).parts;
    for (const p of parts.values()) {
      if (!p.position || p.kind === 'fillerflap') continue;
      const twin = parts.get(`${p.kind}-${twinPosition(p.position)}`);
      expect(twin?.box.width).toBeCloseTo(p.box.width, 6);
    }
  });
});
