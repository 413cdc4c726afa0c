import type { Entry } from '#core/walk';
import type { Db } from './openDatabase';
import { wrote } from './writeLock';

/** What the stock list shows of a walk, worked out of its log. */
export interface Figures {
  parts: number;
  visited: number;
  findings: number;
  photos: number;
  /** Promises that are not kept yet, and the day of the soonest. */
  promises: number;
  due: string | undefined;
  /** The picture it is known by: the one chosen, or the first of the whole car. */
  cover: string | undefined;
  /** Ids of questions that have an answer. */
  answered: readonly string[];
}

interface DueRow {
  id: string;
  body_style: string;
  extras: string;
  entries: number;
}

/** After an append the figures are worked out within this, unless somebody asks for them before. */
const WITHIN_MS = 250;

/**
 * Keeps the figures of walks up with their logs, not in the transaction that appends: to work them out takes a replay of the whole log, and nobody who walks
 * waits for them. What was left when the server was cut off is done when they are first asked for.
 */
export function makeProjection<Row extends DueRow>(
  db: Db,
  figuresOf: (row: Row, entries: readonly Entry[]) => Figures,
  entriesOf: (walk: string) => readonly Entry[],
) {
  const due = db.prepare<[], Row>('SELECT * FROM walks WHERE projected <> entries');
  const project = db.prepare(
    `UPDATE walks SET parts = ?, visited = ?, findings = ?, photos = ?, promises = ?, due = ?, cover = ?, projected = ?
     WHERE id = ?`,
  );
  const answer = db.prepare(
    'UPDATE questions SET is_open = id NOT IN (SELECT value FROM json_each(?)) WHERE walk_id = ?',
  );
  let isDue = true;
  let isSoon = false;
  const settleAll = db.transaction((rows: readonly Row[]) => {
    for (const row of rows) {
      const {
        parts,
        visited,
        findings,
        photos,
        promises,
        due: by,
        cover,
        answered,
      } = figuresOf(row, entriesOf(row.id));
      project.run(parts, visited, findings, photos, promises, by ?? null, cover ?? null, row.entries, row.id);
      answer.run(JSON.stringify(answered), row.id);
    }
  });
  /** Works out what is due now. While another program writes, the figures stay as they were, and are worked out soon. */
  const settle = (): void => {
    if (!isDue) return;
    const rows = due.all();
    isDue = rows.length > 0 && !wrote(() => settleAll(rows));
    if (isDue) soon();
  };
  const soon = (): void => {
    if (isSoon) return;
    isSoon = true;
    setTimeout(() => {
      isSoon = false;
      if (db.open) settle();
    }, WITHIN_MS).unref();
  };
  return {
    settle,
    /** A log grew: its figures are due. */
    grew: (): void => {
      isDue = true;
      soon();
    },
  };
}
