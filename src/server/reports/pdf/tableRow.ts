import type { Sheet, TextStyle } from './sheet';

const GAP = 6;

/** One row of a table, its columns by their shares of the sheet's width, its cells beside each other, kept on one page. */
export function tableRow(
  sheet: Sheet,
  shares: readonly number[],
  cells: readonly string[],
  style: Pick<TextStyle, 'weight' | 'size' | 'colour'> = {},
): void {
  const widths = shares.map((share) => share * sheet.width - GAP);
  const height = Math.max(
    ...cells.map((cell, i) => (cell ? sheet.heightOf(cell, { ...style, width: widths[i] as number }) : 0)),
  );
  sheet.need(height + 6);
  const top = sheet.y;
  let x = sheet.left;
  cells.forEach((cell, i) => {
    sheet.y = top;
    if (cell) sheet.text(cell, { ...style, x, width: widths[i] as number, gap: 0 });
    x += (widths[i] as number) + GAP;
  });
  sheet.y = top + height + 2;
  sheet.line();
  sheet.y -= 2;
}
