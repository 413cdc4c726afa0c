import { planArchive } from '#core/archive';
import { styleOf } from '#core/car';
import type { UsualFor } from '#core/judge';
import { composeReport, type IdentityTelling } from '#core/report';
import { asBuilt, replay } from '#core/walk';
import type { Context } from '../context';
import { conflict } from '../problems';
import { exportWalk } from '../reports/exchange';
import { morningsOf, otherWalksOf } from '../reports/freeze';
import { archiveIndex } from './archiveIndex';
import { recordingFiles } from './recordingFiles';
import { archiveTables } from './tables';
import type { ArchiveContents } from './writeArchive';

/** What a walk's ZIP holds as it stands now, frozen or not. Originals stay: only copies with everything hidden burned in leave. */
export async function archiveOfWalk(
  context: Context,
  walkId: string,
): Promise<ArchiveContents & { stock: string }> {
  const { shown, now } = context;
  const standing = reportAsItStands(context, walkId);
  if (!standing) throw conflict('walk-not-begun', 'The walk has not begun: there is nothing to save.');
  const { file, state, report } = standing;
  const style = asBuilt(styleOf({ ...standing.begun, steering: file.car.steering }), state);
  const unplaced = state.brought.map(({ sha256 }) => sha256);
  const pictures = planArchive(report, style, file.car, unplaced);
  const recordings = await recordingFiles(context, report);
  return {
    stock: file.car.stockNumber,
    at: now(),
    files: [
      ['index.html', archiveIndex(report, pictures, recordings)],
      ...archiveTables(report, pictures),
      ['walk.json', JSON.stringify(file)],
    ],
    pictures,
    recordings,
    copyOf: ({ sha256, overlay }) => shown(sha256, overlay, 1600),
  };
}

/** A walk with the report that would be frozen from it now; undefined while it has not begun. */
export function reportAsItStands(
  { stores, now }: Pick<Context, 'stores' | 'now'>,
  walkId: string,
  signing: { signedBy: string; identity?: IdentityTelling; usual?: UsualFor | undefined } = { signedBy: '' },
) {
  const file = exportWalk(stores, walkId, now());
  const state = replay(walkId, file.entries);
  const { begun } = state;
  if (!begun) return undefined;
  const report = composeReport({
    id: walkId,
    revision: stores.reports.ofWalk(walkId).length + 1,
    frozenAt: now().toISOString(),
    ...signing,
    yard: stores.people.yard(),
    car: file.car,
    walk: walkId,
    entries: file.entries,
    otherWalks: otherWalksOf(stores, file.car.id, walkId),
    mornings: morningsOf(stores, file.car.id, now()),
    photos: new Map(file.photos.map((record) => [record.sha256, record])),
  });
  return { file, state, begun, report };
}
