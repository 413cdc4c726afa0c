import * as THREE from 'three';
import { noise } from '../damage/noise';
import { rubber } from './wheel';

export interface TreadDepths {
  outerMm: number;
  centreMm: number;
  innerMm: number;
}

/** Depth of a new tyre's main grooves; wear is measured from there. */
const NEW_MM = 8;
/** Where the three thirds are read: their middles, as a share of the tread's half width. */
const THIRDS = { inner: -0.66, centre: 0, outer: 0.66 } as const;

const smooth = (t: number) => t * t * (3 - 2 * t);

/** How deep the pattern is cut at a place when new: a share of the main grooves' depth. */
function cut(angleMm: number, share: number): number {
  const main = [-0.53, -0.17, 0.17, 0.53].some((g) => Math.abs(share - g) < 0.052);
  if (main) return 1;
  const rib = Math.floor((share + 0.53) / 0.353);
  const slope = [0.55, -0.34, 0.3, -0.34, 0.55][rib + 1] ?? 0.4;
  const pitch = rib === 0 || rib === 2 ? 26 : 33;
  const along = angleMm + slope * share * 90 + rib * 11;
  const place = ((along % pitch) + pitch) % pitch;
  if (Math.abs(share) > 0.58 && place < 4.2) return 0.85;
  if (rib !== 1 && Math.abs(share) < 0.53 && place < 2.6 && Math.abs(share) > 0.24) return 0.75;
  // Sipes: thin cuts across the blocks.
  return Math.abs(place - pitch * 0.55) < 0.7 ? 0.6 : 0;
}

/** Height of the blocks over the groove floors, across the tread: what is left. */
export function leftAt({ outerMm, centreMm, innerMm }: TreadDepths, share: number): number {
  const t = Math.min(1, Math.abs(share) / THIRDS.outer);
  return centreMm + ((share > 0 ? outerMm : innerMm) - centreMm) * smooth(t);
}

/** A stretch of tread as a finely divided sheet round the axle (the scene's Z, outside towards +Z). */
export function makeTread(tyreRadius: number, width: number, depths: TreadDepths): THREE.Mesh {
  const across = 300;
  const around = 1500;
  const from = -0.75;
  const to = 1.85;
  const floor = tyreRadius - NEW_MM;
  const positions = new Float32Array((across + 1) * (around + 1) * 3);
  const uv = new Float32Array((across + 1) * (around + 1) * 2);
  let n = 0;
  for (let i = 0; i <= around; i++) {
    const angle = from + ((to - from) * i) / around;
    for (let j = 0; j <= across; j++) {
      const share = (j / across) * 2 - 1;
      const left = leftAt(depths, share);
      const shoulder = Math.max(0, Math.abs(share) - 0.8) / 0.2;
      const rough = 0.25 * (noise(angle * tyreRadius * 0.8, share * 80, 5) - 0.5);
      const height = Math.min(left, NEW_MM * (1 - cut(angle * tyreRadius, share)));
      const r = floor + height + rough - 15 * shoulder ** 2.2;
      positions.set([Math.cos(angle) * r, Math.sin(angle) * r, (share * width) / 2], n * 3);
      uv.set([angle * 2.2, share * 0.5], n * 2);
      n++;
    }
  }
  const index: number[] = [];
  for (let i = 0; i < around; i++)
    for (let j = 0; j < across; j++) {
      const a = i * (across + 1) + j;
      index.push(a, a + across + 1, a + 1, a + 1, a + across + 1, a + across + 2);
    }
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute('position', new THREE.BufferAttribute(positions, 3));
  geometry.setAttribute('uv', new THREE.BufferAttribute(uv, 2));
  geometry.setIndex(index);
  geometry.computeVertexNormals();
  const material = rubber().clone();
  material.side = THREE.DoubleSide;
  const mesh = new THREE.Mesh(geometry, material);
  mesh.castShadow = true;
  mesh.receiveShadow = true;
  return mesh;
}

/** What a gauge would read in the grooves of each third. */
export function readTread(depths: TreadDepths): { outer: number; centre: number; inner: number } {
  const read = (share: number) => Math.round(leftAt(depths, share) * 10) / 10;
  return { outer: read(THIRDS.outer), centre: read(THIRDS.centre), inner: read(THIRDS.inner) };
}
