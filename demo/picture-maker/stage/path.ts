import * as THREE from 'three';
import type { CameraPose } from './camera';

const vector = (v: readonly [number, number, number]) => new THREE.Vector3(...v);
const triple = (v: THREE.Vector3): [number, number, number] => [v.x, v.y, v.z];
const mix = (a: number, b: number, share: number) => a + (b - a) * share;
/** Sets off and comes to rest softly. */
const eased = (share: number) => share * share * (3 - 2 * share);

/** How far one swings out on the way round a corner, for a quarter of a turn. */
const SWING_OUT_MM = 1100;

/** Where the camera is on the way from one place to the next: round the car, never through it. */
export function onTheWay(from: CameraPose, to: CameraPose, share: number, middle: THREE.Vector3): CameraPose {
  const s = eased(share);
  const [a, b] = [roundOf(from.eye, middle), roundOf(to.eye, middle)];
  const turn = Math.atan2(Math.sin(b.angle - a.angle), Math.cos(b.angle - a.angle));
  const angle = a.angle + turn * s;
  const out = SWING_OUT_MM * Math.min(1, Math.abs(turn) / (Math.PI / 2)) * Math.sin(Math.PI * s);
  const radius = mix(a.radius, b.radius, s) + out;
  const height = mix(from.eye[1], to.eye[1], s);
  const target = vector(from.target).lerp(vector(to.target), s);
  return {
    ...to,
    eye: [middle.x + Math.cos(angle) * radius, height, middle.z + Math.sin(angle) * radius],
    target: triple(target),
    rollDeg: mix(from.rollDeg, to.rollDeg, s),
    focusMm: mix(from.focusMm ?? 1000, to.focusMm ?? 1000, s),
  };
}

const roundOf = ([x, , z]: CameraPose['eye'], middle: THREE.Vector3) => ({
  angle: Math.atan2(z - middle.z, x - middle.x),
  radius: Math.hypot(x - middle.x, z - middle.z),
});

/** A hand that holds a phone and breathes: the picture wanders by some pixels, slowly. */
export const swayPx = (atS: number): readonly [right: number, down: number] => [
  11 * Math.sin(atS * 1.3) + 6 * Math.sin(atS * 2.9),
  8 * Math.sin(atS * 1.9 + 1) + 4 * Math.sin(atS * 3.7),
];

/** How far what is in the middle moves between two frames, in pixels. */
export function movedPx(before: CameraPose, now: CameraPose, widthPx: number): number {
  const look = (pose: CameraPose) => vector(pose.target).sub(vector(pose.eye));
  const turned = look(before).angleTo(look(now));
  const stepped = vector(now.eye).distanceTo(vector(before.eye)) / look(now).length();
  return (turned + stepped) * ((widthPx * now.focalMm) / 36);
}
