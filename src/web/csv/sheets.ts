import Papa from 'papaparse';
import type { CsvCells, CsvRead } from '#core/csv';

/** Takes a CSV file apart, whether its fields are parted by commas, semicolons or tabs. */
export function parseCsv(text: string): CsvRead {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  return { fields: meta.fields ?? [], records: data };
}

/** Cells as a CSV file (RFC 4180). A field that a sheet would take for a formula is kept as text. */
export const writeCsv = ({ fields, data }: CsvCells): string =>
  `${Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { escapeFormulae: true })}\r\n`;

/** Hands a file to whoever looks, under a name. */
export function saveFile(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has begun to read it by then.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
