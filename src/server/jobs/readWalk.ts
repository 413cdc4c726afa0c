import { readFile } from 'node:fs/promises';
import { styleOf } from '#core/car';
import { readWalkFile, type WalkFile } from '#core/exchange';
import { checkEntry } from '#core/walk';
import { parseJson } from '../parseJson';
import { badRequest, unprocessable } from '../problems';
import { proveReport } from '../reports/proveReport';

/** More than any walk holds, and about so many values as these have. */
const [MOST_ENTRIES, MOST_VALUES] = [10_000, 1_500_000] as const;

/** Reads a walk file and proves all it says: every entry one that a walk may hold, every report what its own log says. Throws a Problem. */
export async function readWalk({ path, now }: { path: string; now: string }): Promise<WalkFile> {
  const raw = parseJson(await readFile(path), MOST_VALUES);
  const count = (raw as { entries?: { length?: unknown } } | null)?.entries?.length;
  if (typeof count === 'number' && count > MOST_ENTRIES)
    throw unprocessable(
      'walk-too-long',
      `The file holds ${count} entries. A walk has ${MOST_ENTRIES} at most.`,
    );
  const reading = readWalkFile(raw);
  if (!reading.ok) throw badRequest(`walk-file-${reading.problem}`, reading.message);
  const { file } = reading;
  const begun = file.entries.find((entry) => entry.kind === 'walk-begun');
  const style = begun && styleOf(begun.body);
  for (const [i, entry] of file.entries.entries()) {
    const check = checkEntry(entry, { walk: file.walk, now: new Date(now), ...(style && { style }) });
    if (!check.ok)
      throw unprocessable('entries-refused', `${check.problem.message} Nothing was stored.`, [
        { path: `entries.${i}`, detail: check.problem.message, code: check.problem.code, entry: entry.id },
      ]);
  }
  // What is kept is what was frozen, to the letter: reading it fills in fields that came later.
  const frozen = (raw as { reports: object[] }).reports;
  for (const [i, report] of file.reports.entries()) proveReport(file, report, frozen[i] ?? report);
  return { ...file, reports: frozen as WalkFile['reports'] };
}
