import type { Sheet, TextStyle } from './sheet';

/** Between two columns, in points. */
export const COLUMN_GAP = 18;
/** So few lines stay one below the other. */
const FEWEST = 4;

export const columnWidth = (sheet: Sheet): number => (sheet.width - COLUMN_GAP) / 2;

export interface Line {
  text: string;
  style: TextStyle;
}

/** Lines in two columns of the same height, the left one read first; a page's worth at a time. Few lines, and one that fills a page, stay full width. */
export function linesInColumns(sheet: Sheet, lines: readonly Line[]): void {
  const width = columnWidth(sheet);
  const heights = lines.map(
    ({ text, style }) => sheet.heightOf(text, { ...style, width }) + (style.gap ?? 3),
  );
  if (lines.length < FEWEST || heights.some((height) => height > sheet.fullRoom)) {
    for (const { text, style } of lines) sheet.text(text, style);
    return;
  }
  let from = 0;
  while (from < lines.length) {
    if ((heights[from] as number) > sheet.room) sheet.turn();
    const { split, to } = balance(heights, from, sheet.room);
    const top = sheet.y;
    const bottoms = [
      [from, split, sheet.left],
      [split, to, sheet.left + width + COLUMN_GAP],
    ].map(([first = 0, last = 0, x = 0]) => {
      sheet.y = top;
      for (const { text, style } of lines.slice(first, last)) sheet.text(text, { ...style, x, width });
      return sheet.y;
    });
    sheet.y = Math.max(...bottoms);
    from = to;
  }
}

/** Where the right column begins and ends, so that both fit and are as alike as can be. */
export function balance(
  heights: readonly number[],
  from: number,
  room: number,
): { split: number; to: number } {
  const sum = (first: number, last: number) =>
    heights.slice(first, last).reduce((total, each) => total + each, 0);
  const whole = sum(from, heights.length);
  let best: { split: number; high: number } | undefined;
  for (let split = from + 1; split <= heights.length; split++) {
    const left = sum(from, split);
    const high = Math.max(left, whole - left);
    if (!best || high < best.high) best = { split, high };
  }
  if (best && best.high <= room) return { split: best.split, to: heights.length };
  // More than a page: both columns are filled.
  const fill = (first: number) => {
    let last = first;
    for (let high = 0; last < heights.length && high + (heights[last] as number) <= room; last++)
      high += heights[last] as number;
    return last;
  };
  const split = Math.max(from + 1, fill(from));
  return { split, to: fill(split) };
}

/** Something of a known height that is drawn into a column. */
export interface Piece {
  height: number;
  draw: (x: number) => void;
  /** Over the whole width and on to further pages, where it is higher than one. */
  drawWhole: () => void;
}

/** Pieces in two columns, each where there is more room: from left to right and downwards, as they are read. */
export function piecesInColumns(sheet: Sheet, pieces: readonly Piece[]): void {
  const width = columnWidth(sheet);
  let tops: [number, number] = [sheet.y, sheet.y];
  for (const piece of pieces) {
    if (piece.height > sheet.fullRoom) {
      sheet.y = Math.max(...tops);
      piece.drawWhole();
      tops = [sheet.y, sheet.y];
      continue;
    }
    let column: 0 | 1 = tops[1] < tops[0] ? 1 : 0;
    sheet.y = tops[column];
    if (piece.height > sheet.room) {
      sheet.turn();
      tops = [sheet.y, sheet.y];
      column = 0;
    }
    piece.draw(sheet.left + column * (width + COLUMN_GAP));
    tops[column] += piece.height;
  }
  sheet.y = Math.max(...tops);
}
