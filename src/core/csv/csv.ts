/** A CSV file taken apart: the names in its first line, and a record for each line below. The core has no parser of its own; who calls brings one. */
export interface CsvRead {
  fields: readonly string[];
  records: readonly Readonly<Record<string, string>>[];
}
export type ParseCsv = (text: string) => CsvRead;

/** A CSV file before it is written: the names of its columns, and its cells line by line. */
export interface CsvCells {
  fields: readonly string[];
  data: readonly (readonly (string | number)[])[];
}

/** A number as people type it into a sheet: "20,000" is twenty thousand, "1,5" one and a half. NaN for what is none. */
export function csvNumber(said: string): number {
  const bare = said.trim();
  return Number(/^\d{1,3}(,\d{3})+$/.test(bare) ? bare.replaceAll(',', '') : bare.replace(',', '.'));
}

/** So many of what is wrong with a file are told at once. */
const MOST_TOLD = 5;
export const firstProblems = (says: readonly string[]): string[] =>
  says.length <= MOST_TOLD
    ? [...says]
    : [...says.slice(0, MOST_TOLD), `… and ${says.length - MOST_TOLD} more.`];
