import type { Overlay } from '#core/picture';
import { pictureOf } from '#core/walk';
import type { Context } from '../context';
import { carOfWalk } from '../planning/carOfWalk';
import { notFound, Problem } from '../problems';
import type { TradeOpened } from '../store/tradeLinkStore';
import { sheetOf } from './sheetOf';

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

/** How a picture of a trade’s own jobs may be shown to it; undefined for every other picture of the yard. */
export async function pictureForTrade(
  context: Context,
  crew: string,
  sha256: string,
): Promise<Overlay | undefined> {
  const { days } = await sheetOf(context, crew);
  const piece = days
    .flatMap(({ pieces }) => pieces)
    .find(({ car }) => car.tasks.some(({ faults }) => faults.some(({ photos }) => photos.includes(sha256))));
  const standing = piece && carOfWalk(context.stores, piece.car.walk);
  if (!standing) return undefined;
  const { marks, boxes } = pictureOf(standing.state, sha256);
  return { marks: [...marks], ...(boxes && { boxes: [...boxes] }) };
}
