import type { Request } from 'express';
import { z } from 'zod';
import type { Context } from '../context';
import { notFound, Problem } from '../problems';
import type { StoredReport } from '../store/reportStore';
import { addressOf } from './guessLimit';

export const tokenParams = z.object({ token: z.string().max(100) });
export const revisionQuery = z.object({ revision: z.coerce.number().int().positive().optional() });
/** A browser that gave the passphrase of a link; the path keeps it to that link. */
export const COOKIE = 'zelk-unlock';

export const linkProblems = {
  unknown: () => notFound('report', 'Check that the whole link was copied, or ask the yard for a new one.'),
  revoked: () =>
    new Problem(
      410,
      'link-revoked',
      'This link was withdrawn',
      'The yard has withdrawn this link. Ask them for a new one.',
    ),
  expired: () =>
    new Problem(
      410,
      'link-expired',
      'This link has run out',
      'It was made for a time that is over. Ask the yard for a new one.',
    ),
  locked: () =>
    new Problem(
      401,
      'passphrase-wanted',
      'This report asks for a passphrase',
      'The yard gave it to you apart from the link. Type it to open the report.',
    ),
} as const;

/** What a link gives access to, decided in one place for every route under it. */
export function linkOpener({ stores, now, guesses }: Pick<Context, 'stores' | 'now' | 'guesses'>) {
  const opened = (request: Request, token: string) => {
    const cookies = request.cookies as Record<string, string | undefined>;
    const answer = stores.shares.open(token, now().toISOString(), cookies[COOKIE]);
    if (answer.status === 'unknown') guesses.wrongLink(addressOf(request));
    if (answer.status !== 'open') throw linkProblems[answer.status]();
    return answer;
  };
  /** For routes that take something: who has no link that opens sends nothing. */
  const admit = ({ token }: { token: string }, request: Request): void => {
    opened(request, token);
  };
  const revisionsBeside = (reportId: string) => {
    const sent = stores.reports.head(reportId);
    if (!sent) throw linkProblems.unknown();
    return { sent, all: stores.reports.ofWalk(sent.walk) };
  };
  const revisionOf = (reportId: string, revision?: number): StoredReport => {
    const { all } = revisionsBeside(reportId);
    const found = revision === undefined ? all.at(-1) : all.find((each) => each.revision === revision);
    const stored = found && stores.reports.stored(found.id);
    if (!stored) throw notFound('revision', 'Open the link without it to see the newest.');
    return stored;
  };
  return { opened, admit, revisionsBeside, revisionOf };
}
