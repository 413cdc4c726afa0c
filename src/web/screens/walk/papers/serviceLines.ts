import type { DistanceUnit } from '#core/car';
import {
  type Day,
  isFigureLine,
  type OdometerFigure,
  parseFigure,
  parseService,
  type ServiceEntry,
} from '#core/papers';

export interface LinesRead {
  sure: ServiceEntry[];
  /** Odometer figures of certificates and dated photos. */
  figures: OdometerFigure[];
  /** Understood, but asked about before they are kept. */
  doubtful: { line: string; entry: ServiceEntry; doubts: readonly string[] }[];
  /** Not understood: they stay where they were typed. */
  refused: { line: string; says: string }[];
}

/** Commas between figures belong to them; in a row of a table they part its cells. */
const isTableRow = (line: string) => /[;\t]/.test(line) || (line.match(/,(?! )/g) ?? []).length >= 3;
const asWords = (line: string) =>
  isTableRow(line) ? line.replace(/[;\t]|,(?! )/g, ' ').replace(/"/g, '') : line;

/** Reads a service record as it was typed or pasted: one entry a line, or the rows of a table. */
export function readServiceLines(
  text: string,
  unit: DistanceUnit,
  today: Day,
  monthFirst: boolean,
): LinesRead {
  const read: LinesRead = { sure: [], figures: [], doubtful: [], refused: [] };
  for (const line of text.split(/\r?\n/)) {
    if (line.trim() === '') continue;
    if (isFigureLine(line)) {
      const figure = parseFigure(asWords(line), unit, today, monthFirst);
      if (figure.ok) read.figures.push(figure.figure);
      else read.refused.push({ line, says: figure.says });
      continue;
    }
    const reading = parseService(asWords(line), unit, today, monthFirst);
    if (!reading.ok) read.refused.push({ line, says: reading.says });
    else if (reading.doubts.length > 0)
      read.doubtful.push({ line, entry: reading.entry, doubts: reading.doubts });
    else read.sure.push(reading.entry);
  }
  return read;
}
