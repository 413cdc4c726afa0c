import * as THREE from 'three';
import { seeded } from './random';

/** Metallic paint under clear coat: fine flake in the base, a hard smooth coat that mirrors the yard. */
export function carPaint(
  colour: string,
  more: THREE.MeshPhysicalMaterialParameters = {},
): THREE.MeshPhysicalMaterial {
  return new THREE.MeshPhysicalMaterial({
    color: colour,
    metalness: 0.4,
    roughness: 0.42,
    clearcoat: 1,
    clearcoatRoughness: 0.035,
    normalMap: flake(),
    normalScale: new THREE.Vector2(0.16, 0.16),
    envMapIntensity: 1.35,
    ...more,
  });
}

let flakes: THREE.DataTexture | undefined;

function flake(): THREE.DataTexture {
  if (flakes) return flakes;
  const size = 512;
  const random = seeded(12);
  const data = new Uint8Array(size * size * 4);
  for (let i = 0; i < data.length; i += 4) {
    data[i] = 128 + (random() - 0.5) * 190;
    data[i + 1] = 128 + (random() - 0.5) * 190;
    data[i + 2] = 235;
    data[i + 3] = 255;
  }
  flakes = new THREE.DataTexture(data, size, size);
  flakes.wrapS = THREE.RepeatWrapping;
  flakes.wrapT = THREE.RepeatWrapping;
  flakes.repeat.set(9, 9);
  flakes.generateMipmaps = true;
  flakes.minFilter = THREE.LinearMipmapLinearFilter;
  flakes.magFilter = THREE.LinearFilter;
  flakes.needsUpdate = true;
  return flakes;
}
