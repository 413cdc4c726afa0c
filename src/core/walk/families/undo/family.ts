import { family, silent } from '../family';
import { undoBodies } from './bodies';

/** What is undone is left out before anything is noted. */
export const undo = family({
  bodies: undoBodies,
  empty: () => ({ undoable: [], redoable: [] }),
  noters: { undone: () => undefined },
  words: { undone: silent },
});
