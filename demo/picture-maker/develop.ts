import sharp from 'sharp';
import { seeded } from './random';
import type { Picture } from './spec';

const MAX_BYTES = 380_000;

/**
 * What a camera adds to what it saw: glare that bleeds from what is bright, the fall-off of its lens, the grain of its sensor;
 * then Exif as a phone writes it, with the clock as it stood.
 */
export async function develop(png: Buffer, picture: Picture): Promise<Buffer> {
  const { data, info } = await sharp(png).removeAlpha().raw().toBuffer({ resolveWithObject: true });
  const { width, height } = info;
  const veil = await sharp(data, { raw: info })
    .linear(1.9, -190)
    .resize(Math.round(width / 8), Math.round(height / 8), { fit: 'fill' })
    .blur(22)
    .resize(width, height, { fit: 'fill' })
    .raw()
    .toBuffer();
  const { glare, noise } = picture.camera;
  const random = seeded(picture.seed + 5000);
  const grain = gaussians(1 << 16, random);
  let at = Math.floor(random() * grain.length);
  for (let y = 0, i = 0; y < height; y++)
    for (let x = 0; x < width; x++, i += 3) {
      const r2 = ((x / width - 0.5) ** 2 + (y / height - 0.5) ** 2) * 2;
      const falloff = 1 - 0.2 * r2 ** 1.4;
      at = (at + 1 + ((x * 7 + y * 13) & 31)) % grain.length;
      const luma = grain[at] as number;
      for (let c = 0; c < 3; c++) {
        const value = (data[i + c] as number) * falloff;
        const light = value + glare * ((veil[i + c] as number) * 0.9 + 26 * glare);
        // Grain is strongest in the mid tones and partly the same in all colours.
        const amount = noise * (0.45 + 0.9 * Math.sin((Math.min(255, light) / 255) * Math.PI));
        const own = grain[(at + 977 * (c + 1)) % grain.length] as number;
        data[i + c] = Math.max(0, Math.min(255, light + amount * (0.7 * luma + 0.5 * own)));
      }
    }
  let image = sharp(data, { raw: info });
  if (picture.turned) image = sharp(await image.rotate(270).png().toBuffer());
  return underSize((quality) =>
    image
      .clone()
      .withExif(exifOf(picture))
      .withMetadata({ orientation: picture.turned ? 6 : 1 })
      .jpeg({ quality, chromaSubsampling: '4:2:0', mozjpeg: true })
      .toBuffer(),
  );
}

/** As good as fits. */
async function underSize(encode: (quality: number) => Promise<Buffer>): Promise<Buffer> {
  for (const quality of [86, 80, 74, 68]) {
    const made = await encode(quality);
    if (made.length <= MAX_BYTES) return made;
  }
  return encode(60);
}

function gaussians(count: number, random: () => number): Float32Array {
  return Float32Array.from({ length: count }, () => {
    const r = Math.sqrt(-2 * Math.log(1 - random()));
    return r * Math.cos(random() * Math.PI * 2);
  });
}

function exifOf({ camera, minute, seed, withPlace }: Picture) {
  const two = (value: number) => String(value).padStart(2, '0');
  const time = `2026:03:14 ${two(9 + Math.floor(minute / 60))}:${two(minute % 60)}:${two((seed * 7) % 60)}`;
  return {
    IFD0: { DateTime: time, Software: 'Yard camera' },
    IFD2: {
      DateTimeOriginal: time,
      FocalLength: `${Math.round(camera.focalMm * 20)}/100`,
      FocalLengthIn35mmFilm: String(Math.round(camera.focalMm)),
      FNumber: '18/10',
      LensModel: `Phone lens ${Math.round(camera.focalMm)} mm`,
    },
    ...(withPlace && {
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '12/1 34/1 0/1',
        GPSLongitudeRef: 'W',
        GPSLongitude: '45/1 6/1 0/1',
      },
    }),
  };
}
