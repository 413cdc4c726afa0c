import type { Response } from 'express';
import { archiveOfReport } from '../../archive/archiveOfReport';
import type { Context } from '../../context';
import type { StoredReport } from '../../store/reportStore';
import { sendZip } from './sendZip';

/** Sends a report to keep, everything hidden burned in. */
export async function sendArchive(
  context: Context,
  stored: StoredReport,
  isForYard: boolean,
  response: Response,
): Promise<void> {
  const { car, revision } = stored.report;
  await sendZip(response, async () => ({
    name: `${car.stockNumber}-revision-${revision}.zip`,
    contents: await archiveOfReport(context, stored, isForYard),
  }));
}
