import type { ReportPhoto } from '#core/report';
import { drawPhoto, PHOTO_RATIO, type PhotoPath } from './drawPhoto';
import type { Sheet } from './sheet';

const columns = { small: 4, large: 3 } as const;
const GAP = 10;

/** Photos in rows, each with its number; large ones with their captions. */
export function photoGrid(
  sheet: Sheet,
  photos: readonly ReportPhoto[],
  size: keyof typeof columns,
  path: PhotoPath,
): void {
  const n = columns[size];
  const width = (sheet.width - (n - 1) * GAP) / n;
  const height = width * PHOTO_RATIO + (size === 'large' ? 42 : 14);
  for (let i = 0; i < photos.length; i += n) {
    sheet.need(height);
    const top = sheet.y;
    photos.slice(i, i + n).forEach((photo, column) => {
      const x = sheet.left + column * (width + GAP);
      drawPhoto(sheet, photo, path, x, top, width);
      if (size === 'large') {
        sheet.y = top + width * PHOTO_RATIO + 12;
        sheet.text(photo.caption, { x, width, size: 8, gap: 0 });
        sheet.y = top;
      }
    });
    sheet.y = top + height;
  }
}
