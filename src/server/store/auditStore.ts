import type { AuditKind } from '#core/people';
import type { Db } from './openDatabase';

interface AuditRow {
  id: number;
  at: string;
  who: string | null;
  name: string | null;
  device: string | null;
  what: AuditKind;
  about: string;
}

export interface AuditLine {
  id: number;
  at: string;
  /** Nobody known: a name that does not sign in here. */
  name?: string;
  /** What the device was called. */
  device?: string;
  what: AuditKind;
  about: string;
}

/** Who did what, in the order it was done. Rows are added and stay: the database itself refuses to change or take out any. */
export function makeAuditStore(db: Db) {
  const insert = db.prepare('INSERT INTO audit (at, who, device, what, about) VALUES (?, ?, ?, ?, ?)');
  const page = db.prepare<[number, number], AuditRow>(
    `SELECT audit.id, audit.at, audit.who, people.name, devices.name AS device, what, about
     FROM audit LEFT JOIN people ON people.id = who LEFT JOIN devices ON devices.id = audit.device
     WHERE audit.id < ? ORDER BY audit.id DESC LIMIT ?`,
  );
  return {
    add: (row: { at: string; who?: string; device?: string; what: AuditKind; about?: string }): void => {
      insert.run(row.at, row.who ?? null, row.device ?? null, row.what, row.about ?? '');
    },
    /** Newest first, those before an id. */
    page: (before: number, limit: number): AuditLine[] =>
      page.all(before, limit).map(({ id, at, name, device, what, about }) => ({
        id,
        at,
        what,
        about,
        ...(name !== null && { name }),
        ...(device !== null && { device }),
      })),
  };
}
