import type { Sheet, TextStyle } from './sheet';

const GAP = 6;

export interface Column {
  /** Share of the sheet's width. */
  share: number;
}

/** One row of a table, its cells beside each other, kept on one page. */
export function tableRow(
  sheet: Sheet,
  columns: readonly Column[],
  cells: readonly string[],
  style: Pick<TextStyle, 'weight' | 'size' | 'colour'> = {},
): void {
  const widths = columns.map(({ share }) => share * sheet.width - GAP);
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
