import fc from 'fast-check';
import * as THREE from 'three';
import { describe, expect, it } from 'vitest';
import { type CameraPose, makeCamera, pixelMatrix, sampleCamera } from './camera';

const frame = { width: 1400, height: 1050 };
const pose: CameraPose = {
  eye: [-900, 1500, 2600],
  target: [1200, 700, 800],
  rollDeg: 2,
  focalMm: 28,
  apertureMm: 3,
  shakePx: 0,
};
const base = makeCamera(pose, frame);

function pixel(matrix: number[][], v: THREE.Vector3): [number, number] {
  const [x, y, w] = matrix.map((row) =>
    [v.x, v.y, v.z, 1].reduce((sum, value, i) => sum + value * (row[i] as number), 0),
  ) as [number, number, number];
  return [x / w, y / w];
}

describe('the camera', () => {
  it('aims at its target: the middle of the picture', () => {
    const [x, y] = pixel(pixelMatrix(base, frame), new THREE.Vector3(...pose.target));
    expect(x).toBeCloseTo(700, 6);
    expect(y).toBeCloseTo(525, 6);
  });

  it('gives pixels as the renderer does', () => {
    fc.assert(
      fc.property(
        fc.tuple(...[0, 1, 2].map(() => fc.double({ min: -900, max: 900, noNaN: true }))),
        ([dx, dy, dz]) => {
          const place = new THREE.Vector3(1200 + (dx as number), 700 + (dy as number), 800 + (dz as number));
          const device = place.clone().project(base);
          const [x, y] = pixel(pixelMatrix(base, frame), place);
          expect(x).toBeCloseTo(((device.x + 1) / 2) * frame.width, 4);
          expect(y).toBeCloseTo(((1 - device.y) / 2) * frame.height, 4);
        },
      ),
    );
  });

  it('keeps what is in focus sharp from every point of the lens, and blurs what is nearer as much as lenses do', () => {
    const target = new THREE.Vector3(...pose.target);
    const distance = target.distanceTo(new THREE.Vector3(...pose.eye));
    const near = new THREE.Vector3(...pose.eye).lerp(target, 0.5);
    let widest = 0;
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.999, noNaN: true }),
        fc.double({ min: 0, max: 0.999, noNaN: true }),
        (a, b) => {
          // Lens place from the first two numbers; half a pixel's share for the rest, so no jitter.
          const given = [a, b, 0.5, 0.5];
          let n = 0;
          const view = sampleCamera(base, pose, frame, 0.5, () => given[n++] ?? 0.5);
          const matrix = pixelMatrix(view, frame);
          const [x, y] = pixel(matrix, target);
          expect(Math.hypot(x - 700, y - 525)).toBeLessThan(0.6);
          const [nx, ny] = pixel(matrix, near);
          widest = Math.max(widest, Math.hypot(nx - 700, ny - 525));
        },
      ),
      { numRuns: 200 },
    );
    // Thin lens: the circle's radius is focal pixels x opening / 2 x |1/near - 1/focus|.
    const focalPx = (frame.width * pose.focalMm) / 36;
    const radius = (focalPx * pose.apertureMm) / 2 / distance;
    expect(widest).toBeGreaterThan(radius * 0.5);
    expect(widest).toBeLessThan(radius + 0.8);
  });

  it('wanders as far as its shake says while the shutter is open', () => {
    const shaken = { ...pose, apertureMm: 0, shakePx: 20 };
    const at = (moment: number) =>
      pixel(
        pixelMatrix(
          sampleCamera(base, shaken, frame, moment, () => 0.5),
          frame,
        ),
        new THREE.Vector3(...pose.target),
      );
    expect(Math.abs(at(1)[0] - at(0)[0])).toBeCloseTo(20, 1);
  });
});
