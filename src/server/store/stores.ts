import { makeArrivalStore } from './arrivalStore';
import { makeCarStore } from './carStore';
import { makeFileStore } from './fileStore';
import { makeMessageStore } from './messageStore';
import type { Db } from './openDatabase';
import { makePeopleStore } from './peopleStore';
import { makePhotoStore } from './photoStore';
import { makeQuestionStore } from './questionStore';
import { makeRecordingStore } from './recordingStore';
import { makeReportStore } from './reportStore';
import { makeShareStore } from './shareStore';
import { makeWalkStore } from './walkStore';

/** Every table's face, over one open database. */
export function makeStores(db: Db) {
  const cars = makeCarStore(db);
  const newest = db.prepare<[], { at: string | null }>(
    `SELECT max(at) AS at FROM (SELECT max(received_at) AS at FROM entries UNION SELECT max(created_at) FROM photos
     UNION SELECT max(created_at) FROM recordings UNION SELECT max(frozen_at) FROM reports)`,
  );
  return {
    db,
    /** When anything was last written down. */
    newestRowAt: (): string | undefined => newest.get()?.at ?? undefined,
    arrivals: makeArrivalStore(db),
    cars,
    files: makeFileStore(db),
    messages: makeMessageStore(db),
    people: makePeopleStore(db),
    walks: makeWalkStore(db, (id) => cars.get(id) !== undefined),
    photos: makePhotoStore(db),
    questions: makeQuestionStore(db),
    recordings: makeRecordingStore(db),
    reports: makeReportStore(db),
    shares: makeShareStore(db),
  };
}

export type Stores = ReturnType<typeof makeStores>;
