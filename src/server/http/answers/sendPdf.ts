import type { Response } from 'express';
import { coverNotes, withCovers } from '#core/report';
import type { Context } from '../../context';
import { type Paper, writePdf } from '../../reports/pdf/writePdf';
import type { StoredReport } from '../../store/reportStore';

/** Sends a report as PDF, its pictures with everything hidden burned in. */
export async function sendPdf(
  { stores, shown, covers }: Context,
  { report, sha256: fingerprint }: StoredReport,
  paper: Paper,
  response: Response,
): Promise<void> {
  const name = `${report.car.stockNumber}-revision-${report.revision}-${paper}.pdf`.replace(/[^\w.-]+/g, '-');
  const copies = new Map<string, string>();
  const hidden = covers(report.walk);
  for (const photo of withCovers(report, hidden).photos) {
    const copy = hidden.get(photo.sha256)?.withdrawnAt ? undefined : await shown(photo.sha256, photo, 1600);
    if (copy) copies.set(photo.sha256, copy);
  }
  response.attachment(name).type('application/pdf');
  const logo = report.yard.logo ? stores.people.logo(report.yard.logo) : undefined;
  await writePdf(
    { report, fingerprint, notes: coverNotes(report, hidden) },
    paper,
    (sha256) => !hidden.get(sha256)?.withdrawnAt && copies.get(sha256),
    logo,
    response,
  );
}
