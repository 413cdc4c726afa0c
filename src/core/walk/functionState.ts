import type { FunctionGroupId, WarningLampId } from '../functions';
import type { EntryOf } from './entries';
import type { FunctionState, RecordingKind } from './functionBodies';

export interface FunctionTried {
  state: FunctionState;
  says?: string;
  at: string;
}

export type DriveNoted = EntryOf<'drive-noted'>['body'];

export interface Recording {
  sha256: string;
  of: RecordingKind;
  function: string;
  seconds: number;
  says?: string;
  at: string;
}

export interface FunctionRun {
  tried: Map<string, FunctionTried>;
  /** Fitted beyond what such cars usually have, in the order added. */
  added: Map<string, { group: FunctionGroupId; name?: string }>;
  /** Tests that need time, by when they were begun. */
  timers: Map<string, string>;
  /** Warning lamps that stay on; absent until somebody has looked. */
  lampsOn?: readonly WarningLampId[];
  /** The road test, once it is confirmed who drives and that they may. */
  drive?: DriveNoted;
  /** Sounds and videos in the order taken, each once. */
  recordings: Recording[];
}

export const noFunctions = (): FunctionRun => ({
  tried: new Map(),
  added: new Map(),
  timers: new Map(),
  recordings: [],
});

export function noteFunction(
  run: FunctionRun,
  entry: EntryOf<
    | 'functions-tried'
    | 'function-added'
    | 'timer-begun'
    | 'lamps-noted'
    | 'drive-noted'
    | 'recording-attached'
    | 'recording-set-aside'
  >,
): void {
  switch (entry.kind) {
    case 'functions-tried': {
      const { functions, state, says } = entry.body;
      for (const id of functions) {
        run.tried.set(id, { state, ...(says && { says }), at: entry.at });
        run.timers.delete(id);
      }
      break;
    }
    case 'function-added': {
      const { function: id, group, name } = entry.body;
      run.added.set(id, { group, ...(name && { name }) });
      break;
    }
    case 'timer-begun':
      run.timers.set(entry.body.function, entry.at);
      break;
    case 'lamps-noted':
      run.lampsOn = entry.body.on;
      break;
    case 'drive-noted':
      run.drive = entry.body;
      break;
    case 'recording-attached': {
      const { recording, says, ...body } = entry.body;
      const others = run.recordings.filter(({ sha256 }) => sha256 !== recording);
      run.recordings = [...others, { sha256: recording, ...body, ...(says && { says }), at: entry.at }];
      break;
    }
    case 'recording-set-aside':
      run.recordings = run.recordings.filter(({ sha256 }) => sha256 !== entry.body.recording);
      break;
    default:
      entry satisfies never;
  }
}
