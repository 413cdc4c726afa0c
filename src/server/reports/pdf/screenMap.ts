import type { ReportDocument } from '#core/report';
import { ink, type Sheet, soft, tape } from './sheet';

const WIDTH_PT = 300;
const warn = '#8f1d1d';

/** The screen in millimetres, to scale: swept area, the driver's band and every damage. */
export function screenMap(sheet: Sheet, screen: NonNullable<ReportDocument['screen']>): void {
  const { pdf } = sheet;
  const scale = WIDTH_PT / screen.widthMm;
  const height = screen.heightMm * scale;
  sheet.need(height + 10);
  const top = sheet.y;
  const at = ([x, y]: readonly [number, number]): [number, number] => [
    sheet.left + x * scale,
    top + (screen.heightMm - y) * scale,
  ];
  pdf.lineWidth(1).roundedRect(sheet.left, top, WIDTH_PT, height, 12).stroke(ink);
  pdf
    .lineWidth(0.5)
    .polygon(...screen.swept.map(at))
    .fillAndStroke('#e3eef1', soft);
  const [from, to] = screen.bandMm.map((x) => sheet.left + x * scale) as [number, number];
  pdf
    .save()
    .polygon(...screen.swept.map(at))
    .clip();
  pdf
    .rect(from, top, to - from, height)
    .fillAndStroke('#fff3d1', ink)
    .restore();
  for (const { number, at: place, to: end, acrossMm, fails } of screen.rows) {
    const [x, y] = at(place);
    if (end)
      pdf
        .lineWidth(1.5)
        .moveTo(x, y)
        .lineTo(...at(end))
        .stroke(fails ? warn : ink);
    else
      pdf
        .lineWidth(1.2)
        .circle(x, y, Math.max(1.5, (acrossMm / 2) * scale))
        .stroke(fails ? warn : ink);
    pdf.rect(x + (acrossMm / 2) * scale + 4, y - 14, 16, 11).fill(tape);
    sheet.label(String(number), x + (acrossMm / 2) * scale + 12, y - 8.5, 8);
  }
  sheet.y = top + height + 8;
}
