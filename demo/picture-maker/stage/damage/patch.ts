import type * as THREE from 'three';

/** A piece of surface on which something is to be seen, laid over the skin. */
export interface Patch {
  /** Colour with its cover as alpha, linear in what the light meets. */
  colour: THREE.Texture;
  /** Roughness, metalness, share of coat left, roughness of the coat. */
  finish: THREE.Texture;
  /** Millimetres outwards. */
  height: THREE.Texture;
  /** From the body's millimetres to the patch's own: x along, y up the panel, z out of it. */
  toPatch: THREE.Matrix4;
  halfWidthMm: number;
  halfHeightMm: number;
  /** How far off the patch's plane the panel may lie. */
  reachMm: number;
}
