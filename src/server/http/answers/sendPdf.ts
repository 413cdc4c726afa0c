import type { Response } from 'express';
import type { Context } from '../../context';
import { contentKey } from '../../pdfs/contentKey';
import type { Paper } from '../../pdfs/paper';
import type { PrintJob } from '../../pdfs/printed';
import { pdfFile } from '../../reports/pdf/pdfOf';
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
  const file = await pdfFile(context, stored, paper);
  await sendMade(file, `${car.stockNumber}-revision-${revision}-${paper}.pdf`, response);
}

/** Sends a PDF of what was gathered for it: a job sheet, a signed check. */
export async function sendPrinted(
  { pdfs }: Pick<Context, 'pdfs'>,
  job: PrintJob,
  name: string,
  response: Response,
): Promise<void> {
  await sendMade(await pdfs.fileOf(contentKey(job), async () => job), name, response);
}

async function sendMade(
  { path, done }: Awaited<ReturnType<typeof pdfFile>>,
  name: string,
  response: Response,
): Promise<void> {
  try {
    response.attachment(name.replace(/[^\w.-]+/g, '-')).type('application/pdf');
    await sendFile(response, path);
  } finally {
    await done();
  }
}
