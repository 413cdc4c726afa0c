import * as THREE from 'three';
import { profiles } from '../../../src/core/car/styles/profiles';
import { carPaint } from './paint';
import { seeded } from './random';
import { makeWheel } from './wheel';

const p = profiles['hatch-5'];
const STATIONS = 760;
const RING = 220;
const arch = (p.tyreRadius + 40) / 1000;

type Pair = readonly [number, number];

/** Height of a polyline at x, by straight pieces. */
function at(points: readonly Pair[], x: number): number {
  for (let i = 1; i < points.length; i++) {
    const [x0, y0] = points[i - 1] as Pair;
    const [x1, y1] = points[i] as Pair;
    if (x <= x1) return y0 + ((y1 - y0) * Math.max(0, x - x0)) / (x1 - x0 || 1);
  }
  return (points.at(-1) as Pair)[1];
}

function smooth(points: readonly Pair[]): Pair[] {
  const line = new THREE.SplineCurve(points.map(([x, y]) => new THREE.Vector2(x, y)));
  return line.getPoints(200).map((q): Pair => [q.x, q.y]);
}

const upper = smooth([[0, 480], ...p.bonnet, ...p.roof.slice(1), ...p.tail.slice(1), [p.length, 480]]);
const cowl = p.roof[0] as Pair;
const glassEnd = p.tail[p.rearGlassBase] as Pair;

/** Half the car's width at a station. */
const halfWidth = (x: number) => {
  const nose = Math.min(1, Math.max(0, x / 520));
  const tail = Math.min(1, Math.max(0, (p.length - x) / 420));
  return (
    (p.width / 2) *
    (0.72 + 0.28 * Math.sqrt(1 - (1 - nose) ** 2)) *
    (0.8 + 0.2 * Math.sqrt(1 - (1 - tail) ** 2))
  );
};

const beltAt = (x: number) => p.belt[0] + ((p.belt[1] - p.belt[0]) * (x - cowl[0])) / (p.glassEnd - cowl[0]);

/** A cross-section from the sill over the roof to the other sill: height and half-width pairs. */
function section(x: number): Pair[] {
  const top = at(upper, x);
  const low = p.sill[0] + 20;
  const w = halfWidth(x);
  const shoulder = Math.min(top - 30, beltAt(x) - 20);
  const hasCabin = x > cowl[0] && x < glassEnd[0] && top > beltAt(x) + 40;
  const side: Pair[] = [
    [low, w * 0.955],
    [low + (shoulder - low) * 0.3, w * 0.99],
    [low + (shoulder - low) * 0.62, w],
    [shoulder - 40, w * 0.985],
    [shoulder, w * 0.955],
  ];
  const crown: Pair[] = hasCabin
    ? [
        [shoulder + 26, w * 0.93],
        [shoulder + (top - shoulder) * 0.55, w * 0.83],
        [top - 70, w * 0.74],
        [top - 18, w * 0.6],
        [top, w * 0.3],
        [top + 4, 0],
      ]
    : [
        [shoulder + (top - shoulder) * 0.5, w * 0.9],
        [top - 12, w * 0.74],
        [top, w * 0.45],
        [top + 8, w * 0.2],
        [top + 10, 0],
      ];
  return new THREE.SplineCurve([...side, ...crown].map(([z, y]) => new THREE.Vector2(z, y)))
    .getSpacedPoints(RING / 2)
    .map((q): Pair => [q.x, Math.max(0, q.y)]);
}

/** Which skin a point of the body wears. */
function skinAt(x: number, z: number, half: number): 'paint' | 'glass' | 'dark' | 'lamp' | 'tail' {
  const top = at(upper, x);
  const inArch = [p.frontAxle, p.rearAxle].some(
    (axle) => Math.hypot(x - axle, z - p.tyreRadius) < arch * 1000,
  );
  if (inArch && half > 0.8) return 'dark';
  if (z < p.sill[0] + 60) return 'dark';
  const belt = beltAt(x);
  if (x > cowl[0] + 60 && x < glassEnd[0] - 20 && z > belt + 20 && half > 0.55 && z < top - 62) {
    const pillar = Math.abs(x - p.doors.middle) < 32 || x > p.glassEnd - 10 || z < belt + 34;
    return pillar ? 'dark' : 'glass';
  }
  if (x > cowl[0] + 10 && x < (p.roof[2] as Pair)[0] - 20 && half <= 0.7 && z > cowl[1]) return 'glass';
  const roofEnd = p.roof.at(-1) as Pair;
  if (x > roofEnd[0] + 50 && x < glassEnd[0] && half <= 0.68) return 'glass';
  if (x < 330 && z > 600 && z < 745 && half > 0.5) return 'lamp';
  if (x > p.length - 260 && z > 760 && z < 900 && half > 0.55) return 'tail';
  if (x < 60 && z > 300 && z < 470 && half < 0.62) return 'dark';
  return 'paint';
}

export function makeCar(colour: string): THREE.Group {
  const materials = {
    paint: carPaint(colour, { side: THREE.DoubleSide }),
    glass: new THREE.MeshPhysicalMaterial({
      color: '#10171a',
      roughness: 0.03,
      metalness: 0,
      clearcoat: 1,
      side: THREE.DoubleSide,
    }),
    dark: new THREE.MeshStandardMaterial({ color: '#101112', roughness: 0.8, side: THREE.DoubleSide }),
    lamp: new THREE.MeshPhysicalMaterial({
      color: '#dfe6ea',
      roughness: 0.08,
      metalness: 0.6,
      clearcoat: 1,
      side: THREE.DoubleSide,
    }),
    tail: new THREE.MeshPhysicalMaterial({
      color: '#7a1016',
      roughness: 0.1,
      clearcoat: 1,
      side: THREE.DoubleSide,
    }),
  };
  const names = Object.keys(materials) as (keyof typeof materials)[];
  const group = new THREE.Group();
  for (const hand of [1, -1]) {
    const positions: number[] = [];
    const faces = new Map<keyof typeof materials, number[]>(names.map((name) => [name, []]));
    const rows = Array.from({ length: STATIONS + 1 }, (_, i) => {
      const x = (i / STATIONS) * p.length;
      return { x, points: section(x) };
    });
    for (const { x, points } of rows)
      for (const [z, y] of points) positions.push(x / 1000, z / 1000, (hand * y) / 1000);
    const per = RING / 2 + 1;
    for (let i = 0; i < STATIONS; i++) {
      for (let j = 0; j < per - 1; j++) {
        const row = rows[i] as (typeof rows)[number];
        const [z, y] = row.points[j] as Pair;
        const [z2, y2] = row.points[j + 1] as Pair;
        const skin = skinAt(row.x + p.length / STATIONS / 2, (z + z2) / 2, (y + y2) / 2 / (p.width / 2));
        const a = i * per + j;
        const quad =
          hand > 0
            ? [a, a + per, a + 1, a + 1, a + per, a + per + 1]
            : [a, a + 1, a + per, a + 1, a + per + 1, a + per];
        (faces.get(skin) as number[]).push(...quad);
      }
    }
    closeEnds(rows, hand, positions, faces.get('paint') as number[]);
    const geometry = new THREE.BufferGeometry();
    geometry.setAttribute('position', new THREE.Float32BufferAttribute(positions, 3));
    const index: number[] = [];
    names.forEach((name, n) => {
      const list = faces.get(name) as number[];
      geometry.addGroup(index.length, list.length, n);
      for (const corner of list) index.push(corner);
    });
    geometry.setIndex(index);
    geometry.computeVertexNormals();
    const uv = new Float32Array((positions.length / 3) * 2);
    for (let i = 0; i < positions.length / 3; i++) {
      uv[i * 2] = (positions[i * 3] as number) * 2;
      uv[i * 2 + 1] = (positions[i * 3 + 1] as number) * 2;
    }
    geometry.setAttribute('uv', new THREE.BufferAttribute(uv, 2));
    const mesh = new THREE.Mesh(
      geometry,
      names.map((name) => materials[name]),
    );
    mesh.castShadow = true;
    group.add(mesh);
    group.add(...shutLines(hand), ...wheels(hand), mirror(hand, materials.paint));
  }
  group.add(plate(0.02, 0.56, -Math.PI / 2), plate(p.length / 1000 - 0.005, 0.72, Math.PI / 2));
  group.position.x = -p.length / 2000;
  return group;
}

/** Nose and tail: a fan from the middle of the first and the last cross-section. */
function closeEnds(
  rows: readonly { x: number; points: Pair[] }[],
  hand: number,
  positions: number[],
  paint: number[],
): void {
  for (const [row, bulge] of [
    [0, -18],
    [rows.length - 1, 14],
  ] as const) {
    const { x, points } = rows[row] as { x: number; points: Pair[] };
    const low = (points[0] as Pair)[0];
    const top = (points.at(-1) as Pair)[0];
    const middle = positions.length / 3;
    positions.push((x + bulge) / 1000, (low + top) / 2000, 0);
    const bottom = middle + 1;
    positions.push((x + bulge) / 1000, low / 1000, 0);
    const ring = [bottom, ...points.map((_, j) => row * points.length + j)];
    const outward = hand > 0 === row > 0;
    for (let j = 0; j < ring.length - 1; j++) {
      const [a, b] = [ring[j] as number, ring[j + 1] as number];
      paint.push(middle, ...(outward ? [b, a] : [a, b]));
    }
  }
}

function onSide(x: number, z: number, hand: number): THREE.Vector3 {
  const points = section(x);
  const y = at(points, z);
  return new THREE.Vector3(x / 1000, z / 1000, (hand * (y + 1.5)) / 1000);
}

function shutLines(hand: number): THREE.Mesh[] {
  const black = new THREE.MeshBasicMaterial({ color: '#0a0c0d' });
  const drop = (x: number, from: number, to: number) =>
    Array.from({ length: 16 }, (_, i): Pair => [x, from + ((to - from) * i) / 15]);
  const belt = p.belt[0] + 20;
  const lines: Pair[][] = [
    drop(p.doors.front, belt, p.sill[1]),
    drop(p.doors.middle, belt + 20, p.sill[1]),
    drop(p.doors.rear ?? 3190, belt + 30, 640),
    Array.from(
      { length: 24 },
      (_, i): Pair => [p.doors.front + ((p.rearAxle - 380 - p.doors.front) * i) / 23, p.sill[1]],
    ),
  ];
  return lines.map(
    (line) =>
      new THREE.Mesh(
        new THREE.TubeGeometry(
          new THREE.CatmullRomCurve3(line.map(([x, z]) => onSide(x, z, hand))),
          64,
          0.004,
          6,
        ),
        black,
      ),
  );
}

function wheels(hand: number): THREE.Object3D[] {
  return [p.frontAxle, p.rearAxle].map((axle) => {
    const wheel = makeWheel(undefined, seeded(3));
    wheel.position.set(axle / 1000, p.tyreRadius / 1000, hand * (p.width / 2000 - 0.115));
    if (hand < 0) wheel.rotation.y = Math.PI;
    return wheel;
  });
}

function mirror(hand: number, paint: THREE.Material): THREE.Mesh {
  const mesh = new THREE.Mesh(new THREE.SphereGeometry(0.1, 32, 24), paint);
  mesh.scale.set(0.75, 0.72, 1.05);
  mesh.position.set(1.42, 1.03, hand * (p.width / 2000 + 0.06));
  mesh.castShadow = true;
  return mesh;
}

function plate(x: number, z: number, turn: number): THREE.Mesh {
  const canvas = document.createElement('canvas');
  canvas.width = 512;
  canvas.height = 110;
  const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
  pen.fillStyle = '#f4f2ea';
  pen.fillRect(0, 0, 512, 110);
  pen.fillStyle = '#15181a';
  pen.font = 'bold 84px sans-serif';
  pen.textAlign = 'center';
  pen.fillText('QZ-104-K', 256, 84);
  const map = new THREE.CanvasTexture(canvas);
  map.colorSpace = THREE.SRGBColorSpace;
  const mesh = new THREE.Mesh(
    new THREE.BoxGeometry(0.52, 0.111, 0.012),
    new THREE.MeshStandardMaterial({ map, roughness: 0.5 }),
  );
  mesh.position.set(x, z, 0);
  mesh.rotation.y = turn;
  return mesh;
}
