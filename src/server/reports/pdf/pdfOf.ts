import type { Writable } from 'node:stream';
import { coverNotes, withCovers } from '#core/report';
import type { Context } from '../../context';
import type { StoredReport } from '../../store/reportStore';
import type { Paper } from '../paper';
import { pdfWriter } from './pdfWriter';

/** Writes a report as PDF, its pictures with everything hidden burned in. `begin` is told when everything is at hand. */
export async function pdfOf(
  { stores, shown, covers }: Pick<Context, 'stores' | 'shown' | 'covers'>,
  { report, sha256: fingerprint }: StoredReport,
  paper: Paper,
  out: Writable,
  begin: () => void = () => undefined,
): Promise<void> {
  const copies = new Map<string, string>();
  const hidden = covers(report.walk);
  for (const photo of withCovers(report, hidden).photos) {
    const copy = hidden.get(photo.sha256)?.withdrawnAt ? undefined : await shown(photo.sha256, photo, 1600);
    if (copy) copies.set(photo.sha256, copy);
  }
  const { writePdf } = await pdfWriter();
  begin();
  const logo = report.yard.logo ? stores.people.logo(report.yard.logo) : undefined;
  await writePdf(
    { report, fingerprint, notes: coverNotes(report, hidden) },
    paper,
    (sha256) => !hidden.get(sha256)?.withdrawnAt && copies.get(sha256),
    logo,
    out,
  );
}
