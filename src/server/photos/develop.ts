import exifr from 'exifr';
import sharp from 'sharp';
import { readCameraTime } from '#core/photos';
import { asNoRoom } from '../noRoom';
import { Problem, unprocessable } from '../problems';
import { inspect } from './inspect';
import type { PhotoMime } from './sniff';

export const MAX_PIXELS = 60_000_000;
/** Good enough to judge a scratch by, small enough to send abroad. */
export const COPY_QUALITY = { 1600: 80, 320: 72 } as const;

export interface Developed {
  width: number;
  height: number;
  takenAt?: string;
  focalMm?: number;
  focal35Mm?: number;
}

const formats: Record<PhotoMime, string> = { 'image/jpeg': 'jpeg', 'image/png': 'png', 'image/webp': 'webp' };

/**
 * Proves that a file is the photo it claims to be by decoding it whole, and writes its derivatives upright
 * and without metadata. Throws a Problem for anything else.
 */
export async function develop(
  file: string,
  mime: PhotoMime,
  targets: { large: string; small: string },
): Promise<Developed> {
  const looked = await inspect(file, mime);
  if (looked.width * looked.height > MAX_PIXELS) throw tooManyPixels();
  try {
    const image = sharp(file, { limitInputPixels: MAX_PIXELS, failOn: 'warning' });
    const { format, width, height, orientation = 1 } = await image.metadata();
    if (format !== formats[mime]) throw new Error(`Decodes as ${format}, not ${mime}`);
    if (width * height > MAX_PIXELS) throw new Error('Input image exceeds pixel limit');
    const { data, info } = await image
      .autoOrient()
      .resize({ width: 1600, withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .raw()
      .toBuffer({ resolveWithObject: true });
    const raw = { width: info.width, height: info.height, channels: info.channels };
    await sharp(data, { raw }).jpeg({ quality: COPY_QUALITY[1600] }).toFile(targets.large);
    await sharp(data, { raw })
      .resize({ width: 320, withoutEnlargement: true })
      .jpeg({ quality: COPY_QUALITY[320] })
      .toFile(targets.small);
    const sideways = orientation >= 5;
    return {
      width: sideways ? height : width,
      height: sideways ? width : height,
      ...(await cameraFacts(file)),
    };
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    const noRoom = asNoRoom(error);
    if (noRoom instanceof Problem) throw noRoom;
    if (/pixel limit/i.test(reason)) {
      throw tooManyPixels();
    }
    throw unprocessable(
      'photo-damaged',
      'The photo is damaged or cut short and cannot be opened. Take it again or send the original file.',
    );
  }
}

const tooManyPixels = () =>
  unprocessable(
    'photo-too-many-pixels',
    'The photo has more than 60 megapixels. Set the camera to a smaller size and take it again.',
  );

/** What the camera wrote of itself: its own time, kept as it wrote it since cameras seldom know their zone, and its lens. */
async function cameraFacts(
  file: string,
): Promise<{ takenAt?: string; focalMm?: number; focal35Mm?: number }> {
  try {
    const exif = await exifr.parse(file, {
      pick: ['DateTimeOriginal', 'CreateDate', 'FocalLength', 'FocalLengthIn35mmFormat'],
      reviveValues: false,
    });
    const takenAt = readCameraTime(exif?.DateTimeOriginal ?? exif?.CreateDate);
    const [focalMm, focal35Mm] = [exif?.FocalLength, exif?.FocalLengthIn35mmFormat].map(Number);
    return {
      ...(takenAt && { takenAt }),
      ...(isFocal(focalMm) && { focalMm }),
      ...(isFocal(focal35Mm) && { focal35Mm }),
    };
  } catch {
    // Unreadable metadata is no reason to refuse a photo that decodes.
    return {};
  }
}

const isFocal = (mm: number | undefined): mm is number => mm !== undefined && mm > 0 && mm < 5000;
