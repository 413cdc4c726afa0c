import type { PhotoRecord, RecordingRecord, WalkFile } from '#core/exchange';
import type { ExpectationTable, JudgedWalk, Learned } from '#core/judge';
import type { Yard } from '#core/schedule';
import type { PrintJob } from '../pdfs/printed';

/** A yard as it goes to another process: without maps. */
export type SentYard = Omit<Yard, 'fixed'> & { fixed: [string, { crew: string; start: number }][] };

type Shown<T, K extends keyof T> = Pick<T, K>;

/** What is done in a process of its own, with strangers' files above all: what goes in, files by path, and what comes out. */
export interface Jobs {
  /** A photo into its copies. */
  develop: {
    input: { file: string; large: string; small: string };
    output: Shown<PhotoRecord, 'mime' | 'width' | 'height' | 'takenAt' | 'focalMm' | 'focal35Mm'>;
  };
  /** How sharp a photo is, and what it looks like. */
  judge: { input: { file: string }; output: Required<Shown<PhotoRecord, 'quality' | 'likeness'>> };
  /** What is usual, from a table and walks. */
  learn: {
    input: { table: ExpectationTable; walks: readonly JudgedWalk[]; seed: number };
    output: Learned;
  };
  /** A picture into a logo; gives its hash. */
  logo: { input: { file: string; png: string }; output: string };
  /** A PDF, written to a file. */
  print: { input: { job: PrintJob; file: string }; output: null };
  /** A recording into a copy that tells nothing beyond sound and picture. */
  recording: {
    input: { file: string; bare: string; as?: 'recording' | 'film' };
    output: Shown<RecordingRecord, 'mime' | 'seconds'>;
  };
  /** Integer programs in LP format, solved: variables that are not 0, by name. */
  solve: { input: { models: readonly string[] }; output: Record<string, number>[] };
  /** A schedule, searched for so many milliseconds. */
  schedule: {
    input: { yard: SentYard; ms: number; seed: number };
    output: {
      placed: { task: string; crew: string; start: number }[];
      cost: number;
      bound: number;
      tries: number;
    };
  };
  /** A walk file, proven. */
  walk: { input: { path: string; now: string }; output: WalkFile };
}

export type JobName = keyof Jobs;
export type JobInput<N extends JobName> = Jobs[N]['input'];
export type JobOutput<N extends JobName> = Jobs[N]['output'];
