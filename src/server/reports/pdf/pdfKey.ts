import { createHash } from 'node:crypto';
import { statSync } from 'node:fs';
import { coverNotes, withCovers } from '#core/report';
import type { Context } from '../../context';
import { drawingOf } from '../../photos/burn';
import type { StoredReport } from '../../store/reportStore';
import type { Paper } from '../paper';

/** Another program may lay out otherwise. */
const program = (() => {
  try {
    const { mtimeMs, size } = statSync(process.argv[1] ?? '');
    return `${mtimeMs} ${size}`;
  } catch {
    return 'unknown';
  }
})();

/** What a PDF shows, in one word: the report by its fingerprint, what is drawn over its pictures and which of them are here by now, the logo, the paper, the program. */
export function pdfKey(
  { stores, covers }: Pick<Context, 'stores' | 'covers'>,
  { report, sha256 }: StoredReport,
  paper: Paper,
): string {
  const hidden = covers(report.walk);
  const pictures = withCovers(report, hidden).photos.map((photo) => [
    photo.sha256,
    hidden.get(photo.sha256)?.withdrawnAt ?? drawingOf(photo),
    stores.photos.get(photo.sha256)?.stored ?? false,
  ]);
  const shown = [program, paper, sha256, report.id, pictures, coverNotes(report, hidden)];
  return createHash('sha256').update(JSON.stringify(shown)).digest('hex');
}
