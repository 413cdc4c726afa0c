import type { Response } from 'express';
import type { Context } from '../../context';
import { pdfOf } from '../../reports/pdf/pdfOf';
import type { Paper } from '../../reports/pdf/writePdf';
import type { StoredReport } from '../../store/reportStore';

/** Sends a report as PDF. */
export async function sendPdf(
  context: Context,
  stored: StoredReport,
  paper: Paper,
  response: Response,
): Promise<void> {
  const { car, revision } = stored.report;
  const name = `${car.stockNumber}-revision-${revision}-${paper}.pdf`.replace(/[^\w.-]+/g, '-');
  await pdfOf(context, stored, paper, response, () => response.attachment(name).type('application/pdf'));
}
