import * as THREE from 'three';
import { seeded } from '../../random';

/** Millimetres one repeat of the texture spans. */
export const FLAKE_SPAN = 90;

let made: THREE.DataTexture | undefined;

/**
 * Fine grain of paint, tileable. Red and green: tilt of the flakes in the base coat; blue: height of the coat's orange peel,
 * a slow swell of a few millimetres' wavelength.
 */
export function flakeTexture(): THREE.DataTexture {
  if (made) return made;
  const size = 512;
  const random = seeded(12);
  const data = new Uint8Array(size * size * 4);
  const swell = peel(size, random);
  for (let i = 0; i < size * size; i++) {
    data[i * 4] = 128 + (random() + random() - 1) * 127;
    data[i * 4 + 1] = 128 + (random() + random() - 1) * 127;
    data[i * 4 + 2] = 128 + 110 * (swell[i] as number);
    data[i * 4 + 3] = 255;
  }
  made = new THREE.DataTexture(data, size, size);
  made.wrapS = THREE.RepeatWrapping;
  made.wrapT = THREE.RepeatWrapping;
  made.generateMipmaps = true;
  made.minFilter = THREE.LinearMipmapLinearFilter;
  made.magFilter = THREE.LinearFilter;
  made.needsUpdate = true;
  return made;
}

/** A sum of waves that fit the tile, so that its edges meet. */
function peel(size: number, random: () => number): Float32Array {
  const waves = Array.from({ length: 36 }, () => {
    const around = random() * Math.PI * 2;
    const count = 10 + random() * 16;
    return {
      u: Math.round(Math.cos(around) * count),
      v: Math.round(Math.sin(around) * count),
      phase: random() * Math.PI * 2,
    };
  });
  const out = new Float32Array(size * size);
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      let sum = 0;
      for (const { u, v, phase } of waves) sum += Math.sin(((u * x + v * y) / size) * Math.PI * 2 + phase);
      out[y * size + x] = sum / 15;
    }
  return out;
}
