import type { Response } from 'express';
import { archiveOfReport } from '../../archive/archiveOfReport';
import { writeArchive } from '../../archive/writeArchive';
import type { Context } from '../../context';
import type { StoredReport } from '../../store/reportStore';

/** Sends a report to keep, everything hidden burned in. */
export async function sendArchive(
  context: Context,
  stored: StoredReport,
  isForYard: boolean,
  response: Response,
): Promise<void> {
  const { car, revision } = stored.report;
  const contents = await archiveOfReport(context, stored, isForYard);
  response
    .attachment(`${car.stockNumber}-revision-${revision}.zip`.replace(/[^\w.-]+/g, '-'))
    .type('application/zip');
  await writeArchive(contents, response);
}
