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
export function recordingFiles(
  { stores, files, away }: Pick<Context, 'stores' | 'files' | 'away'>,
  report: ReportDocument,
): ArchivedRecording[] {
  return recordingsTold(report).flatMap(({ sha256, name, of, seconds }, i) => {
    const known = stores.recordings.get(sha256);
    if (!known?.stored) return [];
    const number = String(i + 1).padStart(2, '0');
    return [
      {
        path: `recordings/${number}-${slug(name)}-${sha256}.${known.record.mime.split('/')[1]}`,
        open: () => away.open(files.recording(sha256)),
        says: `${name}: ${of}, ${Math.round(seconds)} s`,
      },
    ];
  });
}
