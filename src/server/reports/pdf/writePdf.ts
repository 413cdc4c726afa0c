import { once } from 'node:events';
import type { Writable } from 'node:stream';
import {
  type Block,
  type CoverNote,
  coverBlocks,
  coverOf,
  type ReportDocument,
  readerLines,
  reportBlocks,
  reportFacts,
} from '#core/report';
import { isoDay } from '#core/wording';
import { drawDrawing } from './drawing';
import { drawPhoto, findingBlock, type PhotoPath } from './findingBlock';
import { photoGrid } from './photoGrid';
import { type Paper, Sheet, soft, warn } from './sheet';
import { tableRow } from './tableRow';
import { yardHead } from './yardHead';

export { type Paper, papers } from './sheet';

const COVER_WIDTH = 380;

/** A frozen report with its fingerprint, and what was hidden of its pictures since. */
interface PrintedReport {
  report: ReportDocument;
  fingerprint: string;
  notes: readonly CoverNote[];
}

/** Renders a frozen report as PDF into a stream. Adds no fact to the document; what was hidden of its pictures since is told beside it. */
export async function writePdf(
  { report, fingerprint, notes }: PrintedReport,
  paper: Paper,
  path: PhotoPath,
  logo: Buffer | undefined,
  out: Writable,
): Promise<void> {
  const sheet = new Sheet(paper, `${report.title}: condition report`);
  sheet.pdf.pipe(out);
  const closed = Promise.race([once(out, 'finish'), once(out, 'close')]);
  head(sheet, report, path, logo);
  const blocks = [...coverBlocks(notes), ...reportBlocks(report, fingerprint)];
  for (const [i, block] of blocks.entries()) write(sheet, block, path, blocks[i + 1]);
  sheet.foot(
    (page, of) =>
      `${report.car.stockNumber} · revision ${report.revision} · ${isoDay(report.frozenAt)} · page ${page} of ${of}`,
  );
  sheet.pdf.end();
  await closed;
}

function head(sheet: Sheet, report: ReportDocument, path: PhotoPath, logo: Buffer | undefined): void {
  yardHead(sheet, report.yard, logo);
  sheet.text(report.title, { size: 22, weight: 'bold', gap: 2, as: 'H1' });
  sheet.text(`Condition report, revision ${report.revision}`, { size: 12, gap: 8 });
  const cover = coverOf(report);
  if (cover && path(cover.sha256)) {
    const width = Math.min(sheet.width, COVER_WIDTH);
    drawPhoto(sheet, cover, path, sheet.left, sheet.y, width);
    sheet.y += width * 0.75 + 16;
  }
  const { must, verdicts, limits } = readerLines(report);
  for (const line of must) sheet.text(line, { size: 11, weight: 'bold', colour: warn, gap: 2 });
  for (const line of verdicts) sheet.text(line, { size: 11, gap: 2 });
  for (const line of limits) sheet.text(line, { size: 9, colour: soft, gap: 2 });
  sheet.y += 6;
  for (const [name, value] of reportFacts(report)) sheet.text(`${name}: ${value}`, { gap: 1 });
  sheet.y += 6;
  if (report.paragraph) sheet.text(report.paragraph, { size: 11, gap: 6 });
  for (const line of report.summary) sheet.text(line, { size: 11, weight: 'bold', gap: 2 });
}

/** A heading does not stay behind alone: so much of what follows stands on its page. */
const roomAfterHeading = (next: Block | undefined): number => {
  if (next?.is === 'finding' || next?.is === 'photos') return 190;
  return next?.is === 'drawing' ? next.drawing.height + 60 : 70;
};

function write(sheet: Sheet, block: Block, path: PhotoPath, next: Block | undefined): void {
  switch (block.is) {
    case 'heading':
      sheet.heading(block.text, roomAfterHeading(next));
      break;
    case 'text':
      sheet.text(block.text, {
        gap: 2,
        ...(block.weight && { weight: block.weight }),
        ...(block.isQuiet && { colour: soft, size: 9 }),
      });
      break;
    case 'table':
      tableRow(sheet, block.shares, block.head, { colour: soft, size: 9 });
      for (const row of block.rows) tableRow(sheet, block.shares, row, { size: 9 });
      break;
    case 'drawing':
      drawDrawing(sheet, block.drawing);
      break;
    case 'finding':
      findingBlock(sheet, block.finding, block.photos, path);
      break;
    case 'photos':
      photoGrid(sheet, block.photos, block.size, path);
      break;
    default:
      block satisfies never;
  }
}
