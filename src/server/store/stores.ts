import { makeArrivalStore } from './arrivalStore';
import { makeCarStore } from './carStore';
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
  return {
    db,
    arrivals: makeArrivalStore(db),
    cars,
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
