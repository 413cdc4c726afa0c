import type { Response } from 'express';
import { pictureOf } from '#core/walk';
import type { Context } from '../../context';
import type { Paper } from '../../pdfs/paper';
import type { PrintJob, SheetMade } from '../../pdfs/printed';
import { carOfWalk } from '../../planning/carOfWalk';
import { sendPrinted } from './sendPdf';

/** Sends a job sheet as PDF, with its pictures as they may be shown. */
export async function sendSheetPdf(
  context: Context,
  sheet: SheetMade,
  paper: Paper,
  response: Response,
): Promise<void> {
  const { stores, shown } = context;
  const pictures = new Map<string, string>();
  for (const { car } of sheet.days.flatMap(({ pieces }) => pieces)) {
    const standing = carOfWalk(stores, car.walk);
    for (const sha256 of car.tasks.flatMap(({ faults }) => faults.flatMap(({ photos }) => photos))) {
      if (pictures.has(sha256) || !standing) continue;
      const { marks, boxes } = pictureOf(standing.state, sha256);
      const copy = await shown(sha256, { marks: [...marks], ...(boxes && { boxes: [...boxes] }) }, 1600);
      if (copy) pictures.set(sha256, copy);
    }
  }
  const job: PrintJob = { printed: { what: 'sheet', sheet }, paper, pictures };
  await sendPrinted(context, job, `jobs-${sheet.crew.name}-${sheet.days[0]?.day ?? ''}.pdf`, response);
}
