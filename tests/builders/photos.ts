import { createHash } from 'node:crypto';
import sharp from 'sharp';

export const sha256Of = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex');

/** A small JPEG; the seed makes it one of its own. */
export function jpeg(seed = 1, width = 640, height = 480): Promise<Buffer> {
  return sharp({
    create: {
      width,
      height,
      channels: 3,
      background: { r: (seed * 53) % 256, g: (seed * 97) % 256, b: (seed * 193) % 256 },
    },
  })
    .jpeg()
    .toBuffer();
}

/** A JPEG with all a camera writes: a side-on orientation, a time and a place. */
export function jpegWithSecrets(): Promise<Buffer> {
  return sharp({ create: { width: 800, height: 600, channels: 3, background: '#356' } })
    .withMetadata({ orientation: 6 })
    .withExifMerge({
      IFD0: { Make: 'Nobody', Artist: 'A. Owner' },
      IFD2: { DateTimeOriginal: '2026:03:14 09:31:07', BodySerialNumber: '12345' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '12/1 34/1 0/1' },
    })
    .jpeg()
    .toBuffer();
}
