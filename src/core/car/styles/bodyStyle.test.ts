import { describe, expect, it } from 'vitest';
import { extrasFor } from '../extrasFor';
import { bodyStyleIds, bodyStyleNames } from './bodyOf';
import { bodyStyle, type CarBuild, middleOf, type Part, styleOf } from './bodyStyle';
import { faceIds } from './faces';
import { contains, type Line, type Point } from './geometry';
import { neighboursOf } from './neighbours';

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
    for (const face of faceIds)
      expect(drawn.some((part) => part.face === face)).toBe(!(id.startsWith('tractor') && face === 'boot'));
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

  it('shows every part where its mark is: nothing drawn later covers it', () => {
    const all = styleOf({ bodyStyle: id, extras: extrasFor(id) });
    const order = [...all.parts.values()];
    const hidden = order.filter((part, i) =>
      order
        .slice(i + 1)
        .some((later) => part.face && later.face === part.face && contains(later.outline, part.mark.at)),
    );
    expect(hidden.map((part) => part.id)).toEqual([]);
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
    expect(style.parts.has('softtop')).toBe(id === 'convertible');
    expect(style.parts.has('roof')).toBe(id !== 'convertible');
    expect(style.parts.has('swingdoor')).toBe(id === 'suv-3');
    expect(style.parts.has('door-rl')).toBe(
      !['hatch-3', 'suv-3', 'coupe', 'convertible', 'pickup-single', 'tractor', 'tractor-bonnet'].includes(
        id,
      ),
    );
  });
});

describe('extras', () => {
  const cases = bodyStyleIds.flatMap((id) => extrasFor(id).map((extra) => [id, extra] as const));

  it.each(cases)('a %s with %s', (id, extra) => {
    const bare = bodyStyle(id);
    const fitted = styleOf({ bodyStyle: id, extras: [extra] });
    for (const part of bare.parts.keys()) expect(fitted.parts.has(part), part).toBe(true);
    const differs = [...fitted.parts.values()].some((part) => {
      const before = bare.parts.get(part.id);
      return !before || before.material !== part.material || before.underFilm !== part.underFilm;
    });
    expect(differs).toBe(true);
    for (const { id: part, face: on, box } of fitted.parts.values()) {
      if (!on) continue;
      const face = fitted.faces[on];
      expect(box.x >= -60 && box.x + box.width <= face.width + 60, part).toBe(true);
      expect(box.y >= -60 && box.y + box.height <= face.height + 60, part).toBe(true);
    }
  });

  it('draws a convertible’s hard top on the car and its soft top beside it', () => {
    const { parts, faces } = styleOf({ bodyStyle: 'convertible', extras: ['hard-top'] });
    expect(parts.get('hardtop')?.outline).toEqual(bodyStyle('convertible').parts.get('softtop')?.outline);
    expect(parts.get('softtop')?.box.x).toBeGreaterThan(bodyStyle('convertible').faces.top.width);
    expect(faces.top.width).toBeGreaterThan(bodyStyle('convertible').faces.top.width);
  });

  it('gives a tractor unit ten tyres, and a pick-up with twin rear wheels six', () => {
    const tyres = (build: CarBuild) =>
      [...styleOf(build).parts.keys()].filter((part) => part.startsWith('tyre-')).length;
    expect(tyres({ bodyStyle: 'tractor' })).toBe(10);
    expect(tyres({ bodyStyle: 'tractor-bonnet' })).toBe(10);
    expect(styleOf({ bodyStyle: 'tractor-bonnet' }).parts.has('bonnet')).toBe(true);
    expect(tyres({ bodyStyle: 'pickup', extras: ['twin-rear-wheels'] })).toBe(6);
    expect(tyres({ bodyStyle: 'hatch-5' })).toBe(4);
  });

  it('puts the steering wheel on the driver’s side', () => {
    const at = (steering: 'left' | 'right') =>
      styleOf({ bodyStyle: 'saloon', steering }).parts.get('steeringwheel')?.mark.at[0] ?? 0;
    expect(at('left')).toBeLessThan(at('right'));
    expect([...styleOf({ bodyStyle: 'saloon', steering: 'left' }).parts.keys()]).toEqual([
      ...styleOf({ bodyStyle: 'saloon', steering: 'right' }).parts.keys(),
    ]);
  });

  it('seats seven with a third row, and covers seats in leather where the trim is', () => {
    expect(styleOf({ bodyStyle: 'estate', extras: ['third-row'] }).parts.has('seat3-l')).toBe(true);
    const trimmed = styleOf({ bodyStyle: 'estate', extras: ['leather-trim'] });
    expect(trimmed.parts.get('seat-fl')?.material).toBe('leather');
    expect(bodyStyle('estate').parts.get('seat-fl')?.material).toBe('fabric');
  });
});

describe('neighbours', () => {
  it.each(bodyStyleIds)('lead by arrow keys to every part of a face of a %s', (id) => {
    const style = styleOf({ bodyStyle: id, extras: extrasFor(id) });
    for (const face of faceIds) {
      const here = [...style.parts.values()].filter((part) => part.face === face);
      if (here.length === 0) continue;
      const reached = new Set([here[0]?.id]);
      const open = [here[0]?.id];
      for (let at = open.pop(); at !== undefined; at = open.pop())
        for (const next of neighboursOf(style, style.parts.get(at) as Part))
          if (!reached.has(next)) {
            reached.add(next);
            open.push(next);
          }
      const missed = here.filter((part) => !reached.has(part.id)).map((part) => part.id);
      expect(missed, `${id} ${face}`).toEqual([]);
    }
  });
});
