import * as THREE from 'three';

/** A body of revolution about the axle, which is the scene's Z; profile as radius and distance outwards. */
export function turned(
  profile: readonly (readonly [radius: number, out: number])[],
  material: THREE.Material,
  segments = 128,
): THREE.Mesh {
  material.side = THREE.DoubleSide;
  const mesh = new THREE.Mesh(
    new THREE.LatheGeometry(
      profile.map(([r, out]) => new THREE.Vector2(r, out)),
      segments,
    ),
    material,
  );
  mesh.rotation.x = Math.PI / 2;
  mesh.castShadow = true;
  mesh.receiveShadow = true;
  return mesh;
}
