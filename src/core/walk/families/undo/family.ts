import { familyOf, silent } from '../family';
import type { undoBodies } from './bodies';

/** What is undone is left out before anything is noted. */
export const undo = familyOf<typeof undoBodies>()({
  empty: () => ({ undoable: [], redoable: [] }),
  noters: { undone: () => undefined },
  words: { undone: silent },
});
