import * as THREE from 'three';
import { outward, type Shape } from './shape';

/**
 * Meshes the body by surface nets on a grid, then moves every vertex exactly onto the surface and gives it the true normal.
 * Scene axes: X backwards, Y up, Z to the car's left, millimetres.
 */
export function bodyGeometry(shape: Shape, cell: number): THREE.BufferGeometry {
  const { profile: p, halfWidth } = shape;
  const from = [-2 * cell, -halfWidth - 3 * cell, p.sill[0] - 2 * cell] as const;
  const size = [
    Math.ceil((p.length + 4 * cell) / cell),
    Math.ceil((2 * halfWidth + 6 * cell) / cell),
    Math.ceil((p.height + 60 - p.sill[0] + 4 * cell) / cell),
  ] as const;
  const [nx, ny, nz] = size;
  const field = new Float32Array(nx * ny * nz);
  const half = Math.ceil(ny / 2);
  for (let i = 0; i < nx; i++)
    for (let j = 0; j < half; j++)
      for (let k = 0; k < nz; k++) {
        const y = from[1] + ((2 * halfWidth + 6 * cell) / (ny - 1)) * j;
        const d = shape.distance(from[0] + i * cell, y, from[2] + k * cell);
        field[(i * ny + j) * nz + k] = d;
        field[(i * ny + (ny - 1 - j)) * nz + k] = d;
      }
  const stepY = (2 * halfWidth + 6 * cell) / (ny - 1);
  const index = new Int32Array(nx * ny * nz).fill(-1);
  const positions: number[] = [];
  const normals: number[] = [];
  const corner = (i: number, j: number, k: number) => field[(i * ny + j) * nz + k] as number;
  for (let i = 0; i < nx - 1; i++)
    for (let j = 0; j < ny - 1; j++)
      for (let k = 0; k < nz - 1; k++) {
        const at = crossing(corner, i, j, k);
        if (!at) continue;
        index[(i * ny + j) * nz + k] = positions.length / 3;
        let [x, y, z] = [from[0] + at[0] * cell, from[1] + at[1] * stepY, from[2] + at[2] * cell];
        for (let pass = 0; pass < 3; pass++) {
          const n = outward(shape, x, y, z);
          const d = Math.max(-cell, Math.min(cell, shape.distance(x, y, z)));
          x -= n[0] * d;
          y -= n[1] * d;
          z -= n[2] * d;
        }
        const n = outward(shape, x, y, z);
        positions.push(x, z, y);
        normals.push(n[0], n[2], n[1]);
      }
  const faces: number[] = [];
  const vertex = (i: number, j: number, k: number) => index[(i * ny + j) * nz + k] as number;
  const quad = (a: number, b: number, c: number, d: number, flip: boolean) => {
    if (flip) faces.push(a, c, b, a, d, c);
    else faces.push(a, b, c, a, c, d);
  };
  for (let i = 1; i < nx - 1; i++)
    for (let j = 1; j < ny - 1; j++)
      for (let k = 1; k < nz - 1; k++) {
        const here = corner(i, j, k) < 0;
        if (here !== corner(i + 1, j, k) < 0)
          quad(vertex(i, j - 1, k - 1), vertex(i, j, k - 1), vertex(i, j, k), vertex(i, j - 1, k), here);
        if (here !== corner(i, j + 1, k) < 0)
          quad(vertex(i - 1, j, k - 1), vertex(i, j, k - 1), vertex(i, j, k), vertex(i - 1, j, k), !here);
        if (here !== corner(i, j, k + 1) < 0)
          quad(vertex(i - 1, j - 1, k), vertex(i, j - 1, k), vertex(i, j, k), vertex(i - 1, j, k), here);
      }
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute('position', new THREE.Float32BufferAttribute(positions, 3));
  geometry.setAttribute('normal', new THREE.Float32BufferAttribute(normals, 3));
  geometry.setIndex(faces);
  return geometry;
}

/** Mean place where the surface cuts the edges of a grid cell, in grid units. */
function crossing(
  corner: (i: number, j: number, k: number) => number,
  i: number,
  j: number,
  k: number,
): [number, number, number] | undefined {
  const values = [0, 1, 2, 3, 4, 5, 6, 7].map((c) => corner(i + (c & 1), j + ((c >> 1) & 1), k + (c >> 2)));
  const inside = values.filter((v) => v < 0).length;
  if (inside === 0 || inside === 8) return undefined;
  let [sx, sy, sz, count] = [0, 0, 0, 0];
  for (let a = 0; a < 8; a++)
    for (const bit of [1, 2, 4]) {
      const b = a | bit;
      if (b === a) continue;
      const [va, vb] = [values[a] as number, values[b] as number];
      if (va < 0 === vb < 0) continue;
      const t = va / (va - vb);
      sx += (a & 1) + (bit === 1 ? t : 0);
      sy += ((a >> 1) & 1) + (bit === 2 ? t : 0);
      sz += (a >> 2) + (bit === 4 ? t : 0);
      count++;
    }
  return [i + sx / count, j + sy / count, k + sz / count];
}
