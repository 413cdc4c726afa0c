import { isDeepStrictEqual } from 'node:util';
import { composeCheck, type FilledCheck } from '#core/arrival';
import { CLOCK_TOLERANCE_MS } from '#core/walk';
import { conflict, notFound, unprocessable } from '../problems';
import type { StoredCheck } from '../store/arrivalStore';
import type { StoredReport } from '../store/reportStore';
import type { Stores } from '../store/stores';

/**
 * Freezes a signed check; the same one sent twice is one. Throws a Problem for another under the same id, for photos that have not come, for parts
 * the revision does not have and for a date ahead of the clock.
 */
export function takeInCheck(
  stores: Stores,
  filled: FilledCheck,
  { report, sha256 }: StoredReport,
  share: string,
  now: Date,
): StoredCheck {
  return stores.db
    .transaction(() => {
      if (Date.parse(filled.signedAt) > now.getTime() + CLOCK_TOLERANCE_MS)
        throw unprocessable(
          'in-the-future',
          'It is dated in the future. Set the clock of the phone and sign it again.',
        );
      const composed = composeCheck(filled, report, sha256);
      if (!composed.ok)
        throw unprocessable(
          'unknown-parts',
          `Revision ${report.revision} has no part ${composed.parts.join(', ')}. Take the answer out, and say it in the remarks.`,
        );
      const before = stores.arrivals.get(filled.id);
      if (before) {
        if (before.share === share && isDeepStrictEqual(before.check, composed.check)) return before;
        throw conflict(
          'check-differs',
          'This check was signed and sent already, and what was signed is not changed. Begin a new check.',
        );
      }
      const missing = filled.answers
        .flatMap(({ photos }) => photos)
        .filter((photo) => !stores.arrivals.hasPhoto(share, photo));
      if (missing.length > 0)
        throw unprocessable(
          'photos-missing',
          `${missing.length} of its photos have not come yet. Send them, then the check.`,
        );
      return stores.arrivals.add(composed.check, share, now.toISOString());
    })
    .immediate();
}

/** A check a link may open: one that came by it. */
export function checkOf(stores: Stores, id: string, share?: string): StoredCheck {
  const stored = stores.arrivals.get(id);
  if (!stored || (share !== undefined && stored.share !== share)) throw notFound('check');
  return stored;
}
