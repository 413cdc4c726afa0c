import { makeAccountStore } from './accountStore';
import { makeArrivalStore } from './arrivalStore';
import { makeAuditStore } from './auditStore';
import { makeCarStore } from './carStore';
import { makeChoiceStore } from './choiceStore';
import { makeDeviceStore } from './deviceStore';
import { makeDiaryStore } from './diaryStore';
import { makeFileStore } from './fileStore';
import { makeJudgeStore } from './judgeStore';
import { makeMessageStore } from './messageStore';
import { makeMorningStore } from './morningStore';
import { makeOneTimeStore } from './oneTimeStore';
import type { Db } from './openDatabase';
import { makePasskeyStore } from './passkeyStore';
import { makePeopleStore } from './peopleStore';
import { makePhotoStore } from './photoStore';
import { makePlanStore } from './planStore';
import { makePracticeStore } from './practiceStore';
import { makeQuestionStore } from './questionStore';
import { makeRecordingStore } from './recordingStore';
import { makeReportStore } from './reportStore';
import { makeSessionStore } from './sessionStore';
import { makeShareStore } from './shareStore';
import { makeTradeLinkStore } from './tradeLinkStore';
import { makeWalkStore } from './walkStore';
import { makeWordStore } from './wordStore';
import { makeWorkStore } from './workStore';
import { makeWriteLock } from './writeLock';

/** Every table's face, over one open database. */
export function makeStores(db: Db) {
  const walks = makeWalkStore(db, (id) => cars.get(id) !== undefined);
  const cars = makeCarStore(db, walks.settle);
  const newest = db.prepare<[], { at: string | null }>(
    `SELECT max(at) AS at FROM (SELECT max(received_at) AS at FROM entries UNION SELECT max(created_at) FROM photos
     UNION SELECT max(created_at) FROM recordings UNION SELECT max(frozen_at) FROM reports)`,
  );
  return {
    db,
    writeLock: makeWriteLock(db),
    /** When anything was last written down. */
    newestRowAt: (): string | undefined => newest.get()?.at ?? undefined,
    accounts: makeAccountStore(db),
    arrivals: makeArrivalStore(db),
    audit: makeAuditStore(db),
    cars,
    choices: makeChoiceStore(db),
    devices: makeDeviceStore(db),
    diary: makeDiaryStore(db),
    files: makeFileStore(db),
    judge: makeJudgeStore(db),
    messages: makeMessageStore(db),
    morning: makeMorningStore(db, walks.settle),
    oneTime: makeOneTimeStore(db),
    passkeys: makePasskeyStore(db),
    people: makePeopleStore(db),
    walks,
    photos: makePhotoStore(db),
    plans: makePlanStore(db),
    practice: makePracticeStore(db),
    questions: makeQuestionStore(db),
    recordings: makeRecordingStore(db),
    reports: makeReportStore(db),
    sessions: makeSessionStore(db),
    shares: makeShareStore(db),
    tradeLinks: makeTradeLinkStore(db),
    words: makeWordStore(db),
    work: makeWorkStore(db),
  };
}

export type Stores = ReturnType<typeof makeStores>;
