import type { Readable } from 'node:stream';
import { slug } from '#core/archive';
import { type ReportDocument, recordingsTold } from '#core/report';
import type { Context } from '../context';

export interface ArchivedRecording {
  path: string;
  /** What it holds, from wherever it lies. */
  open: () => Readable;
  says: string;
}

/** The sounds and videos of a report as they may be played, those that are here. */
export async function recordingFiles(
  { stores, files, away }: Pick<Context, 'stores' | 'files' | 'away'>,
  report: ReportDocument,
): Promise<ArchivedRecording[]> {
  const told: ArchivedRecording[] = [];
  for (const [i, { sha256, name, of, seconds }] of recordingsTold(report).entries()) {
    const known = stores.recordings.get(sha256);
    const file = files.recording(sha256);
    if (!known?.stored || !(await away.isSomewhere(file))) continue;
    const number = String(i + 1).padStart(2, '0');
    told.push({
      path: `recordings/${number}-${slug(name)}-${sha256}.${known.record.mime.split('/')[1]}`,
      open: () => away.open(file),
      says: `${name}: ${of}, ${Math.round(seconds)} s`,
    });
  }
  return told;
}
