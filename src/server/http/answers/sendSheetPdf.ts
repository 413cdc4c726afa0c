import type { Response } from 'express';
import { pictureOf } from '#core/walk';
import type { Context } from '../../context';
import { carOfWalk } from '../../planning/carOfWalk';
import type { Paper } from '../../reports/paper';
import type { SheetMade } from '../../trade/sheetOf';

/** Sends a job sheet as PDF, with its pictures as they may be shown. */
export async function sendSheetPdf(
  { stores, shown }: Context,
  sheet: SheetMade,
  paper: Paper,
  response: Response,
): Promise<void> {
  const copies = new Map<string, string>();
  for (const { car } of sheet.days.flatMap(({ pieces }) => pieces)) {
    const standing = carOfWalk(stores, car.walk);
    for (const sha256 of car.tasks.flatMap(({ faults }) => faults.flatMap(({ photos }) => photos))) {
      if (copies.has(sha256) || !standing) continue;
      const { marks, boxes } = pictureOf(standing.state, sha256);
      const copy = await shown(sha256, { marks: [...marks], ...(boxes && { boxes: [...boxes] }) }, 1600);
      if (copy) copies.set(sha256, copy);
    }
  }
  const name = `jobs-${sheet.crew.name}-${sheet.days[0]?.day ?? ''}.pdf`.replace(/[^\w.-]+/g, '-');
  const { writeSheetPdf } = await import('../../trade/writeSheetPdf');
  response.attachment(name).type('application/pdf');
  await writeSheetPdf(sheet, paper, (sha256) => copies.get(sha256), response);
}
