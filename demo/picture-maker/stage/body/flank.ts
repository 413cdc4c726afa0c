import * as THREE from 'three';
import { type Shape, strike } from './shape';

/** Point on the flank at a place in the side view. */
export function onFlank(shape: Shape, x: number, z: number, hand: 1 | -1): THREE.Vector3 | undefined {
  const hit = strike(shape, [x, hand * (shape.halfWidth + 150), z], [0, -hand, 0]);
  return hit && new THREE.Vector3(hit[0], hit[2], hit[1]);
}
