import * as THREE from 'three';
import type { Random } from '../../random';
import { grain } from '../light/yard';
import { makeRim } from './rim';
import { turned } from './turned';
import type { WheelLook } from './wheelLook';

let shared: THREE.MeshStandardMaterial | undefined;

export function rubber(): THREE.MeshStandardMaterial {
  if (!shared) {
    const map = grain(512, 66, 22, 8);
    map.repeat.set(24, 4);
    shared = new THREE.MeshStandardMaterial({
      color: '#8c8b89',
      map,
      bumpMap: map,
      bumpScale: 0.25,
      roughness: 0.86,
      envMapIntensity: 0.7,
    });
  }
  return shared;
}

/** A wheel with its tyre, outside towards +Z, centred on the axle. */
export function makeWheel(look: WheelLook, random: Random): THREE.Group {
  const group = new THREE.Group();
  group.add(tyre(look), makeRim(look, random), brake(look));
  return group;
}

function tyre({ tyreRadius: R, rimRadius: r, width }: WheelLook): THREE.Group {
  const h = width / 2;
  const wall = R - r;
  const group = new THREE.Group();
  const profile: (readonly [number, number])[] = [
    [r - 6, h - 20],
    [r + 4, h - 7],
    [r + 14, h - 1],
    [r + wall * 0.3, h + 5],
    [r + wall * 0.45, h + 6.5],
    [r + wall * 0.47, h + 8],
    [r + wall * 0.5, h + 6.5],
    [r + wall * 0.72, h + 2],
    [R - 14, h - 9],
    [R - 6, h - 17],
    [R - 1.5, h - 28],
    [R, h - 40],
  ];
  // The main grooves round the tread, and the wall on the far side.
  for (const groove of [0.52, 0.18, -0.18, -0.52]) {
    const at = groove * (h - 40);
    profile.push([R, at + 5], [R - 7, at + 4], [R - 7, at - 4], [R, at - 5]);
  }
  profile.push([R, -h + 40], [R - 8, -h + 14], [r + wall * 0.4, -h - 6], [r - 6, -h + 20]);
  group.add(turned(profile, rubber(), 160));
  group.add(...shoulderBlocks(R, h), lettering(r + wall * 0.24, r + wall * 0.44, h + 4.2));
  return group;
}

/** Blocks along the shoulder, which make the tread's edge from the side. */
function shoulderBlocks(R: number, h: number): THREE.Object3D[] {
  const count = 70;
  const block = new THREE.BoxGeometry(3, ((2 * Math.PI * R) / count) * 0.24, 12);
  const mesh = new THREE.InstancedMesh(
    block,
    new THREE.MeshStandardMaterial({ color: '#08080a', roughness: 1, envMapIntensity: 0.2 }),
    count * 2,
  );
  const place = new THREE.Object3D();
  for (let i = 0; i < count; i++)
    for (const side of [0, 1]) {
      const a = ((i + side * 0.5) / count) * Math.PI * 2;
      const r = R - 4.2;
      place.position.set(Math.cos(a) * r, Math.sin(a) * r, side ? -h + 24 : h - 24);
      place.rotation.set(0, 0, a);
      place.rotateY(side ? -0.6 : 0.6);
      place.updateMatrix();
      mesh.setMatrixAt(i * 2 + side, place.matrix);
    }
  return [mesh];
}

/** Raised figures on the side wall: sizes only, no maker. */
function lettering(inner: number, outer: number, out: number): THREE.Mesh {
  const canvas = document.createElement('canvas');
  canvas.width = 2048;
  canvas.height = 2048;
  const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
  pen.translate(1024, 1024);
  const per = 1024 / outer;
  pen.fillStyle = '#3a3a3b';
  pen.font = `bold ${Math.round((outer - inner) * 0.5 * per)}px sans-serif`;
  pen.textAlign = 'center';
  const words = ['205/55 R16  91V', 'TUBELESS', '205/55 R16  91V', 'RADIAL'];
  words.forEach((word, n) => {
    pen.save();
    pen.rotate((n * Math.PI) / 2 + 0.5);
    [...word].forEach((letter, i) => {
      pen.save();
      pen.rotate((i - word.length / 2) * 0.045);
      pen.fillText(letter, 0, -((inner + outer) / 2 - (outer - inner) * 0.2) * per);
      pen.restore();
    });
    pen.restore();
  });
  const map = new THREE.CanvasTexture(canvas);
  map.colorSpace = THREE.SRGBColorSpace;
  const mesh = new THREE.Mesh(
    new THREE.RingGeometry(inner, outer, 96, 1),
    new THREE.MeshStandardMaterial({
      map,
      transparent: true,
      roughness: 0.8,
      depthWrite: false,
      envMapIntensity: 0.6,
    }),
  );
  const uv = mesh.geometry.getAttribute('uv');
  const at = mesh.geometry.getAttribute('position');
  for (let i = 0; i < uv.count; i++)
    uv.setXY(i, 0.5 + at.getX(i) / (2 * outer), 0.5 + at.getY(i) / (2 * outer));
  mesh.position.z = out;
  mesh.receiveShadow = true;
  return mesh;
}

/** The disc and what is dark behind the spokes. */
function brake({ rimRadius: r, width }: WheelLook): THREE.Group {
  const group = new THREE.Group();
  const steel = new THREE.MeshStandardMaterial({ color: '#6a6764', metalness: 0.85, roughness: 0.46 });
  const cast = new THREE.MeshStandardMaterial({
    color: '#24221f',
    metalness: 0.1,
    roughness: 0.9,
    envMapIntensity: 0.3,
  });
  const disc = turned(
    [
      [r * 0.3, -12],
      [r * 0.34, 2],
      [r * 0.36, -6],
      [r * 0.7, -6],
      [r * 0.7, -26],
    ],
    steel,
    96,
  );
  const caliper = new THREE.Mesh(new THREE.BoxGeometry(r * 0.24, r * 0.56, 60), cast);
  caliper.position.set(r * 0.6, r * 0.12, -14);
  caliper.castShadow = true;
  const behind = new THREE.Mesh(
    new THREE.CircleGeometry(r + 8, 64),
    new THREE.MeshStandardMaterial({ color: '#0a0a0b', roughness: 1, envMapIntensity: 0.05 }),
  );
  behind.position.z = -width / 2 + 30;
  group.add(disc, caliper, behind);
  return group;
}
