import type { Imported } from '#core/api';
import type { WalkFile } from '#core/exchange';
import { WALK_FILE_VERSION } from '#core/exchange';
import type { ReportDocument } from '#core/report';
import { type Entry, picturesNamed, recordingsNamed, replay } from '#core/walk';
import { conflict, notFound } from '../problems';
import { detailsOf } from '../store/carStore';
import type { Stores } from '../store/stores';

/** One walk with all that belongs to it. */
export function exportWalk(stores: Stores, walkId: string, now: Date): WalkFile {
  const walk = stores.walks.get(walkId);
  const car = walk && stores.cars.get(walk.car_id);
  if (!car) throw notFound('walk');
  const entries = stores.walks.entriesOf(walkId);
  const frozen = stores.reports.ofWalk(walkId).flatMap(({ id }) => stores.reports.stored(id) ?? []);
  const people = new Set(entries.map((entry) => entry.who));
  return {
    format: 'zelk-walk',
    version: WALK_FILE_VERSION,
    exportedAt: now.toISOString(),
    walk: walkId,
    car,
    people: [...people].flatMap((id) => stores.people.get(id) ?? []),
    entries: [...entries],
    photos: stores.photos.known(photosNamed(entries)).map(({ record }) => record),
    recordings: stores.recordings.known(recordingsNamed(entries)).map(({ record }) => record),
    // As they were frozen, to the letter: fields that came later are not filled in.
    reports: frozen.map(({ frozen }) => JSON.parse(frozen) as ReportDocument),
    fingerprints: Object.fromEntries(frozen.map(({ report, sha256 }) => [report.id, sha256])),
  };
}

/** Takes a walk file that was proven in whole or not at all; the same file again changes nothing. */
export function importWalk(stores: Stores, file: WalkFile, now: Date): Imported {
  const at = now.toISOString();
  return stores.db
    .transaction(() => {
      const { id, createdAt } = file.car;
      stores.cars.add(id, detailsOf(file.car), at, createdAt);
      for (const person of file.people) stores.people.put(person);
      for (const recording of file.recordings) stores.recordings.put(recording, false, at);
      for (const photo of file.photos) stores.photos.put(photo, false, at);
      const held = stores.walks.get(file.walk)?.entries ?? 0;
      if (held > file.entries.length) {
        throw conflict(
          'walk-went-on',
          'This walk is already here and has gone on since the file was exported. Nothing was changed.',
        );
      }
      const { accepted } = stores.walks.appendProven(file.walk, file.entries, now);
      if (held + accepted.length !== file.entries.length) {
        throw conflict(
          'walk-differs',
          'This walk is already here with other entries than in the file. Nothing was changed.',
        );
      }
      const here = stores.reports.ofWalk(file.walk);
      const fresh = file.reports.filter((report) => !here.some((known) => known.id === report.id));
      if (fresh.some((report) => here.some((known) => known.revision === report.revision))) {
        throw conflict(
          'revision-taken',
          'The walk was frozen both here and in the file under the same revision. Nothing was changed.',
        );
      }
      for (const report of fresh) stores.reports.add(report);
      return {
        walk: file.walk,
        car: id,
        entries: accepted.length,
        reports: fresh.length,
        photosMissing: file.photos
          .map((photo) => photo.sha256)
          .filter((sha256) => !stores.photos.get(sha256)?.stored),
        recordingsMissing: file.recordings
          .map(({ sha256 }) => sha256)
          .filter((sha256) => !stores.recordings.get(sha256)?.stored),
      };
    })
    .immediate();
}

const photosNamed = (entries: readonly Entry[]) => picturesNamed(replay(entries[0]?.walk ?? '', entries));
