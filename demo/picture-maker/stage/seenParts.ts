import * as THREE from 'three';
import { type PartId, styleOf } from '../../../src/core/car';
import { shapeOf, type WheelPosition, wheelPlace } from './body/car';
import type { StyleId } from './body/shape';
import { spotFrame } from './body/spotFrame';

interface Place {
  part: PartId;
  at: THREE.Vector3;
  out: THREE.Vector3;
}

const steps = [0.15, 0.5, 0.85];

/** Places spread over every part of the outside, with the way they face. */
export function placesOn(style: StyleId): Place[] {
  const shape = shapeOf(style);
  return [...styleOf({ bodyStyle: style, extras: [] }).parts.values()].flatMap(({ id, face }) => {
    if (!face || face === 'cabin' || face === 'boot' || face === 'engine' || face === 'under') return [];
    const wheel = /^(?:wheel|tyre)-(fl|fr|rl|rr)$/.exec(id)?.[1];
    if (wheel) {
      const { centre, width, hand } = wheelPlace(shape, wheel as WheelPosition);
      const out = new THREE.Vector3(0, 0, hand);
      return [{ part: id, at: centre.clone().addScaledVector(out, width / 2), out }];
    }
    return steps.flatMap((u) => steps.flatMap((v) => placeAt(style, id, u, v)));
  });
}

/** Nothing where the drawing has room that the metal has not. */
function placeAt(style: StyleId, part: PartId, u: number, v: number): Place[] {
  try {
    const { at, out } = spotFrame(style, shapeOf(style), part, { u, v });
    return [{ part, at, out }];
  } catch {
    return [];
  }
}

/** Less than this much turned to the camera (cosine), a place is seen along its edge. */
const TURNED_TO = 0.15;
/** So near the edge of what is rendered, of half its width and height, nothing counts: the film sways within it. */
const RIM = 0.07;

/** Parts of which some place is in the frame and turned to the camera. */
export function seenParts(places: readonly Place[], camera: THREE.PerspectiveCamera): PartId[] {
  const seen = new Set<PartId>();
  const eye = camera.position;
  for (const { part, at, out } of places) {
    if (seen.has(part)) continue;
    const way = eye.clone().sub(at).normalize();
    if (way.dot(out) < TURNED_TO) continue;
    const on = at.clone().project(camera);
    const within = (value: number) => Math.abs(value) < 1 - RIM;
    if (within(on.x) && within(on.y) && on.z < 1) seen.add(part);
  }
  return [...seen];
}
