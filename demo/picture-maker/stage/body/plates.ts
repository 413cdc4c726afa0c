import * as THREE from 'three';
import { outward, type Shape, strike } from './shape';

/** Invented numbers on a plain plate: no country, no emblem. */
export function plates(shape: Shape, text: string): THREE.Mesh[] {
  const canvas = document.createElement('canvas');
  canvas.width = 1024;
  canvas.height = 220;
  const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
  pen.fillStyle = '#eceae2';
  pen.fillRect(0, 0, 1024, 220);
  pen.strokeStyle = '#16181a';
  pen.lineWidth = 8;
  pen.strokeRect(10, 10, 1004, 200);
  pen.fillStyle = '#16181a';
  pen.font = 'bold 158px "Liberation Sans", "DejaVu Sans", sans-serif';
  pen.textAlign = 'center';
  pen.fillText(text, 512, 166, 940);
  const map = new THREE.CanvasTexture(canvas);
  map.colorSpace = THREE.SRGBColorSpace;
  const { profile: p } = shape;
  const last = p.tail[p.tail.length - 1] as readonly [number, number];
  const heights = [p.sill[0] + 268, last[1] + 76] as const;
  return heights.map((z, end) => {
    const from: [number, number, number] = end === 0 ? [-300, 0, z] : [p.length + 300, 0, z];
    const hit = strike(shape, from, [end === 0 ? 1 : -1, 0, 0]) ?? [end === 0 ? 0 : p.length, 0, z];
    const n = outward(shape, ...hit);
    const mesh = new THREE.Mesh(
      new THREE.BoxGeometry(520, 111, 5),
      new THREE.MeshStandardMaterial({ map, roughness: 0.42 }),
    );
    mesh.position.set(hit[0] + (end === 0 ? -9 : 9), z, 0);
    mesh.rotation.order = 'YXZ';
    mesh.rotation.y = end === 0 ? -Math.PI / 2 : Math.PI / 2;
    mesh.rotation.x = -Math.asin(Math.max(-0.5, Math.min(0.5, n[2])));
    mesh.castShadow = true;
    mesh.receiveShadow = true;
    return mesh;
  });
}
