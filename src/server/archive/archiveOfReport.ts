import { setImmediate as breathe } from 'node:timers/promises';
import { z } from 'zod';
import { planArchive } from '#core/archive';
import { styleOf } from '#core/car';
import { walkFileSchema } from '#core/exchange';
import { coverNotes, reportDocumentSchema, withCovers } from '#core/report';
import type { Context } from '../context';
import { exportWalk } from '../reports/exchange';
import { pdfStream } from '../reports/pdf/pdfOf';
import type { StoredReport } from '../store/reportStore';
import { recordingFiles } from './recordingFiles';
import { reportHtml } from './reportHtml';
import { archiveTables } from './tables';
import type { ArchiveContents } from './writeArchive';

/** JSON Schema 2020-12 of a shape that travels. */
export const jsonSchemaOf = (shape: z.ZodType, title: string): string =>
  JSON.stringify({ ...z.toJSONSchema(shape, { io: 'input', unrepresentable: 'any' }), title }, null, 2);

const LOGO = 'logo.png';

/** Made once: they say the same of every report. */
let schemas: { walk: string; report: string } | undefined;
function schemasNow() {
  schemas ??= {
    walk: jsonSchemaOf(walkFileSchema, 'Zelk walk file'),
    report: jsonSchemaOf(reportDocumentSchema, 'Zelk report'),
  };
  return schemas;
}

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
        ['walk.schema.json', schemasNow().walk],
      ]
    : [];
  return {
    at: new Date(report.frozenAt),
    files: [
      ['report.html', page],
      ...(logo ? [[LOGO, logo] as const] : []),
      ...tables,
      ['report.json', frozen],
      ['report.schema.json', schemasNow().report],
      ...walk,
    ],
    streams: [['report.pdf', () => pdfStream(context, stored, 'a4')]],
    pictures,
    recordings,
    copyOf: async ({ sha256 }) => copies.get(sha256),
  };
}
