import { setImmediate as breathe } from 'node:timers/promises';
import { planArchive } from '#core/archive';
import { styleOf } from '#core/car';
import { coverNotes, withCovers } from '#core/report';
import type { Context } from '../context';
import { exportWalk } from '../reports/exchange';
import { pdfStream } from '../reports/pdf/pdfOf';
import type { StoredReport } from '../store/reportStore';
import { reportJsonSchema, walkJsonSchema } from './publishedSchemas';
import { recordingFiles } from './recordingFiles';
import { reportHtml } from './reportHtml';
import { archiveTables } from './tables';
import type { ArchiveContents } from './writeArchive';

const LOGO = 'logo.png';

const textOf = (schema: object): string => JSON.stringify(schema, null, 2);

/**
 * A frozen report to keep: page, PDF, tables, pictures by place, and itself as data. Only the yard's own copy holds the walk's log, which has what no
 * reader is told: who made each entry, and what was taken back.
 */
export async function archiveOfReport(
  context: Context,
  stored: StoredReport,
  isForYard: boolean,
): Promise<ArchiveContents> {
  const { stores, shown, covers, now } = context;
  const { report, frozen, sha256: fingerprint } = stored;
  const hidden = covers(report.walk);
  const notes = coverNotes(report, hidden);
  const pictures = planArchive(withCovers(report, hidden), styleOf(report.car), report.car);
  const recordings = await recordingFiles(context, report);
  const logo = report.yard.logo ? stores.people.logo(report.yard.logo) : undefined;
  const copies = new Map<string, string>();
  for (const { sha256, overlay } of pictures) {
    const copy = hidden.get(sha256)?.withdrawnAt ? undefined : await shown(sha256, overlay, 1600);
    if (copy) copies.set(sha256, copy);
  }
  const isHere = (sha256: string) => copies.has(sha256);
  // Each of these takes a while here: others are answered in between.
  const page = reportHtml({
    report,
    fingerprint,
    notes,
    pictures,
    isHere,
    recordings,
    logo: logo && LOGO,
  });
  await breathe();
  const tables = archiveTables(report, pictures);
  await breathe();
  const walk: [string, string][] = isForYard
    ? [
        ['walk.json', JSON.stringify(exportWalk(stores, report.walk, now()))],
        ['walk.schema.json', textOf(walkJsonSchema)],
      ]
    : [];
  return {
    at: new Date(report.frozenAt),
    files: [
      ['report.html', page],
      ...(logo ? [[LOGO, logo] as const] : []),
      ...tables,
      ['report.json', frozen],
      ['report.schema.json', textOf(reportJsonSchema)],
      ...walk,
    ],
    streams: [['report.pdf', () => pdfStream(context, stored, 'a4')]],
    pictures,
    recordings,
    copyOf: async ({ sha256 }) => copies.get(sha256),
  };
}
