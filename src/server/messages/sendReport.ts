import type { Logger } from 'pino';
import type { Message } from '#core/api';
import { type Invitation, type MessageKind, mailTo, textTo } from '#core/messages';
import type { ReportDocument } from '#core/report';
import type { Stores } from '../store/stores';
import { type Deliver, type Mail, writeMail } from './writeMail';

/** Written as sender while the yard has no mail address. RFC 2606: nobody owns it. */
const NOBODY = 'no-reply@zelk.invalid';

interface Post {
  stores: Pick<Stores, 'messages'>;
  now: () => Date;
  log: Logger;
  deliver?: Deliver;
}

interface Wanted extends Invitation {
  id: string;
  kind: MessageKind;
  to: string;
}

/** Writes a message that leads to a report, keeps it, and sends it where a mail server is set. */
export async function sendReport(
  { stores, now, log, deliver }: Post,
  report: ReportDocument,
  { id, kind, to, ...invitation }: Wanted,
): Promise<Message> {
  const date = now();
  const createdAt = date.toISOString();
  const { mail, name } = report.yard;
  const from = { name, address: mail || NOBODY };
  if (kind === 'text')
    stores.messages.add({
      id,
      report: report.id,
      kind,
      to,
      subject: '',
      text: textTo(report, invitation),
      createdAt,
    });
  else {
    const written = mailTo(report, invitation);
    const full: Mail = { id, from, to, date, ...written };
    const eml = await writeMail(full);
    stores.messages.add({ id, report: report.id, kind, to, ...written, eml, createdAt });
    if (deliver)
      await deliver(from.address, to, eml).then(
        () => stores.messages.noteSent(id, now().toISOString()),
        (error: Error) => {
          log.warn({ id }, 'mail was not taken');
          stores.messages.noteProblem(id, error.message.slice(0, 300));
        },
      );
  }
  const { eml: _, ...message } = stores.messages.get(id) as Message & { eml?: Buffer };
  return message;
}
