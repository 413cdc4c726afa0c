import { type Yard, yardLine } from '#core/yard';
import { type Sheet, soft } from './sheet';

const LOGO = { width: 120, height: 40 } as const;
const BAND = 5;

/** Who stands behind the report: a band in the yard's colour, its mark, and how to reach it. */
export function yardHead(sheet: Sheet, yard: Yard, logo: Buffer | undefined): void {
  const { pdf, left, width } = sheet;
  if (yard.colour) {
    pdf.rect(left, sheet.y, width, BAND).fill(yard.colour);
    sheet.y += BAND + 8;
  }
  const top = sheet.y;
  if (logo)
    pdf.image(logo, left + width - LOGO.width, top, { fit: [LOGO.width, LOGO.height], align: 'right' });
  sheet.text(yardLine(yard), { colour: soft, gap: 8, width: logo ? width - LOGO.width - 12 : width });
  if (logo) sheet.y = Math.max(sheet.y, top + LOGO.height + 8);
}
