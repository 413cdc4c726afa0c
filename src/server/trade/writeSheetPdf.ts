import { once } from 'node:events';
import type { Writable } from 'node:stream';
import type { SheetTask } from '#core/api';
import { longDay } from '#core/wording';
import type { Paper } from '../pdfs/paper';
import type { SheetMade, SheetPiece } from '../pdfs/printed';
import { drawDrawing } from '../reports/pdf/drawing';
import { drawPicture, type PhotoPath } from '../reports/pdf/drawPhoto';
import { ink, Sheet, soft } from '../reports/pdf/sheet';

const GAP = 8;
/** To be ticked on paper. */
const BOX = 10;
const LAW = 'Local law and the rules of the house come first; what is said here is the usual caution.';

/** Writes a job sheet: a page for each day, car by car with its drawing, each job with what was found, its pictures and what to be careful of. */
export async function writeSheetPdf(
  { crew, yard, days }: SheetMade,
  paper: Paper,
  path: PhotoPath,
  out: Writable,
): Promise<void> {
  const sheet = new Sheet(paper, `Job sheet: ${crew.name}`);
  sheet.pdf.pipe(out);
  const closed = Promise.race([once(out, 'finish'), once(out, 'close')]);
  sheet.text(yard, { colour: soft, gap: 6 });
  sheet.text(`Job sheet: ${crew.name}`, { size: 20, weight: 'bold', gap: 6, as: 'H1' });
  if (days.length === 0) sheet.text('Nothing is planned.');
  for (const { day, pieces } of days) {
    sheet.heading(longDay(day), 160);
    for (const piece of pieces) car(sheet, piece, path);
  }
  sheet.text(LAW, { colour: soft, size: 9 });
  sheet.foot((page, of) => `${crew.name} · page ${page} of ${of}`);
  sheet.pdf.end();
  await closed;
}

function car(sheet: Sheet, { car: told, map }: SheetPiece, path: PhotoPath): void {
  const { stockNumber, title, colour, plate, standsAt, tasks } = told;
  sheet.need(map ? map.height + 90 : 90);
  sheet.text(`${stockNumber}: ${title}`, { size: 13, weight: 'bold', gap: 1, as: 'H2' });
  sheet.text([colour, plate, standsAt].filter(Boolean).join(' · '), { gap: 4 });
  if (map) drawDrawing(sheet, map);
  for (const each of tasks) task(sheet, each, path);
}

function task(sheet: Sheet, { says, minutes, cautions, faults, work }: SheetTask, path: PhotoPath): void {
  const width = (sheet.width - 2 * GAP) / 3;
  const hasPictures = faults.some(({ photos }) => photos.length > 0);
  sheet.need(hasPictures ? width * 0.75 + 60 : 50);
  const { left, y } = sheet;
  sheet.pdf
    .rect(left, y + 2, BOX, BOX)
    .lineWidth(0.8)
    .stroke(ink);
  sheet.text(`${says}${minutes > 0 ? `, ${minutes} min` : ''}`, {
    size: 11.5,
    weight: 'bold',
    gap: 2,
    x: left + BOX + GAP,
    width: sheet.width - BOX - GAP,
  });
  if (work)
    sheet.text(
      `${work.says === 'done' ? 'Said to be done' : 'Cannot be done'}${work.why ? `: ${work.why}` : ''} (${work.by})`,
      { gap: 2 },
    );
  for (const { number, where, says: found, agreed, isSuspected, photos } of faults) {
    const lead = number === undefined ? '' : `${number}. `;
    sheet.text(`${lead}${where ? `${where}: ` : ''}${found}${isSuspected ? ' (only suspected)' : ''}`, {
      gap: 1,
    });
    if (agreed) sheet.text(`Agreed: ${agreed}.`, { gap: 2 });
    if (photos.length === 0) continue;
    sheet.need(width * 0.75 + GAP);
    const top = sheet.y;
    photos.forEach((photo, column) => {
      drawPicture(sheet, path(photo), sheet.left + column * (width + GAP), top, width);
    });
    sheet.y = top + width * 0.75 + GAP;
  }
  for (const caution of cautions) sheet.text(`Careful: ${caution}`, { weight: 'bold', gap: 2 });
  sheet.line();
}
