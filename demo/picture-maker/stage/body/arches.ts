import * as THREE from 'three';
import { trim } from '../skin/sheet';
import { onFlank } from './flank';
import type { Shape } from './shape';

/** Rolled edges of the arches, painted as the body. */
export function archLips(shape: Shape, hand: 1 | -1, paint: THREE.Material): THREE.Mesh[] {
  const { profile: p, archRadius } = shape;
  return [p.frontAxle, p.rearAxle].map((axle) => {
    const points: THREE.Vector3[] = [];
    for (let deg = -24; deg <= 204; deg += 3) {
      const a = (deg * Math.PI) / 180;
      const z = p.tyreRadius + Math.sin(a) * (archRadius - 2);
      if (z < p.sill[0] + 4) continue;
      const at = onFlank(shape, axle + Math.cos(a) * (archRadius - 2), z, hand);
      if (at) points.push(at.add(new THREE.Vector3(0, 0, -hand * 5)));
    }
    const mesh = new THREE.Mesh(
      new THREE.TubeGeometry(new THREE.CatmullRomCurve3(points), 120, 6.5, 10),
      p.height > 1600 && (p.roofRails || p.bed)
        ? new THREE.MeshStandardMaterial({ color: trim.plastic.colour, roughness: 0.75 })
        : paint,
    );
    mesh.castShadow = true;
    mesh.receiveShadow = true;
    return mesh;
  });
}

/** Dark shells in the wheel arches, closed towards the middle of the car. */
export function liners({ profile: p, archRadius, halfWidth }: Shape, hand: 1 | -1): THREE.Mesh[] {
  const dark = new THREE.MeshStandardMaterial({
    color: '#111112',
    roughness: 0.98,
    side: THREE.DoubleSide,
    envMapIntensity: 0.08,
  });
  return [p.frontAxle, p.rearAxle].flatMap((axle) => {
    // From a little below the axle, over the top, to the same height behind.
    const shell = new THREE.Mesh(
      new THREE.CylinderGeometry(
        archRadius + 3,
        archRadius + 3,
        330,
        64,
        1,
        true,
        Math.PI / 2 - 0.2,
        Math.PI + 0.4,
      ),
      dark,
    );
    shell.rotation.x = Math.PI / 2;
    shell.position.set(axle, p.tyreRadius, hand * (halfWidth - 196));
    const wall = new THREE.Mesh(new THREE.CircleGeometry(archRadius + 3, 48, -0.2, Math.PI + 0.4), dark);
    wall.position.set(axle, p.tyreRadius, hand * (halfWidth - 355));
    for (const each of [shell, wall]) {
      each.receiveShadow = true;
      each.castShadow = true;
    }
    return [shell, wall];
  });
}
