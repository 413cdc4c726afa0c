import * as THREE from 'three';
import { type FaceId, type PartId, type Point, styleOf } from '../../../../src/core/car';
import type { Spot } from '../../../../src/core/walk';
import type { SpotFrame } from '../damage/makePatch';
import { outward, type Shape, type StyleId, strike } from './shape';

type Ray = { from: [number, number, number]; along: [number, number, number] };

/** Where a spot of the map lies on the metal, and the directions there as one stands before it. */
export function spotFrame(style: StyleId, shape: Shape, partId: PartId, spot: Spot): SpotFrame {
  const extras = partId === 'hardtop' ? (['hard-top'] as const) : [];
  const part = styleOf({ bodyStyle: style, extras }).parts.get(partId);
  if (!part?.face || !isOutside(part.face)) throw new Error(`${style} has no ${partId} on its map.`);
  const x = part.box.x + spot.u * part.box.width;
  const y = part.box.y + spot.v * part.box.height;
  const ray = rayOf(shape, part.face, x, y, part.box);
  const hit = strike(shape, ray.from, ray.along);
  if (!hit) throw new Error(`Nothing of ${style} lies at ${partId} ${spot.u}, ${spot.v}.`);
  return frameAt(shape, hit, part.face);
}

type OutsideFace = 'front' | 'left' | 'rear' | 'right' | 'top';
const isOutside = (face: FaceId): face is OutsideFace =>
  face === 'front' || face === 'left' || face === 'rear' || face === 'right' || face === 'top';

function frameAt(shape: Shape, [x, y, z]: readonly [number, number, number], face: OutsideFace): SpotFrame {
  // A wide step: the frame follows the panel, not the finest crease in it.
  const n = outward(shape, x, y, z, 8);
  const out = new THREE.Vector3(n[0], n[2], n[1]);
  const back = face === 'rear' ? -1 : 1;
  const lead = Math.abs(out.y) > 0.72 ? new THREE.Vector3(back, 0, 0) : new THREE.Vector3(0, 1, 0);
  const up = lead.addScaledVector(out, -lead.dot(out)).normalize();
  return { at: new THREE.Vector3(x, z, y), right: new THREE.Vector3().crossVectors(up, out), up, out };
}

/** A ray from outside to a place of a face drawing. Faces run from the car's left to its right; sides from the nose back. */
function rayOf(
  shape: Shape,
  face: OutsideFace,
  x: number,
  y: number,
  box: { y: number; height: number },
): Ray {
  const { profile: p, halfWidth } = shape;
  const across = p.width / 2 - x;
  const far = 2600;
  switch (face) {
    case 'left':
      return { from: [x, halfWidth + far, p.height - y], along: [0, -1, 0] };
    case 'right':
      return { from: [x, -halfWidth - far, p.height - y], along: [0, 1, 0] };
    case 'top':
      return { from: [y, across, p.height + far], along: [0, 0, -1] };
    case 'front': {
      const glass = run(p.roof.slice(0, 3));
      const hood = run(p.bonnet.slice(1));
      if (y <= glass) return fromAbove(walk(p.roof.slice(0, 3).toReversed(), y), across, p.height + far);
      if (y <= glass + 70 + hood)
        return fromAbove(walk(p.bonnet.slice(1).toReversed(), y - glass - 70), across, p.height + far);
      const lampTop = glass + 70 + hood + 16;
      const lip = (p.bonnet[1] as Point)[1];
      // Lamps and grille stand about as high as they are drawn; the bumper fills what is left to the ground clearance.
      const z =
        y < lampTop + 190
          ? lip + 50 - (y - lampTop) * 0.9
          : lip - 110 - ((y - lampTop - 170) / 450) * (lip - 110 - p.sill[0] - 20);
      return { from: [-far, across, z], along: [1, 0, 0] };
    }
    case 'rear': {
      const glass = Math.max(run(p.tail.slice(0, p.rearGlassBase + 1)), 380);
      const tail = p.tail.slice(p.lidFrom ?? p.rearGlassBase);
      if (y <= glass) return level(walk(p.tail.slice(0, p.rearGlassBase + 1), y), across, p.length + far, -1);
      const lid = Math.max(run(tail), p.bed ? 520 : 640);
      const last = p.tail[p.tail.length - 1] as Point;
      if (y <= glass + 24 + lid) {
        const at = walk(tail, ((y - glass - 24) / lid) * run(tail));
        const isLevel = at[1] > (tail[0] as Point)[1] - 60 && p.rearLid === 'bootlid';
        return isLevel ? fromAbove(at, across, p.height + far) : level(at, across, p.length + far, -1);
      }
      const share = (y - box.y) / box.height;
      return {
        from: [p.length + far, across, last[1] + 40 - share * (last[1] + 20 - p.sill[0])],
        along: [-1, 0, 0],
      };
    }
  }
}

const fromAbove = (at: Point, across: number, z: number): Ray => ({
  from: [at[0], across, z],
  along: [0, 0, -1],
});
const level = (at: Point, across: number, x: number, along: number): Ray => ({
  from: [x, across, at[1]],
  along: [along, 0, 0],
});

function run(points: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < points.length; i++) sum += gap(points[i - 1] as Point, points[i] as Point);
  return sum;
}

const gap = (a: Point, b: Point) => Math.hypot(b[0] - a[0], b[1] - a[1]);

/** The place so far along a polyline. */
function walk(points: readonly Point[], distance: number): Point {
  let left = distance;
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1] as Point, points[i] as Point];
    const step = gap(a, b);
    if (left <= step || i === points.length - 1) {
      const t = Math.min(1, left / step);
      return [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
    }
    left -= step;
  }
  return points[points.length - 1] as Point;
}
