import { covered, type ReportDocument } from '#core/report';
import type { Context } from '../context';
import { drawingOf } from '../photos/burn';

/**
 * By which drawing each picture of a report is shared: as the newest revision that names it draws it, and as it is covered by now. Pictures that were
 * withdrawn have none.
 */
export function drawingsOf(
  { stores, covers }: Pick<Context, 'stores' | 'covers'>,
  { walk, photos }: ReportDocument,
): Record<string, string> {
  const newest = stores.reports.ofWalk(walk).at(-1);
  const latest = newest && stores.reports.get(newest.id);
  const hidden = covers(walk);
  return Object.fromEntries(
    photos.flatMap((photo) => {
      const { sha256 } = photo;
      const cover = hidden.get(sha256);
      if (cover?.withdrawnAt) return [];
      const shown = latest?.photos.find((each) => each.sha256 === sha256) ?? photo;
      return [[sha256, drawingOf(covered(shown, cover))]];
    }),
  );
}
