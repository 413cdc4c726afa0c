import { findingLines, isNoticeUnsaid, type ReportFinding, type ReportPhoto } from '#core/report';
import { ink, type Sheet, soft, tape } from './sheet';

/** Path of a photo's shareable copy, when its pixels are here; false when it was withdrawn. */
export type PhotoPath = (sha256: string) => string | false | undefined;

const TEXT_SHARE = 0.44;
const PHOTO_GAP = 8;
const NAME = { size: 11.5, weight: 'bold' } as const;
const PHOTO_RATIO = 3 / 4;
/** A strip of tape is longer the farther off the finding is noticed. */
const GUESS_TAB = 4;
const stripWidth = { 'up-close': 24, 'one-step-back': 38, 'across-the-bay': 56 } as const;

/** A finding with its photos beside it, kept together on one page. */
export function findingBlock(
  sheet: Sheet,
  finding: ReportFinding,
  photos: readonly ReportPhoto[],
  path: PhotoPath,
): void {
  const textWidth = sheet.width * (photos.length > 0 ? TEXT_SHARE : 1);
  const { name, lines } = findingLines(finding);
  const nameStyle = { ...NAME, width: textWidth, gap: 2 };
  const nameHeight = sheet.heightOf(name, nameStyle) + 2;
  const textHeight =
    22 + nameHeight + lines.reduce((sum, line) => sum + sheet.heightOf(line, { width: textWidth }) + 2, 0);
  const cell = (sheet.width * (1 - TEXT_SHARE) - 2 * PHOTO_GAP) / 2;
  const cellHeight = cell * PHOTO_RATIO + 14;
  const rows = Math.ceil(photos.length / 2);
  sheet.need(Math.min(Math.max(textHeight, rows * cellHeight) + 12, 600));

  const top = sheet.y;
  const page = sheet.page;
  // Photos before words: a very long note may run on to the next page, the photos stay with the strip.
  photos.forEach((photo, i) => {
    const x = sheet.left + textWidth + PHOTO_GAP + (i % 2) * (cell + PHOTO_GAP);
    drawPhoto(sheet, photo, path, x, top + Math.floor(i / 2) * cellHeight, cell);
  });
  strip(sheet, finding);
  sheet.y = top + 22;
  sheet.text(name, nameStyle);
  for (const line of lines) sheet.text(line, { width: textWidth, gap: 2 });
  if (sheet.page === page) sheet.y = Math.max(sheet.y, top + Math.min(rows, 2) * cellHeight);
  sheet.y += 4;
  sheet.line();
}

function strip(sheet: Sheet, finding: ReportFinding): void {
  const width = finding.notice ? stripWidth[finding.notice] : stripWidth['up-close'];
  const { pdf, left, y } = sheet;
  pdf.rect(left, y, width, 16);
  const isGuess = isNoticeUnsaid(finding);
  if (isGuess && !finding.suspected) {
    pdf.dash(3, { space: 2 }).lineWidth(1).stroke(ink).undash();
    pdf.rect(left, y, GUESS_TAB, 16).fill(tape);
  } else if (finding.suspected) pdf.dash(3, { space: 2 }).lineWidth(1).stroke(ink).undash();
  else pdf.fill(tape);
  const at = sheet.y;
  sheet.y += 2.5;
  sheet.text(String(finding.number), { x: left + 5, width: width - 5, weight: 'bold', gap: 0, size: 10 });
  sheet.y = at;
}

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
