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
const linkIn = /(\/r\/)[A-Za-z0-9_-]{27}/g;

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
  const withLinks = db.prepare<[string], { id: string; text: string }>(
    "SELECT id, text FROM messages WHERE created_at < ? AND text LIKE '%/r/%'",
  );
  const forget = db.prepare('UPDATE messages SET text = ?, eml = NULL WHERE id = ?');
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
    /** Links in messages written before a time are made illegible: whoever got one has it, and here it is of no more use. */
    forgetLinks: (before: string): void => {
      for (const { id, text } of withLinks.all(before)) forget.run(text.replace(linkIn, '$1…'), id);
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
