import { type ReportDocument, reportDocumentSchema } from '#core/report';
import type { Db } from './openDatabase';

export interface ReportSummary {
  id: string;
  revision: number;
  position: number;
  frozenAt: string;
}

interface ReportRow {
  id: string;
  revision: number;
  position: number;
  frozen_at: string;
}

export function makeReportStore(db: Db) {
  const one = db.prepare<[string], { document: string }>('SELECT document FROM reports WHERE id = ?');
  const ofWalk = db.prepare<[string], ReportRow>(
    'SELECT id, revision, position, frozen_at FROM reports WHERE walk_id = ? ORDER BY revision',
  );
  const insert = db.prepare(
    'INSERT INTO reports (id, walk_id, revision, position, frozen_at, document) VALUES (?, ?, ?, ?, ?, ?)',
  );
  return {
    get: (id: string): ReportDocument | undefined => {
      const row = one.get(id);
      return row && reportDocumentSchema.parse(JSON.parse(row.document));
    },
    ofWalk: (walk: string): ReportSummary[] =>
      ofWalk.all(walk).map(({ frozen_at: frozenAt, ...row }) => ({ ...row, frozenAt })),
    add: (document: ReportDocument): void => {
      const { id, walk, revision, position, frozenAt } = document;
      insert.run(id, walk, revision, position, frozenAt, JSON.stringify(document));
    },
  };
}

export type ReportStore = ReturnType<typeof makeReportStore>;
