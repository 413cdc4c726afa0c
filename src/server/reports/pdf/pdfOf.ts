import type { Readable } from 'node:stream';
import { coverNotes, withCovers } from '#core/report';
import type { Context } from '../../context';
import type { Paper } from '../../pdfs/paper';
import type { PrintJob } from '../../pdfs/printed';
import type { StoredReport } from '../../store/reportStore';
import { pdfKey } from './pdfKey';

type Needed = Pick<Context, 'stores' | 'shown' | 'covers' | 'pdfs'>;

/** What a report is printed from, its pictures with everything hidden burned in. */
async function gather(
  { stores, shown, covers }: Needed,
  { report, sha256: fingerprint }: StoredReport,
  paper: Paper,
): Promise<PrintJob> {
  const hidden = covers(report.walk);
  const pictures = new Map<string, string | false>();
  for (const photo of withCovers(report, hidden).photos) {
    const copy = hidden.get(photo.sha256)?.withdrawnAt ? false : await shown(photo.sha256, photo, 1600);
    if (copy !== undefined) pictures.set(photo.sha256, copy);
  }
  const logo = report.yard.logo ? stores.people.logo(report.yard.logo) : undefined;
  const notes = coverNotes(report, hidden);
  return { printed: { what: 'report', report, fingerprint, notes, logo }, paper, pictures };
}

const asked = (context: Needed, stored: StoredReport, paper: Paper) =>
  [pdfKey(context, stored, paper), () => gather(context, stored, paper)] as const;

/** A report as PDF, to be sent: the one that was made before, as long as it would show the same. */
export const pdfFile = (context: Needed, stored: StoredReport, paper: Paper) =>
  context.pdfs.fileOf(...asked(context, stored, paper));

/** The same as a stream that begins once it is made. */
export const pdfStream = (context: Needed, stored: StoredReport, paper: Paper): Readable =>
  context.pdfs.streamOf(...asked(context, stored, paper));

/** Whether it is made; where not, it is from now on. */
export const pdfState = (context: Needed, stored: StoredReport, paper: Paper) =>
  context.pdfs.state(...asked(context, stored, paper));
