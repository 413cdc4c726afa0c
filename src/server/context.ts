import type { Logger } from 'pino';
import type { PhotoCovers } from '#core/report';
import type { Pool } from './aside/pool';
import type { Backups } from './backup/backups';
import type { makeCaptionWriter } from './captions/writeCaptions';
import type { Challenges } from './guessing/challenges';
import type { Guesses } from './guessing/guesses';
import type { Tries } from './guessing/tries';
import type { Live } from './live/live';
import type { Measures } from './measures/measures';
import type { Deliver } from './messages/writeMail';
import type { Printer } from './pdfs/printer';
import type { AwayFiles } from './photos/awayFiles';
import type { Burner } from './photos/burn';
import type { Copies } from './photos/copies';
import type { Judge } from './photos/judge';
import type { Keeper } from './photos/keeper';
import type { PhotoFiles } from './photos/photoFiles';
import type { Scrub } from './photos/scrub';
import type { Swept } from './photos/swept';
import type { makePhotoIntake } from './photos/takeIn';
import type { Reach } from './reach/reach';
import type { makeRecordingIntake } from './recordings/takeInRecording';
import type { Stores } from './store/stores';

/** What handlers work with; the clock is passed in so that tests can set it. */
export interface Context {
  stores: Stores;
  files: PhotoFiles;
  /** Those of the files that lie in a bucket alone. */
  away: AwayFiles;
  /** Where strangers' files are opened. */
  pool: Pool;
  /** Where papers are made. */
  printers: Pool;
  /** Puts files in place, and tells whether they still hold what they did. */
  keeper: Keeper;
  /** Copies of photos as they may be shown. */
  copies: Copies;
  /** Looks after the files in the background. */
  scrub: Scrub;
  /** What was found of files when the server started. */
  swept?: Swept;
  takeIn: ReturnType<typeof makePhotoIntake>;
  takeInRecording: ReturnType<typeof makeRecordingIntake>;
  judge: Judge;
  /** Path of a photo's copy with everything drawn on it that a reader is to see, and not to see. */
  burned: Burner;
  /** The same, or undefined where the picture has not come or its file is gone for good: what it belongs to goes on without it. */
  shown: (...copy: Parameters<Burner>) => Promise<string | undefined>;
  /** PDFs that were made. */
  pdfs: Printer;
  /** What a walk hides of its pictures by now: over every copy that leaves the yard, of every revision. */
  covers: (walk: string) => PhotoCovers;
  now: () => Date;
  log: Logger;
  /** Tells open pages of news. */
  live: Live;
  /** Hands a mail to a real mail server; absent where none is set. */
  deliver?: Deliver;
  /** Writes down what is said in a film; absent where the yard has no such program. */
  writeCaptions?: ReturnType<typeof makeCaptionWriter>;
  /** How Zelk is reached from outside; by the address a request came to when left out. */
  publicUrl?: string;
  /** Proxies before the readers' port, whose word on where a request comes from counts: addresses, networks, or `loopback`. */
  trustProxy?: readonly string[];
  /** Where the yard's own screens are opened from beside this machine; nowhere when left out. */
  reach?: Reach;
  /** Backups the server makes by itself; absent where it makes none. */
  backups?: Backups;
  measures: Measures;
  guesses: Guesses;
  tries: Tries;
  challenges: Challenges;
}
