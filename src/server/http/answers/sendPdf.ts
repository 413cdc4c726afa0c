import type { Response } from 'express';
import type { Context } from '../../context';
import type { Paper } from '../../reports/paper';
import { pdfKey } from '../../reports/pdf/pdfKey';
import { pdfOf } from '../../reports/pdf/pdfOf';
import type { StoredReport } from '../../store/reportStore';
import { sendFile } from './sendFile';

/** Sends a report as PDF: the one that was made before, as long as it would show the same. */
export async function sendPdf(
  context: Context,
  stored: StoredReport,
  paper: Paper,
  response: Response,
): Promise<void> {
  const { car, revision } = stored.report;
  const name = `${car.stockNumber}-revision-${revision}-${paper}.pdf`.replace(/[^\w.-]+/g, '-');
  const begin = () => response.attachment(name).type('application/pdf');
  const kept = await context.pdfs
    .pathOf(pdfKey(context, stored, paper), (out) => pdfOf(context, stored, paper, out))
    // A full disk keeps nobody from reading.
    .catch((error: Error) => {
      context.log.warn({ error: error.message }, 'a PDF could not be kept');
      return undefined;
    });
  if (kept) {
    begin();
    await sendFile(response, kept);
  } else await pdfOf(context, stored, paper, response, begin);
}
