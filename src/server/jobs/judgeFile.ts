import sharp from 'sharp';
import { differenceHash, JUDGED_SIDE, measureQuality } from '#core/photos';

/** Measures a picture's sharpness, shake and light, and what it looks like. */
export async function judgeFile({ file }: { file: string }) {
  const { data, info } = await sharp(file)
    .resize({ width: JUDGED_SIDE, height: JUDGED_SIDE, fit: 'inside', withoutEnlargement: true })
    .toColourspace('b-w')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const grey = { width: info.width, height: info.height, data };
  return { quality: measureQuality(grey), likeness: differenceHash(grey) };
}
