import * as THREE from 'three';
import type { Random } from '../random';

/** Where the camera stands and how it is set. Millimetres and degrees in the scene's axes. */
export interface CameraPose {
  eye: readonly [number, number, number];
  target: readonly [number, number, number];
  rollDeg: number;
  /** As on a 36 mm wide frame. */
  focalMm: number;
  /** Diameter of the lens' opening; a phone's is about 2 mm. */
  apertureMm: number;
  /** Distance to what is sharp; the target's, unless told otherwise. */
  focusMm?: number;
  /** How far the aim wanders while the shutter is open, in pixels of the picture. */
  shakePx: number;
}

export interface Frame {
  width: number;
  height: number;
}

export function makeCamera(pose: CameraPose, frame: Frame): THREE.PerspectiveCamera {
  const fov = (2 * Math.atan((36 * frame.height) / frame.width / 2 / pose.focalMm) * 180) / Math.PI;
  const camera = new THREE.PerspectiveCamera(fov, frame.width / frame.height, 12, 320_000);
  camera.position.set(...pose.eye);
  camera.up.set(0, 1, 0);
  camera.lookAt(...pose.target);
  camera.rotateZ((pose.rollDeg * Math.PI) / 180);
  camera.updateMatrixWorld();
  return camera;
}

/** The matrix that takes a place in the scene (millimetres, with a fourth 1) to pixels, before dividing by the third row. */
export function pixelMatrix(camera: THREE.PerspectiveCamera, { width, height }: Frame): number[][] {
  const view = new THREE.Matrix4().multiplyMatrices(camera.projectionMatrix, camera.matrixWorldInverse);
  const e = view.elements;
  const row = (r: number) => [0, 4, 8, 12].map((c) => e[r + c] as number);
  const [x, y, w] = [row(0), row(1), row(3)];
  const mix = (a: number[], share: number, b: number[], other: number) =>
    a.map((value, i) => share * value + other * (b[i] as number));
  return [mix(x, width / 2, w, width / 2), mix(y, -height / 2, w, height / 2), w];
}

/**
 * The camera of one of the many frames a picture is gathered from: its own place in the lens' opening, its own share of the
 * pixel, its own moment of the shake.
 */
export function sampleCamera(
  camera: THREE.PerspectiveCamera,
  pose: CameraPose,
  frame: Frame,
  moment: number,
  random: Random,
): THREE.PerspectiveCamera {
  const made = camera.clone();
  const distance = new THREE.Vector3(...pose.eye).distanceTo(new THREE.Vector3(...pose.target));
  const focus = pose.focusMm ?? distance;
  const around = random() * Math.PI * 2;
  const r = Math.sqrt(random()) * (pose.apertureMm / 2);
  const [dx, dy] = [Math.cos(around) * r, Math.sin(around) * r];
  made.translateX(dx);
  made.translateY(dy);
  made.updateMatrixWorld();
  // A hand's shake is a short bow, not a straight line.
  const t = moment - 0.5;
  const shakeX = pose.shakePx * t + (random() - 0.5);
  const shakeY = pose.shakePx * 0.55 * (t * t * 2 - 0.25) + (random() - 0.5);
  made.updateProjectionMatrix();
  const e = made.projectionMatrix.elements;
  // Moving within the opening must leave the plane in focus where it was.
  e[8] = (e[8] as number) + (-2 * shakeX) / frame.width + ((e[0] as number) * -dx) / focus;
  e[9] = (e[9] as number) + (2 * shakeY) / frame.height + ((e[5] as number) * -dy) / focus;
  made.projectionMatrixInverse.copy(made.projectionMatrix).invert();
  return made;
}
