import sharp from 'sharp';

/** High enough to measure on: what a higher one adds lies below a finger’s width. */
const QUALITY = 90;

/** The picture in all its pixels, upright and without anything the camera wrote: to measure on, inside the yard. */
export const wholePicture = (original: string): Promise<Buffer> =>
  sharp(original).autoOrient().flatten({ background: '#ffffff' }).jpeg({ quality: QUALITY }).toBuffer();
