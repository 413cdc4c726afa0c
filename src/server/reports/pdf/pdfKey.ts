import { coverNotes, withCovers } from '#core/report';
import type { Context } from '../../context';
import { keyOfShown } from '../../pdfs/contentKey';
import type { Paper } from '../../pdfs/paper';
import { drawingOf } from '../../photos/burn';
import type { StoredReport } from '../../store/reportStore';

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
  return keyOfShown([paper, sha256, report.id, pictures, coverNotes(report, hidden)]);
}
