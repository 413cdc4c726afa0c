import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../random';
import { dent } from './bends';
import { dust } from './deposits';
import { Layers } from './layers';
import { chips, scratch } from './losses';
import { measureMask } from './measureMask';
import { noise } from './noise';

const blue = [40, 90, 120] as const;

describe('layers of paint', () => {
  const pixel = (um: number) => {
    const layers = new Layers(4, 4, 1);
    layers.remove(5, um);
    const { colour, finish, height } = layers.compose(blue, 'steel');
    return {
      cover: colour[5 * 4 + 3] as number,
      metal: finish[5 * 4 + 1] as number,
      gloss: finish[5 * 4 + 2] as number,
      height: height[5] as number,
    };
  };

  it('show primer, then metal, the deeper the bite; gloss goes first', () => {
    expect(pixel(0)).toMatchObject({ cover: 0, gloss: 255 });
    const light = pixel(20);
    expect(light.gloss).toBeGreaterThan(100);
    expect(light.gloss).toBeLessThan(255);
    expect(pixel(90)).toMatchObject({ cover: 255, metal: 0, gloss: 0 });
    expect(pixel(200).metal).toBeGreaterThan(150);
    expect(pixel(200).height).toBeCloseTo(-0.2, 5);
  });

  it('never put paint back', () => {
    fc.assert(
      fc.property(fc.array(fc.float({ min: 0, max: 200, noNaN: true }), { minLength: 1 }), (bites) => {
        const layers = new Layers(2, 2, 1);
        for (const um of bites) layers.remove(0, um);
        expect(layers.removedUm[0]).toBeCloseTo(Math.max(...bites), 3);
      }),
    );
  });
});

describe('a dent', () => {
  const layers = new Layers(60, 60, 0.5);
  dent(layers, { kind: 'dent', diameterMm: 40, depthMm: 2 });

  it('is as deep as said in the middle and exactly nothing beyond its edge', () => {
    expect(Math.min(...layers.bendMm)).toBeCloseTo(-2, 1);
    layers.each([0, 0], 30, 30, (index, x, y) => {
      if (Math.hypot(x, y) > 20.5) expect(layers.bendMm[index]).toBe(0);
    });
  });

  it('measures its own diameter', () => {
    const { lengthMm, count } = measureMask(layers.mask, layers.columns, layers.rows, layers.mmPerPixel);
    expect(Math.abs(lengthMm - 40)).toBeLessThan(1.5);
    expect(count).toBe(1);
  });
});

describe('marks', () => {
  it('are the same for the same seed and differ for another', () => {
    const made = (seed: number) => {
      const layers = new Layers(80, 80, 0.4);
      chips(layers, { kind: 'chips', count: 5, largestMm: 4, spreadMm: 60, depthUm: 120 }, seeded(seed));
      dust(layers, { kind: 'dust', widthMm: 60, heightMm: 40 }, seeded(seed));
      return Buffer.from(layers.compose(blue, 'steel').colour).toString('base64');
    };
    expect(made(4)).toBe(made(4));
    expect(made(4)).not.toBe(made(5));
  });

  it('leave as many chips as asked', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 500 }), (count, seed) => {
        const layers = new Layers(160, 160, 0.2);
        chips(layers, { kind: 'chips', count, largestMm: 5, spreadMm: 140, depthUm: 120 }, seeded(seed));
        expect(measureMask(layers.mask, layers.columns, layers.rows, 0.2).count).toBe(count);
      }),
      { numRuns: 25 },
    );
  });

  it('run as long as a scratch was asked to, whichever way it lies', () => {
    for (const angleDeg of [-60, 0, 25, 90]) {
      const layers = new Layers(140, 140, 0.2);
      scratch(layers, { kind: 'scratch', lengthMm: 100, widthMm: 1.2, depthUm: 80, angleDeg }, 7);
      const { lengthMm } = measureMask(layers.mask, layers.columns, layers.rows, 0.2);
      expect(Math.abs(lengthMm - 100)).toBeLessThan(4);
    }
  });
});

describe('noise', () => {
  it('stays within 0..1 and has no jumps', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -900, max: 900, noNaN: true }),
        fc.double({ min: -900, max: 900, noNaN: true }),
        (x, y) => {
          const here = noise(x, y, 3);
          expect(here).toBeGreaterThanOrEqual(0);
          expect(here).toBeLessThanOrEqual(1);
          expect(Math.abs(noise(x + 0.01, y, 3) - here)).toBeLessThan(0.05);
        },
      ),
    );
  });
});

describe('measuring a mask', () => {
  it('tells the length of a slanting bar and the number of pieces', () => {
    const mask = new Uint8Array(100 * 100);
    for (let t = 0; t < 60; t++) for (let w = 0; w < 4; w++) mask[(20 + t) * 100 + 10 + t + w] = 1;
    mask.fill(1, 95 * 100 + 80, 95 * 100 + 90);
    const { lengthMm, count, areaMm2 } = measureMask(mask.slice(0, 90 * 100), 100, 90, 0.5);
    expect(lengthMm).toBeGreaterThan(41);
    expect(lengthMm).toBeLessThan(45);
    expect(areaMm2).toBe(60);
    expect(count).toBe(1);
    expect(measureMask(mask, 100, 100, 0.5).count).toBe(2);
    expect(measureMask(new Uint8Array(9), 3, 3, 1)).toMatchObject({ lengthMm: 0, count: 0 });
  });
});
