import { notFound, Problem } from '../problems';
import type { TradeOpened } from '../store/tradeLinkStore';

const gone = (code: string, title: string, detail: string) => new Problem(410, code, title, detail);

/** Why a trade’s link does not open, in words. */
export const tradeLinkProblems: Record<Exclude<TradeOpened['status'], 'open'>, () => Problem> = {
  unknown: () => notFound('sheet', 'Check that the whole link was copied, or ask the yard for a new one.'),
  withdrawn: () =>
    gone(
      'link-revoked',
      'This link was withdrawn',
      'The yard has withdrawn this link. Ask them for a new one.',
    ),
  expired: () =>
    gone(
      'link-expired',
      'This link has run out',
      'It was made for a time that is over. Ask the yard for a new one.',
    ),
};
