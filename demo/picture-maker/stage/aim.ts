import * as THREE from 'three';
import type { CameraSet } from '../spec';
import type { CameraPose } from './camera';
import type { SpotFrame } from './damage/makePatch';

const triple = (v: THREE.Vector3): [number, number, number] => [v.x, v.y, v.z];

function pose(eye: THREE.Vector3, target: THREE.Vector3, camera: CameraSet): CameraPose {
  return {
    eye: triple(eye),
    target: triple(target),
    rollDeg: camera.rollDeg,
    focalMm: camera.focalMm,
    apertureMm: camera.apertureMm,
    focusMm: eye.distanceTo(target) + camera.focusOffMm,
    shakePx: camera.shakePx,
  };
}

/** Stands before a place on a surface, so far off, to the right by `swingDeg` and above by `liftDeg`. */
export function standBefore(
  frame: SpotFrame,
  camera: CameraSet,
  at: { distanceMm: number; swingDeg: number; liftDeg: number; aim?: readonly [number, number] },
): CameraPose {
  const [swing, lift] = [(at.swingDeg * Math.PI) / 180, (at.liftDeg * Math.PI) / 180];
  const way = frame.out
    .clone()
    .multiplyScalar(Math.cos(swing) * Math.cos(lift))
    .addScaledVector(frame.right, Math.sin(swing) * Math.cos(lift))
    .addScaledVector(frame.up, Math.sin(lift));
  const [right, up] = at.aim ?? [0, 0];
  const target = frame.at.clone().addScaledVector(frame.right, right).addScaledVector(frame.up, up);
  const eye = target.clone().addScaledVector(way, at.distanceMm);
  // Nobody holds a phone in the ground.
  eye.y = Math.max(eye.y, 140);
  return pose(eye, target, camera);
}

/** Walks round a car and looks at its middle. */
export function standRound(
  middle: THREE.Vector3,
  camera: CameraSet,
  at: { azimuthDeg: number; heightMm: number; distanceMm: number },
): CameraPose {
  const a = (at.azimuthDeg * Math.PI) / 180;
  const eye = new THREE.Vector3(
    middle.x - Math.cos(a) * at.distanceMm,
    at.heightMm,
    middle.z + Math.sin(a) * at.distanceMm,
  );
  return pose(eye, middle, camera);
}
