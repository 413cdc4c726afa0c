import * as THREE from 'three';
import { describe, expect, it } from 'vitest';
import { scaleSizes } from '../../spec';
import { placeScale } from './scaleObject';

const frame = {
  at: new THREE.Vector3(1500, 800, 890),
  right: new THREE.Vector3(1, 0, 0),
  up: new THREE.Vector3(0, 1, 0),
  out: new THREE.Vector3(0, 0, 1),
};

describe('a thing laid beside a fault', () => {
  it('is as large as published, round or square, however it is turned', () => {
    for (const turnDeg of [0, 37]) {
      const { outline } = placeScale({ kind: 'blank-24.26', offset: [0, 0], turnDeg }, frame);
      for (const place of outline)
        expect(Math.hypot(place.x - 1500, place.y - 800)).toBeCloseTo(24.26 / 2, 3);
    }
  });

  it('lies with its upper edge as high over the panel as it is thick', () => {
    const { outline } = placeScale({ kind: 'marker-tape', offset: [0, 0], turnDeg: 10 }, frame);
    for (const place of outline)
      expect(place.z - 890).toBeCloseTo(scaleSizes['marker-tape'].thickMm + 0.15, 3);
  });

  it('follows the panel it lies on', () => {
    const tilted = { ...frame, up: new THREE.Vector3(0, 0, -1), out: new THREE.Vector3(0, 1, 0) };
    const { outline } = placeScale({ kind: 'blank-23.25', offset: [0, 0], turnDeg: 0 }, tilted);
    const heights = outline.map((place) => place.y);
    expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(1e-6);
  });
});
