import type { Response } from 'express';
import type { Context } from '../../context';
import { type Paper, writePdf } from '../../reports/pdf/writePdf';
import type { StoredReport } from '../../store/reportStore';

/** Sends a report as PDF, its pictures with everything hidden burned in. */
export async function sendPdf(
  { stores, shown }: Context,
  { report, sha256: fingerprint }: StoredReport,
  paper: Paper,
  response: Response,
): Promise<void> {
  const name = `${report.car.stockNumber}-revision-${report.revision}-${paper}.pdf`.replace(/[^\w.-]+/g, '-');
  const copies = new Map<string, string>();
  for (const photo of report.photos) {
    const copy = await shown(photo.sha256, photo, 1600);
    if (copy) copies.set(photo.sha256, copy);
  }
  response.attachment(name).type('application/pdf');
  const logo = report.yard.logo ? stores.people.logo(report.yard.logo) : undefined;
  await writePdf(report, fingerprint, paper, (sha256) => copies.get(sha256), logo, response);
}
