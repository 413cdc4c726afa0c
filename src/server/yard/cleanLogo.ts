import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { sniff } from '../photos/sniff';
import { unprocessable } from '../problems';

/** Twice as large as it is shown. */
const WIDEST = 480;
const HIGHEST = 160;
/** More than any logo needs; a small file may unpack to far more. */
const MOST_PIXELS = 40_000_000;

export interface Logo {
  sha256: string;
  png: Buffer;
}

/** A picture as a logo: pixels alone, painted anew as PNG, so that nothing else in the file survives. Throws a Problem for what is no picture. */
export async function cleanLogo(file: Buffer): Promise<Logo> {
  const type = sniff(file.subarray(0, 16));
  if (type === 'heic' || type === 'not-a-photo')
    throw unprocessable(
      'logo-unknown-type',
      'A logo is a PNG, JPEG or WebP picture. Save it as PNG and choose it again.',
    );
  try {
    const png = await sharp(file, { limitInputPixels: MOST_PIXELS })
      .rotate()
      .resize(WIDEST, HIGHEST, { fit: 'inside', withoutEnlargement: true })
      .png()
      .toBuffer();
    return { png, sha256: createHash('sha256').update(png).digest('hex') };
  } catch {
    throw unprocessable(
      'logo-unreadable',
      'The picture is cut or damaged. Save it as PNG and choose it again.',
    );
  }
}
