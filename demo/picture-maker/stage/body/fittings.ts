import * as THREE from 'three';
import { rubber } from '../wheel/wheel';
import { onFlank } from './flank';
import { type Shape, strike } from './shape';

export function handles(shape: Shape, hand: 1 | -1, paint: THREE.Material): THREE.Object3D[] {
  const { profile: p } = shape;
  const ends = p.doors.rear ? [p.doors.middle, p.doors.rear] : [p.doors.middle];
  return ends.flatMap((end) => {
    const x = end - 190;
    const z = shape.beltAt(x) - 118;
    const points = [-105, -80, -30, 30, 80, 105].map((along) => {
      const at =
        onFlank(shape, x + along, z, hand) ?? new THREE.Vector3(x + along, z, hand * shape.halfWidth);
      const lift = Math.abs(along) > 100 ? -4 : Math.abs(along) > 70 ? 20 : 34;
      return at.add(new THREE.Vector3(0, 0, hand * lift));
    });
    const bar = new THREE.Mesh(new THREE.TubeGeometry(new THREE.CatmullRomCurve3(points), 48, 12, 14), paint);
    bar.castShadow = true;
    bar.receiveShadow = true;
    const bowl = onFlank(shape, x, z, hand) ?? new THREE.Vector3();
    const shade = new THREE.Mesh(
      new THREE.SphereGeometry(1, 32, 20),
      new THREE.MeshStandardMaterial({ color: '#0d0e0f', roughness: 0.6, envMapIntensity: 0.3 }),
    );
    shade.scale.set(62, 26, 4);
    shade.position.copy(bowl).add(new THREE.Vector3(0, 0, -hand * 0.5));
    return [bar, shade];
  });
}

/** A housing on a short foot, its glass looking back. */
export function mirror(shape: Shape, hand: 1 | -1, paint: THREE.Material): THREE.Object3D[] {
  const { profile: p, halfWidth } = shape;
  const x = p.doors.front + (p.boxy ? 60 : 150);
  const z = shape.beltAt(x) + 95;
  const tall = p.boxy || p.bed ? 1.35 : 1;
  const housing = new THREE.Mesh(new THREE.SphereGeometry(1, 48, 32), paint);
  const at = housing.geometry.getAttribute('position');
  for (let i = 0; i < at.count; i++) {
    // Squared off: blunt behind, full at the sides.
    const [a, b, c] = [at.getX(i), at.getY(i), at.getZ(i)].map((v) => Math.sign(v) * Math.abs(v) ** 0.66) as [
      number,
      number,
      number,
    ];
    at.setXYZ(i, Math.min(a, 0.34), b * (1 - 0.12 * a), c);
  }
  housing.geometry.computeVertexNormals();
  housing.scale.set(112, 68 * tall, 104);
  housing.position.set(x, z, hand * (halfWidth + 64));
  housing.rotation.y = hand * 0.16;
  housing.castShadow = true;
  housing.receiveShadow = true;
  const glass = new THREE.Mesh(
    new THREE.SphereGeometry(1, 32, 20),
    new THREE.MeshStandardMaterial({ color: '#cfd6da', metalness: 1, roughness: 0.03 }),
  );
  glass.scale.set(4, 52 * tall, 84);
  glass.position.set(x + 38, z, hand * (halfWidth + 64));
  glass.rotation.y = hand * 0.16;
  const foot = new THREE.Mesh(
    new THREE.CapsuleGeometry(22, 90, 6, 16),
    new THREE.MeshStandardMaterial({ color: '#131415', roughness: 0.5 }),
  );
  foot.position.set(x + 2, z - 52 * tall, hand * (halfWidth - 26));
  foot.rotation.x = Math.PI / 2 - hand * 0.4;
  foot.castShadow = true;
  return [housing, glass, foot];
}

export function flapGap(shape: Shape, hand: 1 | -1): THREE.Mesh {
  const { profile: p } = shape;
  const cx = p.rearAxle + 130;
  const cz = shape.beltAt(cx) - 190;
  const points = Array.from({ length: 40 }, (_, i) => {
    const a = (i / 40) * Math.PI * 2;
    const power = (v: number) => Math.sign(v) * Math.abs(v) ** 0.5;
    return (
      onFlank(shape, cx + power(Math.cos(a)) * 84, cz + power(Math.sin(a)) * 76, hand) ??
      new THREE.Vector3(cx, cz, hand * shape.halfWidth)
    );
  });
  return new THREE.Mesh(
    new THREE.TubeGeometry(new THREE.CatmullRomCurve3(points, true), 120, 2.6, 6, true),
    new THREE.MeshStandardMaterial({ color: '#0b0b0c', roughness: 0.95, envMapIntensity: 0.15 }),
  );
}

export function roofRails(shape: Shape): THREE.Mesh[] {
  const { profile: p } = shape;
  const [from] = p.roof[2] as readonly [number, number];
  const [to] = p.roof[p.roof.length - 1] as readonly [number, number];
  return [1, -1].map((hand) => {
    const y = hand * (shape.halfWidth - 300);
    const points = Array.from({ length: 12 }, (_, i) => {
      const x = from + 220 + ((to - from - 420) * i) / 11;
      const hit = strike(shape, [x, y, p.height + 400], [0, 0, -1]);
      const lift = i === 0 || i === 11 ? 0 : 38;
      return new THREE.Vector3(x, (hit?.[2] ?? p.height) + lift, y);
    });
    const rail = new THREE.Mesh(
      new THREE.TubeGeometry(new THREE.CatmullRomCurve3(points), 90, 13, 12),
      new THREE.MeshStandardMaterial({ color: '#1b1d1f', roughness: 0.4, metalness: 0.3 }),
    );
    rail.castShadow = true;
    return rail;
  });
}

export function aerial(shape: Shape): THREE.Mesh[] {
  const { profile: p } = shape;
  if (p.softTop) return [];
  const [end] = p.roof[p.roof.length - 1] as readonly [number, number];
  const x = end - 170;
  const hit = strike(shape, [x, 0, p.height + 400], [0, 0, -1]);
  const mast = new THREE.Mesh(new THREE.CylinderGeometry(2.2, 4, 190, 10), rubber());
  mast.position.set(x + 40, (hit?.[2] ?? p.height) + 84, 0);
  mast.rotation.z = -0.72;
  mast.castShadow = true;
  const foot = new THREE.Mesh(new THREE.SphereGeometry(1, 24, 16), rubber());
  foot.scale.set(40, 16, 16);
  foot.position.set(x, hit?.[2] ?? p.height, 0);
  return [mast, foot];
}
