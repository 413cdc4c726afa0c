import { findingLines, isNoticeUnsaid, type ReportFinding, type ReportPhoto } from '#core/report';
import type { Piece } from './columns';
import { drawPhoto, PHOTO_RATIO, type PhotoPath } from './drawPhoto';
import { photoGrid } from './photoGrid';
import { ink, type Sheet, tape } from './sheet';

const PHOTO_GAP = 6;
const CAPTION = 11;
const NAME = { size: 10.5, weight: 'bold' } as const;
const SAYS = { size: 9 } as const;
/** A strip of tape is longer the farther off the finding is noticed. */
const GUESS_TAB = 4;
const stripWidth = { 'up-close': 24, 'one-step-back': 38, 'across-the-bay': 56 } as const;
const stripOf = ({ notice }: ReportFinding): number => stripWidth[notice ?? 'up-close'];

/** A finding with its photos, as a piece of a column: strip and name, what is said, then its pictures side by side; a single one beside the words. */
export function findingPiece(
  sheet: Sheet,
  finding: ReportFinding,
  photos: readonly ReportPhoto[],
  path: PhotoPath,
  width: number,
): Piece {
  const { name, lines } = findingLines(finding);
  const cell = (width - PHOTO_GAP) / 2;
  const isBeside = photos.length === 1;
  const indent = stripOf(finding) + 6;
  const nameStyle = { ...NAME, width: width - indent, gap: 2 };
  const saysStyle = { ...SAYS, width: isBeside ? cell : width, gap: 1 };
  const nameHeight = Math.max(18, sheet.heightOf(name, nameStyle) + 2);
  const saysHeight = lines.reduce((sum, line) => sum + sheet.heightOf(line, saysStyle) + 1, 0);
  const cellHeight = cell * PHOTO_RATIO + CAPTION;
  const photosHigh = Math.ceil(photos.length / 2) * cellHeight;
  const body = isBeside ? Math.max(saysHeight, cellHeight) : saysHeight + photosHigh + 3;
  return {
    height: nameHeight + body + 10,
    draw: (x) => {
      const top = sheet.y;
      strip(sheet, finding, x);
      sheet.text(name, { ...nameStyle, x: x + indent });
      sheet.y = top + nameHeight;
      for (const line of lines) sheet.text(line, { ...saysStyle, x });
      const photosTop = isBeside ? top + nameHeight : top + nameHeight + saysHeight + 3;
      photos.forEach((photo, i) => {
        const column = isBeside ? 1 : i % 2;
        drawPhoto(
          sheet,
          photo,
          path,
          x + column * (cell + PHOTO_GAP),
          photosTop + Math.floor(i / 2) * cellHeight,
          cell,
        );
      });
    },
    drawWhole: () => {
      sheet.need(60);
      const top = sheet.y;
      strip(sheet, finding, sheet.left);
      sheet.text(name, { ...NAME, x: sheet.left + indent, width: sheet.width - indent, gap: 2 });
      sheet.y = Math.max(sheet.y, top + 18);
      for (const line of lines) sheet.text(line, { ...SAYS, gap: 1 });
      photoGrid(sheet, photos, 'small', path);
    },
  };
}

function strip(sheet: Sheet, finding: ReportFinding, left: number): void {
  const width = stripOf(finding);
  const { pdf, y } = sheet;
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
