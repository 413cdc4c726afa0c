import type { ReportDocument } from '../report';
import { isoDay } from '../wording';
import { yardLine } from '../yard';

export const messageKinds = ['mail', 'text'] as const;
export type MessageKind = (typeof messageKinds)[number];

export interface Invitation {
  link: string;
  /** Last day it opens, UTC; for ever when left out. */
  expiresAt?: string;
  hasPassphrase: boolean;
  /** A line of the sender's own. */
  note: string;
}

/** A mail that leads to a report: facts of the report alone, and how to go on from there. */
export function mailTo(report: ReportDocument, invitation: Invitation): { subject: string; text: string } {
  const { link, note } = invitation;
  const { car, title, revision, summary, signedBy, yard } = report;
  return {
    subject: `Condition report: ${title}${revision > 1 ? `, revision ${revision}` : ''}`,
    text: [
      ...(note ? [note, ''] : []),
      `The condition report of ${title}, stock number ${car.stockNumber}:`,
      link,
      '',
      ...summary,
      '',
      ...termsOf(invitation),
      'You can ask about any part or photo there, and hold the car against the report when it arrives.',
      '',
      signedBy,
      yardLine(yard),
    ].join('\n'),
  };
}

/** The same as a text message, as short as it can be. */
export const textTo = ({ title, yard }: ReportDocument, { link, hasPassphrase }: Invitation): string =>
  `${yard.name}: condition report of ${title} ${link}${hasPassphrase ? ' (asks for a passphrase; we tell it to you)' : ''}`;

function termsOf({ expiresAt, hasPassphrase }: Invitation): string[] {
  return [
    ...(expiresAt ? [`The link opens until ${isoDay(expiresAt)}.`] : []),
    ...(hasPassphrase ? ['It asks for a passphrase, which we tell you another way.'] : []),
  ];
}
