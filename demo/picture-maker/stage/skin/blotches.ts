import * as THREE from 'three';
import { rugged } from '../damage/noise';

let made: THREE.DataTexture | undefined;

/** Cloudy noise, tileable: red slow, green fine. Dirt gathers by it. */
export function blotchTexture(): THREE.DataTexture {
  if (made) return made;
  const size = 256;
  const data = new Uint8Array(size * size * 4);
  const tiled = (x: number, y: number, per: number, seed: number) => {
    // Blended over the edge so that opposite edges meet.
    const [u, v] = [x / size, y / size];
    const at = (dx: number, dy: number) => rugged((u + dx) * per, (v + dy) * per, seed, 4);
    const top = at(0, 0) * (1 - u) + at(-1, 0) * u;
    const low = at(0, -1) * (1 - u) + at(-1, -1) * u;
    return top * (1 - v) + low * v;
  };
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++)
      data.set([tiled(x, y, 7, 3) * 255, tiled(x, y, 60, 9) * 255, 0, 255], (y * size + x) * 4);
  made = new THREE.DataTexture(data, size, size);
  made.wrapS = THREE.RepeatWrapping;
  made.wrapT = THREE.RepeatWrapping;
  made.minFilter = THREE.LinearFilter;
  made.magFilter = THREE.LinearFilter;
  made.needsUpdate = true;
  return made;
}
