import type { FunctionGroupId } from '../functions';
import type { EntryOf } from './entries';
import type { FunctionState } from './functionBodies';

export interface FunctionTried {
  state: FunctionState;
  says?: string;
  at: string;
}

export interface FunctionRun {
  tried: Map<string, FunctionTried>;
  /** Fitted beyond what such cars usually have, in the order added. */
  added: Map<string, { group: FunctionGroupId; name?: string }>;
  /** Tests that need time, by when they were begun. */
  timers: Map<string, string>;
}

export const noFunctions = (): FunctionRun => ({ tried: new Map(), added: new Map(), timers: new Map() });

export function noteFunction(
  run: FunctionRun,
  entry: EntryOf<'functions-tried' | 'function-added' | 'timer-begun'>,
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
    default:
      entry satisfies never;
  }
}
