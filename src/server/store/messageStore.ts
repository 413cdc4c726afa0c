import type { Message } from '#core/api';
import type { Db } from './openDatabase';

export interface StoredMessage extends Message {
  /** RFC 5322, of a mail. */
  eml?: Buffer;
}

interface MessageRow {
  id: string;
  report_id: string;
  kind: 'mail' | 'text';
  recipient: string;
  subject: string;
  text: string;
  eml: Buffer | null;
  created_at: string;
  sent_at: string | null;
  problem: string | null;
}

const LATEST = 200;

/** What went out, or would have. */
export function makeMessageStore(db: Db) {
  const insert = db.prepare(
    `INSERT INTO messages (id, report_id, kind, recipient, subject, text, eml, created_at)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
  );
  const one = db.prepare<[string], MessageRow>('SELECT * FROM messages WHERE id = ?');
  const latest = db.prepare<[number], MessageRow>(
    'SELECT * FROM messages ORDER BY created_at DESC, id DESC LIMIT ?',
  );
  const sent = db.prepare('UPDATE messages SET sent_at = ?, problem = NULL WHERE id = ?');
  const failed = db.prepare('UPDATE messages SET problem = ? WHERE id = ?');
  return {
    get: (id: string): StoredMessage | undefined => {
      const row = one.get(id);
      return row && { ...toMessage(row), ...(row.eml && { eml: row.eml }) };
    },
    latest: (): Message[] => latest.all(LATEST).map(toMessage),
    add: ({ id, report, kind, to, subject, text, eml, createdAt }: StoredMessage): void => {
      insert.run(id, report, kind, to, subject, text, eml ?? null, createdAt);
    },
    noteSent: (id: string, now: string): void => {
      sent.run(now, id);
    },
    noteProblem: (id: string, problem: string): void => {
      failed.run(problem, id);
    },
  };
}

const toMessage = (row: MessageRow): Message => ({
  id: row.id,
  report: row.report_id,
  kind: row.kind,
  to: row.recipient,
  subject: row.subject,
  text: row.text,
  createdAt: row.created_at,
  ...(row.sent_at && { sentAt: row.sent_at }),
  ...(row.problem && { problem: row.problem }),
});
