import { describe, expect, it } from 'vitest';
import { bodyStyle, insideFaces } from '../../../../src/core/car';
import { bodies } from '../../../../src/core/car/styles/bodies';
import { pressed, smoothMax, smoothMin } from './curve';
import { makeShape, outward, type StyleId, strike } from './shape';
import { spotFrame } from './spotFrame';
import { bodyGeometry } from './surface';

const bodyStyleIds = Object.entries(bodies).flatMap(([id, body]) =>
  'profile' in body ? [id as StyleId] : [],
);
const shapes = Object.fromEntries(bodyStyleIds.map((id) => [id, makeShape(id)]));

describe.each(bodyStyleIds)('the body of a %s', (id) => {
  const shape = shapes[id] as ReturnType<typeof makeShape>;
  const { profile: p } = shape;

  it('is as long, wide and high as its profile says', () => {
    const nose = strike(shape, [-500, 0, 500], [1, 0, 0]);
    const tail = strike(shape, [p.length + 500, 0, p.sill[0] + 300], [-1, 0, 0]);
    expect(Math.abs(nose?.[0] ?? 999)).toBeLessThan(45);
    expect(Math.abs((tail?.[0] ?? 0) - p.length)).toBeLessThan(70);
    const highest = strike(shape, [(p.roof[3]?.[0] ?? 0) as number, 0, p.height + 500], [0, 0, -1]);
    expect(Math.abs((highest?.[2] ?? 0) - p.height)).toBeLessThan(60);
    const flank = strike(shape, [p.length / 2, 2000, 650], [0, -1, 0]);
    expect(Math.abs((flank?.[1] ?? 0) - p.width / 2)).toBeLessThan(40);
  });

  it('is the same on both sides, and solid inside', () => {
    expect(shape.distance(p.length / 2, 0, 500)).toBeLessThan(0);
    expect(shape.distance(1500, 700, 700)).toBe(shape.distance(1500, -700, 700));
    expect(shape.distance(p.length / 2, 0, p.height + 300)).toBeGreaterThan(0);
  });

  it('finds metal under the middle of every part drawn on its outside', () => {
    const apart = new Set(['mirror', 'tyre', 'wheel', 'aerial', 'roofrail', 'wipers', 'bumper-rear']);
    for (const part of bodyStyle(id).parts.values()) {
      if (!part.face || insideFaces.some((face) => face === part.face) || apart.has(part.kind)) continue;
      const spot = {
        u: (part.mark.at[0] - part.box.x) / part.box.width,
        v: (part.mark.at[1] - part.box.y) / part.box.height,
      };
      const { at, out, right, up } = spotFrame(id, shape, part.id, spot);
      expect(Math.abs(shape.distance(at.x, at.z, at.y)), part.id).toBeLessThan(0.5);
      expect(Math.abs(out.dot(right)) + Math.abs(out.dot(up)) + Math.abs(right.dot(up))).toBeLessThan(1e-6);
      if (part.face === 'left') expect(at.z, part.id).toBeGreaterThan(0);
      if (part.face === 'right') expect(at.z, part.id).toBeLessThan(0);
    }
  });
});

describe('meshing a body', () => {
  const shape = shapes['hatch-5'] as ReturnType<typeof makeShape>;
  const geometry = bodyGeometry(shape, 60);
  const at = geometry.getAttribute('position');
  const normal = geometry.getAttribute('normal');

  it('puts every vertex on the surface', () => {
    let worst = 0;
    for (let i = 0; i < at.count; i++)
      worst = Math.max(worst, Math.abs(shape.distance(at.getX(i), at.getZ(i), at.getY(i))));
    expect(worst).toBeLessThan(4);
  });

  it('gives faces that look outwards, as their normals do', () => {
    const index = geometry.getIndex();
    let [agree, all] = [0, 0];
    for (let f = 0; index && f < index.count; f += 3) {
      const [a, b, c] = [0, 1, 2].map((k) => index.getX(f + k)) as [number, number, number];
      const edge = (i: number, j: number) =>
        [at.getX(j) - at.getX(i), at.getY(j) - at.getY(i), at.getZ(j) - at.getZ(i)] as const;
      const [u, v] = [edge(a, b), edge(a, c)];
      const n = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]] as const;
      if (Math.hypot(...n) < 1) continue;
      all++;
      if (n[0] * normal.getX(a) + n[1] * normal.getY(a) + n[2] * normal.getZ(a) > 0) agree++;
    }
    expect(agree / all).toBeGreaterThan(0.995);
  });

  it('points outwards where the gradient does', () => {
    const [x, y, z] = outward(shape, 2200, 890, 600);
    expect(Math.hypot(x, y, z)).toBeCloseTo(1, 6);
    expect(y).toBeGreaterThan(0.9);
  });
});

describe('curves', () => {
  it('pass near their points and are smooth between', () => {
    const curve = pressed(
      [
        [0, 0],
        [500, 100],
        [1000, 100],
      ],
      20,
    );
    expect(curve.at(250)).toBeCloseTo(50, 0);
    expect(curve.slope(250)).toBeCloseTo(0.2, 2);
    expect(curve.at(3000)).toBeCloseTo(100, 5);
  });

  it('round the edge between two surfaces and leave the rest', () => {
    expect(smoothMax(0, 500, 40)).toBe(500);
    expect(smoothMax(10, 10, 40)).toBeGreaterThan(10);
    expect(smoothMin(3, 500, 40)).toBe(3);
  });
});
