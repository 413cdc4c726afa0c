import { planArchive, slug } from '#core/archive';
import { styleOf } from '#core/car';
import { composeReport } from '#core/report';
import { replay } from '#core/walk';
import type { Context } from '../http/context';
import { conflict } from '../http/problems';
import { exportWalk } from '../reports/exchange';
import { otherWalksOf } from '../reports/freeze';
import type { ArchiveContents } from './writeArchive';

/** What a walk's ZIP holds as it stands now, frozen or not. Originals stay: only copies with everything hidden burned in leave. */
export function archiveOfWalk({ stores, files, burned, now }: Context, walkId: string): ArchiveContents {
  const file = exportWalk(stores, walkId, now());
  const state = replay(walkId, file.entries);
  if (!state.begun) throw conflict('walk-not-begun', 'The walk has not begun: there is nothing to save.');
  const report = composeReport({
    id: walkId,
    revision: stores.reports.ofWalk(walkId).length + 1,
    frozenAt: now().toISOString(),
    signedBy: '',
    yard: stores.people.yard(),
    car: file.car,
    walk: walkId,
    entries: file.entries,
    otherWalks: otherWalksOf(stores, file.car.id, walkId),
    photos: new Map(file.photos.map((record) => [record.sha256, record])),
  });
  const style = styleOf({ ...state.begun, steering: file.car.steering });
  return {
    report,
    pictures: planArchive(
      report,
      style,
      file.car,
      state.brought.map(({ sha256 }) => sha256),
    ),
    recordings: (report.functions?.recordings ?? []).flatMap(({ sha256, name, of, seconds }, i) => {
      const known = stores.recordings.get(sha256);
      if (!known?.stored) return [];
      const [number, words] = [String(i + 1).padStart(2, '0'), slug(name)];
      return [
        {
          path: `recordings/${number}-${words}-${sha256}.${known.record.mime.split('/')[1]}`,
          file: files.recording(sha256),
          says: `${name}: ${of}, ${Math.round(seconds)} s`,
        },
      ];
    }),
    walkJson: JSON.stringify(file),
    copyOf: async ({ sha256, overlay }) =>
      stores.photos.get(sha256)?.stored ? burned(sha256, overlay, 1600) : undefined,
  };
}

export const archiveName = (stock: string): string => `${stock.replace(/[^\w.-]+/g, '-')}-pictures.zip`;
