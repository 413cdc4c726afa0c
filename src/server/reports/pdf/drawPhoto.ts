import type { ReportPhoto } from '#core/report';
import { type Sheet, soft } from './sheet';

/** Height of the box a photo stands in, by its width. */
export const PHOTO_RATIO = 3 / 4;

/** Path of a photo's shareable copy, when its pixels are here; false when it was withdrawn. */
export type PhotoPath = (sha256: string) => string | false | undefined;

/** A picture in a box of the given width, three quarters as high, whole; the empty box while it has not come. */
export function drawPicture(
  sheet: Sheet,
  file: ReturnType<PhotoPath>,
  x: number,
  y: number,
  width: number,
): void {
  const height = width * PHOTO_RATIO;
  if (file) sheet.pdf.image(file, x, y, { fit: [width, height], align: 'center', valign: 'center' });
  else sheet.pdf.rect(x, y, width, height).lineWidth(0.5).stroke(soft);
}

/** A photo in a box of the given width, whole, with its number beneath. */
export function drawPhoto(
  sheet: Sheet,
  photo: ReportPhoto,
  path: PhotoPath,
  x: number,
  y: number,
  width: number,
): void {
  const height = width * PHOTO_RATIO;
  const file = path(photo.sha256);
  sheet.figure(photo.caption, () => drawPicture(sheet, file, x, y, width));
  const at = sheet.y;
  sheet.y = y + height + 1;
  const missing = file ? '' : file === false ? ': withdrawn' : ': not sent yet';
  sheet.text(`Photo ${photo.number}${missing}`, { x, width, size: 7.5, colour: soft, gap: 0 });
  sheet.y = at;
}
