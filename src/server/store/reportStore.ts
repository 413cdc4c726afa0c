import { createHash } from 'node:crypto';
import { canonicalForm, type ReportDocument, reportDocumentSchema } from '#core/report';
import type { Db } from './openDatabase';

export interface ReportSummary {
  id: string;
  revision: number;
  position: number;
  frozenAt: string;
}

/** A report as it is kept, with its fingerprint. */
export interface StoredReport {
  report: ReportDocument;
  /** The text it was frozen as, to the letter: what is exported and kept. */
  frozen: string;
  sha256: string;
}

/** SHA-256 over the canonical form (RFC 8785). */
export const fingerprintOf = (document: object): string =>
  createHash('sha256').update(canonicalForm(document), 'utf8').digest('hex');

/** So many reports are kept parsed, a few hundred kilobytes each. */
const MOST_READ = 40;

interface ReportRow {
  id: string;
  revision: number;
  position: number;
  frozen_at: string;
}

export function makeReportStore(db: Db) {
  const one = db.prepare<[string], { document: string; sha256: string | null }>(
    'SELECT document, sha256 FROM reports WHERE id = ?',
  );
  const head = db.prepare<[string], { walk: string; revision: number }>(
    'SELECT walk_id AS walk, revision FROM reports WHERE id = ?',
  );
  const ofWalk = db.prepare<[string], ReportRow>(
    'SELECT id, revision, position, frozen_at FROM reports WHERE walk_id = ? ORDER BY revision',
  );
  const insert = db.prepare(
    'INSERT INTO reports (id, walk_id, revision, position, frozen_at, document, sha256) VALUES (?, ?, ?, ?, ?, ?, ?)',
  );
  // A frozen report never changes: whoever reads it again need not wait for it to be parsed again.
  const read = new Map<string, StoredReport>();
  const stored = (id: string): StoredReport | undefined => {
    const known = read.get(id);
    if (known) return known;
    const row = one.get(id);
    if (!row) return undefined;
    const report = reportDocumentSchema.parse(JSON.parse(row.document));
    const found = { report, frozen: row.document, sha256: row.sha256 ?? fingerprintOf(report) };
    const [oldest] = read.keys();
    if (read.size >= MOST_READ && oldest) read.delete(oldest);
    read.set(id, found);
    return found;
  };
  return {
    /** Which walk a report is of, without reading it: every picture a link shows asks for this. */
    head: (id: string): { walk: string; revision: number } | undefined => head.get(id),
    get: (id: string): ReportDocument | undefined => stored(id)?.report,
    stored,
    ofWalk: (walk: string): ReportSummary[] =>
      ofWalk.all(walk).map(({ frozen_at: frozenAt, ...row }) => ({ ...row, frozenAt })),
    /** Of an erased walk: what was read of it lately goes too. */
    forget: (id: string): void => {
      read.delete(id);
    },
    add: (document: ReportDocument): void => {
      const { id, walk, revision, position, frozenAt } = document;
      insert.run(id, walk, revision, position, frozenAt, JSON.stringify(document), fingerprintOf(document));
    },
  };
}
