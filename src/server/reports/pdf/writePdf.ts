import { once } from 'node:events';
import type { Writable } from 'node:stream';
import {
  type Block,
  coverBlocks,
  coverOf,
  type ReportDocument,
  readerLines,
  reportBlocks,
  reportFacts,
} from '#core/report';
import { isoDay } from '#core/wording';
import type { Paper } from '../../pdfs/paper';
import type { PrintedReport } from '../../pdfs/printed';
import { COLUMN_GAP, columnWidth, linesInColumns, type Piece, piecesInColumns } from './columns';
import { drawDrawing, SMALLEST } from './drawing';
import { drawPhoto, PHOTO_RATIO, type PhotoPath } from './drawPhoto';
import { findingPiece } from './findingBlock';
import { photoGrid } from './photoGrid';
import { Sheet, soft, type TextStyle, warn } from './sheet';
import { tableRow } from './tableRow';
import { yardHead } from './yardHead';

/** Height of a heading, of a row of photos, and of the few lines that stay with a heading. */
const [HEADING, PHOTOS_HIGH, FEW_LINES] = [34, 150, 40];
const CONTENTS_ROW = 12.5;

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
  const hidden = chaptersOf(coverBlocks(notes));
  const chapters = chaptersOf(reportBlocks(report, fingerprint));
  head(sheet, report, path, logo);
  const writeContents = contents(sheet, chapters.length);
  for (const chapter of [...hidden, ...chapters]) writeChapter(sheet, chapter, path);
  writeContents();
  sheet.foot(
    (page, of) =>
      `${report.car.stockNumber} · revision ${report.revision} · ${isoDay(report.frozenAt)} · page ${page} of ${of}`,
  );
  sheet.pdf.end();
  await closed;
}

/** A heading and what stands under it. */
interface Chapter {
  title: string | undefined;
  blocks: Block[];
}

function chaptersOf(blocks: readonly Block[]): Chapter[] {
  const chapters: Chapter[] = [];
  for (const block of blocks) {
    if (block.is === 'heading') chapters.push({ title: block.text, blocks: [] });
    else if (chapters.length === 0) chapters.push({ title: undefined, blocks: [block] });
    else chapters.at(-1)?.blocks.push(block);
  }
  return chapters;
}

/** Name, car, what must be known, the verdicts, the figures. */
function head(sheet: Sheet, report: ReportDocument, path: PhotoPath, logo: Buffer | undefined): void {
  yardHead(sheet, report.yard, logo);
  sheet.text(report.title, { size: 22, weight: 'bold', gap: 2, as: 'H1' });
  sheet.text(`Condition report, revision ${report.revision}`, { size: 12, gap: 8 });
  const { must, verdicts, limits } = readerLines(report);
  const top = sheet.y;
  const width = columnWidth(sheet);
  const cover = coverOf(report);
  const hasCover = cover !== undefined && Boolean(path(cover.sha256));
  if (hasCover) drawPhoto(sheet, cover, path, sheet.left, top, width);
  const beside = hasCover ? { x: sheet.left + width + COLUMN_GAP, width } : {};
  for (const line of must) sheet.text(line, { ...beside, weight: 'bold', colour: warn, gap: 2 });
  for (const line of verdicts) sheet.text(line, { ...beside, gap: 2 });
  if (hasCover) sheet.y = Math.max(sheet.y, top + width * PHOTO_RATIO + 16);
  for (const line of limits) sheet.text(line, { size: 9, colour: soft, gap: 2 });
  sheet.y += 6;
  linesInColumns(
    sheet,
    reportFacts(report).map(([name, value]) => ({ text: `${name}: ${value}`, style: { gap: 1 } })),
  );
  sheet.y += 6;
  if (report.paragraph) sheet.text(report.paragraph, { gap: 5 });
  for (const line of report.summary) sheet.text(line, { weight: 'bold', gap: 2 });
}

/** Keeps room for the contents of so many chapters; gives back what writes them there, once pages are known. */
function contents(sheet: Sheet, chapters: number): () => void {
  const rows = Math.ceil(chapters / 2);
  const height = 24 + rows * CONTENTS_ROW;
  sheet.need(height);
  const { page, y } = sheet;
  sheet.y += height;
  return () =>
    sheet.onPage(page, y + 8, () => {
      sheet.text('Contents', { size: 11, weight: 'bold', gap: 2 });
      const top = sheet.y;
      const width = columnWidth(sheet);
      sheet.headings.slice(-chapters).forEach(({ text, page: at, name }, i) => {
        const x = sheet.left + Math.floor(i / rows) * (width + COLUMN_GAP);
        sheet.y = top + (i % rows) * CONTENTS_ROW;
        sheet.text(text, { size: 9, x, width: width - 30, gap: 0, goTo: name });
        sheet.y = top + (i % rows) * CONTENTS_ROW;
        sheet.text(String(at), { size: 9, x: x + width - 26, width: 26, gap: 0 });
      });
    });
}

/** One chapter: findings and longer lists in two columns, the rest over the whole width. The heading stays with what comes first. */
function writeChapter(sheet: Sheet, { title, blocks }: Chapter, path: PhotoPath): void {
  const width = columnWidth(sheet);
  const runs = runsOf(blocks);
  const pieces = new Map<Block, Piece>();
  for (const block of blocks)
    if (block.is === 'finding')
      pieces.set(block, findingPiece(sheet, block.finding, block.photos, path, width));
  if (title) sheet.heading(title, HEADING + firstHeight(blocks[0], pieces));
  for (const run of runs) {
    const [first] = run;
    if (first?.is === 'text')
      linesInColumns(
        sheet,
        run.flatMap((block) => (block.is === 'text' ? [{ text: block.text, style: styleOf(block) }] : [])),
      );
    else if (first?.is === 'finding')
      piecesInColumns(
        sheet,
        run.flatMap((block) => pieces.get(block) ?? []),
      );
    else for (const block of run) write(sheet, block, path);
  }
}

/** Blocks of one kind that follow each other. */
function runsOf(blocks: readonly Block[]): Block[][] {
  const runs: Block[][] = [];
  for (const block of blocks) {
    const run = runs.at(-1);
    if (run?.[0]?.is === block.is) run.push(block);
    else runs.push([block]);
  }
  return runs;
}

/** So high is what must stand below a heading on its page. */
function firstHeight(block: Block | undefined, pieces: ReadonlyMap<Block, Piece>): number {
  switch (block?.is) {
    case 'finding':
      return pieces.get(block)?.height ?? 0;
    case 'drawing':
      return block.drawing.height * SMALLEST + 8;
    case 'photos':
      return PHOTOS_HIGH;
    default:
      return FEW_LINES;
  }
}

const styleOf = (block: Extract<Block, { is: 'text' }>): TextStyle => ({
  gap: 2,
  ...(block.weight && { weight: block.weight }),
  ...(block.isQuiet && { colour: soft, size: 9 }),
});

function write(sheet: Sheet, block: Block, path: PhotoPath): void {
  switch (block.is) {
    case 'table':
      tableRow(sheet, block.shares, block.head, { colour: soft, size: 9 });
      for (const row of block.rows) tableRow(sheet, block.shares, row, { size: 9 });
      break;
    case 'drawing':
      drawDrawing(sheet, block.drawing);
      break;
    case 'photos':
      photoGrid(sheet, block.photos, block.size, path);
      break;
    default:
      throw new Error(`A ${block.is} stands in a run of its like.`);
  }
}
