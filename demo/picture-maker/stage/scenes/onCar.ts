import * as THREE from 'three';
import type { Picture } from '../../spec';
import { standBefore, standRound } from '../aim';
import { makeCar, shapeOf } from '../body/car';
import { outward, type Shape, strike } from '../body/shape';
import { spotFrame } from '../body/spotFrame';
import { wipesOff } from '../damage/kinds';
import { makePatch, type SpotFrame } from '../damage/makePatch';
import { placeScale } from '../scale/scaleObject';
import { nothing, type Of, type Scene } from './scene';

export function wholeCar(picture: Picture, view: Of<'car'>): Scene {
  const { profile: p } = shapeOf(picture.car.style);
  const middle = new THREE.Vector3(p.length / 2, p.height * 0.42, 0);
  return {
    ...nothing,
    subject: makeCar(picture.car),
    pose: standRound(middle, picture.camera, view),
    plane: {
      at: new THREE.Vector3(p.length / 2, 0, 0),
      right: new THREE.Vector3(1, 0, 0),
      up: new THREE.Vector3(0, 0, -1),
      out: new THREE.Vector3(0, 1, 0),
    },
    reach: p.length * 0.72,
  };
}

/** The place on the metal behind a place in the frame's plane. */
function ontoSurface(shape: Shape, frame: SpotFrame, right: number, up: number): THREE.Vector3 {
  const from = frame.at
    .clone()
    .addScaledVector(frame.right, right)
    .addScaledVector(frame.up, up)
    .addScaledVector(frame.out, 70);
  const { x, y, z } = frame.out;
  const hit = strike(shape, [from.x, from.z, from.y], [-x, -z, -y]);
  return hit ? new THREE.Vector3(hit[0], hit[2], hit[1]) : from.addScaledVector(frame.out, -70);
}

export function onSpot(picture: Picture, view: Of<'spot'>): Scene {
  const { car, seed } = picture;
  const shape = shapeOf(car.style);
  const frame = spotFrame(car.style, shape, view.part, view.spot);
  const made =
    view.mark &&
    makePatch(view.mark, frame, { paint: car.paint.colour, ground: view.ground ?? 'steel', seed });
  const subject = new THREE.Group();
  subject.add(makeCar(car, made ? { patch: made.patch } : {}));
  let scale: Scene['scale'] = null;
  if (view.scale) {
    const own = beside(shape, frame, ontoSurface(shape, frame, ...view.scale.offset));
    scale = { ...placeScale(view.scale, own), kind: view.scale.kind };
    subject.add(scale.object);
  }
  return {
    ...nothing,
    subject,
    pose: standBefore(frame, picture.camera, view),
    plane: frame,
    part: view.part,
    spot: view.spot,
    mark:
      view.mark && made
        ? { kind: view.mark.kind, isDirt: wipesOff.has(view.mark.kind), extent: made.extent }
        : null,
    area: made ? boxAround(shape, frame, made.patch.halfWidthMm, made.patch.halfHeightMm) : [],
    scale,
    reach: Math.min(2600, Math.max(260, view.distanceMm * 0.9)),
  };
}

/** The frame of another place on the panel, turned the same way. */
function beside(shape: Shape, frame: SpotFrame, at: THREE.Vector3): SpotFrame {
  const [x, y, z] = outward(shape, at.x, at.z, at.y, 8);
  const out = new THREE.Vector3(x, z, y);
  const up = frame.up.clone().addScaledVector(out, -frame.up.dot(out)).normalize();
  return { at, right: new THREE.Vector3().crossVectors(up, out), up, out };
}

function boxAround(shape: Shape, frame: SpotFrame, halfWidth: number, halfHeight: number): THREE.Vector3[] {
  const corners = [
    [-1, -1],
    [0, -1],
    [1, -1],
    [1, 0],
    [1, 1],
    [0, 1],
    [-1, 1],
    [-1, 0],
  ] as const;
  return corners.map(([a, b]) => ontoSurface(shape, frame, a * halfWidth, b * halfHeight));
}
