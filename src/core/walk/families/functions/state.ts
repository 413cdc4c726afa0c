import type { z } from 'zod';
import type { FunctionGroupId, WarningLampId } from '../../../functions';
import type { Noters } from '../noters';
import type { functionBodies } from './bodies';
import type { FunctionState, RecordingKind } from './functionStates';

export interface FunctionTried {
  state: FunctionState;
  says?: string;
  at: string;
  /** From the mornings it stood, not tried by itself. */
  isFromMornings?: true;
}

export type DriveNoted = z.output<(typeof functionBodies)['drive-noted']>;

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

export const functionNoters: Noters<FunctionRun, typeof functionBodies> = {
  'functions-tried': ({ tried, timers }, { at, body: { functions, state, says, from } }) => {
    for (const id of functions) {
      tried.set(id, { state, ...(says && { says }), at, ...(from && { isFromMornings: true as const }) });
      timers.delete(id);
    }
  },
  'function-added': ({ added }, { body: { function: id, group, name } }) => {
    added.set(id, { group, ...(name && { name }) });
  },
  'timer-begun': ({ timers }, { at, body }) => {
    timers.set(body.function, at);
  },
  'lamps-noted': (run, { body }) => {
    run.lampsOn = body.on;
  },
  'drive-noted': (run, { body }) => {
    run.drive = body;
  },
  'recording-attached': (run, { at, body: { recording, says, ...body } }) => {
    const others = run.recordings.filter(({ sha256 }) => sha256 !== recording);
    run.recordings = [...others, { sha256: recording, ...body, ...(says && { says }), at }];
  },
  'recording-set-aside': (run, { body }) => {
    run.recordings = run.recordings.filter(({ sha256 }) => sha256 !== body.recording);
  },
};
