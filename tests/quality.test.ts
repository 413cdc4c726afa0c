import sharp, { type Sharp } from 'sharp';
import { describe, expect, it } from 'vitest';
import {
  differenceHash,
  faultsOf,
  type Grey,
  hashDistance,
  JUDGED_SIDE,
  measureQuality,
  type PictureFault,
  readCameraTime,
  regionAround,
} from '#core/photos';
import { pictures } from '../demo/picture-maker/pictures';
import { seeded } from '../demo/picture-maker/random';
import { truthOf } from './builders/pictures';

/**
 * The judgement of photos against pictures whose blur and light are known: those of the yard as they were taken, and blurred by a known
 * amount with the grain of the sensor put on again, as a lens out of focus and a moving camera would give them.
 */
/** Pictures of the practice yard are of bare places on purpose, in which there may be nothing to judge by. */
const isOfAWalk = (name: string) => !name.startsWith('series-') && !name.startsWith('practice-');
const names = pictures.map(({ name }) => name).filter(isOfAWalk);

/** Normal errors, by Box and Muller (1958): the same for every picture, so drawn once. */
const errors: number[] = [];
const random = seeded(7);
const errorAt = (i: number): number => {
  while (errors.length <= i)
    errors.push(Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random()));
  return errors[i] as number;
};

/** Pictures in grey, opened once for all that is asked of them. */
const opened = new Map<string, Promise<Grey>>();
function greyOf(name: string): Promise<Grey> {
  const grey = opened.get(name) ?? raw(sharp(`demo/pictures/${name}.jpg`).autoOrient());
  opened.set(name, grey);
  return grey;
}

async function raw(image: Sharp): Promise<Grey> {
  const { data, info } = await image.toColourspace('b-w').raw().toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data };
}
const sharpOf = ({ width, height, data }: Grey): Sharp =>
  sharp(data as Uint8Array, { raw: { width, height, channels: 1 } });

function withGrain(grey: Grey, sigma: number): Grey {
  const data = Uint8ClampedArray.from(grey.data);
  for (let i = 0; i < data.length; i++) data[i] = (data[i] as number) + sigma * errorAt(i);
  return { ...grey, data };
}

async function judged(grey: Grey, grainSigma = 0): Promise<PictureFault[]> {
  const small = await raw(
    sharpOf(grey).resize({
      width: JUDGED_SIDE,
      height: JUDGED_SIDE,
      fit: 'inside',
      withoutEnlargement: true,
    }),
  );
  return faultsOf(measureQuality(grainSigma > 0 ? withGrain(small, grainSigma) : small));
}

/** Share of judgements that name one of these faults. */
const share = (faults: readonly PictureFault[], judgements: readonly PictureFault[][]): number =>
  judgements.filter((found) => found.some((fault) => faults.includes(fault))).length / judgements.length;

/** Every picture as it was taken, judged once for all that is asked of it. */
const asTaken = once(() => Promise.all(names.map(async (name) => judged(await greyOf(name)))));

/** A changed picture is looked at in half of the views: that tells as much. */
const changed = (change: (image: Sharp) => Sharp): Promise<PictureFault[][]> =>
  Promise.all(
    names
      .filter((_, i) => i % 2 === 0)
      .map(async (name) => judged(await raw(change(sharpOf(await greyOf(name)))), 1.5)),
  );

function once<T>(make: () => Promise<T>): () => Promise<T> {
  let made: Promise<T> | undefined;
  return () => {
    made ??= make();
    return made;
  };
}

describe('of all pictures of the yard', () => {
  it('those in focus are not called soft, and hardly any shaken', async () => {
    expect(share(['soft'], await asTaken())).toBeLessThanOrEqual(0.01);
    expect(share(['shaken'], await asTaken())).toBeLessThanOrEqual(0.03);
  }, 120_000);

  it('those blurred by 4 pixels of 1,400 or more are called soft, those by 1.5 hardly ever', async () => {
    expect(share(['soft'], await changed((image) => image.blur(6)))).toBeGreaterThanOrEqual(0.97);
    expect(share(['soft'], await changed((image) => image.blur(4)))).toBeGreaterThanOrEqual(0.97);
    expect(share(['soft'], await changed((image) => image.blur(1.5)))).toBeLessThanOrEqual(0.06);
  }, 240_000);

  it('most of those smeared over 19 pixels are called shaken or soft', async () => {
    const side = 19;
    const kernel = Array.from({ length: side * side }, (_, i) => (Math.floor(i / side) === 9 ? 1 / side : 0));
    const shaken = (image: Sharp) => image.convolve({ width: side, height: side, kernel });
    expect(share(['shaken', 'soft'], await changed(shaken))).toBeGreaterThanOrEqual(0.7);
  }, 120_000);

  it('none is called too dark or washed out', async () => {
    expect(share(['dark', 'washed-out', 'glare'], await asTaken())).toBe(0);
  }, 120_000);
});

describe('the series of one scratch', () => {
  it.each([
    ['sharp', []],
    ['dark', ['dark']],
    ['bright', ['washed-out']],
  ])('is judged rightly when %s', async (name, faults) => {
    expect(truthOf(`series-scratch-${name}`).lens).toBeDefined();
    expect(await judged(await greyOf(`series-scratch-${name}`))).toEqual(faults);
  });
});

it('a camera’s time is read, nonsense is not', () => {
  expect(readCameraTime('2026:03:14 09:30:00')).toBe('2026-03-14T09:30:00');
  for (const wrong of ['0000:00:00 00:00:00', '', 'yesterday', '2026-03-14 09:30:00', 7, undefined])
    expect(readCameraTime(wrong)).toBeUndefined();
});

it('a picture sharp elsewhere and soft at the spot is told by the region round it', async () => {
  const whole = await greyOf('hatch-whole-5');
  const half = { left: 0, top: 0, width: Math.floor(whole.width / 2), height: whole.height };
  const soft = await raw(sharpOf(await raw(sharpOf(whole).extract(half))).blur(7));
  const input = { input: soft.data as Buffer, raw: { ...half, channels: 1 as const }, left: 0, top: 0 };
  const mixed = await raw(sharpOf(whole).composite([input]));
  const grey = await raw(sharpOf(mixed).resize({ width: JUDGED_SIDE, height: JUDGED_SIDE, fit: 'inside' }));
  const at = (x: number) => faultsOf(measureQuality(grey, regionAround(grey, { x, y: 0.55 })));
  expect(faultsOf(measureQuality(grey))).not.toContain('soft');
  expect(at(0.2)).toContain('soft');
  expect(at(0.8)).not.toContain('soft');
});

describe('a picture’s fingerprint', () => {
  const apart = pictures.map(({ name }) => name).filter((name) => !name.startsWith('series-'));
  const hashOf = async (name: string) => differenceHash(await greyOf(name));

  it('hardly changes when a picture is made smaller and recompressed', async () => {
    for (const name of apart.filter((_, i) => i % 9 === 0)) {
      const jpeg = await sharp(`demo/pictures/${name}.jpg`).resize(500).jpeg({ quality: 55 }).toBuffer();
      const copy = differenceHash(await raw(sharp(jpeg)));
      expect(hashDistance(await hashOf(name), copy), name).toBeLessThanOrEqual(6);
    }
  });

  it('tells nearly all pictures of the yard apart', async () => {
    const hashes = await Promise.all(apart.map(hashOf));
    let [alike, pairs] = [0, 0];
    hashes.forEach((a, i) => {
      for (const b of hashes.slice(i + 1)) {
        pairs++;
        if (hashDistance(a, b) <= 6) alike++;
      }
    });
    expect(alike / pairs).toBeLessThan(0.005);
  });

  it('counts bits', () => {
    expect(hashDistance('00', 'ff')).toBe(8);
    expect(hashDistance('a5', 'a4')).toBe(1);
  });
});
