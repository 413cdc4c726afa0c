import type { Logger } from 'pino';
import type { Live } from './live/live';
import type { Deliver } from './messages/writeMail';
import type { Burner } from './photos/burn';
import type { Judge } from './photos/judge';
import type { PhotoFiles } from './photos/photoFiles';
import type { makePhotoIntake } from './photos/takeIn';
import type { makeRecordingIntake } from './recordings/takeInRecording';
import type { Stores } from './store/stores';

/** What handlers work with; the clock is passed in so that tests can set it. */
export interface Context {
  stores: Stores;
  files: PhotoFiles;
  takeIn: ReturnType<typeof makePhotoIntake>;
  takeInRecording: ReturnType<typeof makeRecordingIntake>;
  judge: Judge;
  /** Path of a photo's copy with everything drawn on it that a reader is to see, and not to see. */
  burned: Burner;
  now: () => Date;
  log: Logger;
  /** Tells open pages of news. */
  live: Live;
  /** Hands a mail to a real mail server; absent where none is set. */
  deliver?: Deliver;
  /** How Zelk is reached from outside; by the address a request came to when left out. */
  publicUrl?: string;
}
