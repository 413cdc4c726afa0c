import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { differenceHash, hashDistance } from '#core/photos';
import { pictures } from '../demo/picture-maker/pictures';

const hashOf = async (file: string | Buffer) => {
  const { data, info } = await sharp(file).greyscale().raw().toBuffer({ resolveWithObject: true });
  return differenceHash({ width: info.width, height: info.height, data });
};

describe('a picture’s fingerprint', () => {
  const names = pictures
    .map(({ name }) => `demo/pictures/${name}.jpg`)
    .filter((name) => !name.includes('series-'));

  it('hardly changes when a picture is made smaller and recompressed', async () => {
    for (const name of names.filter((_, i) => i % 9 === 0)) {
      const copy = await sharp(name).resize(500).jpeg({ quality: 55 }).toBuffer();
      expect(hashDistance(await hashOf(name), await hashOf(copy)), name).toBeLessThanOrEqual(6);
    }
  });

  it('tells nearly all pictures of the yard apart', async () => {
    const hashes = await Promise.all(names.map(hashOf));
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
