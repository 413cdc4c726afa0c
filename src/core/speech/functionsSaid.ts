import type { FunctionId } from '../functions';
import { AGAIN_WORDS, type Talk } from './talk';

/** Drafts how something that is tried does; said again at once it is the same, and the last word on it stands. */
export function addFunction(talk: Talk, id: FunctionId, works: boolean): void {
  const last = talk.drafts.findLast((draft) => draft.is === 'function' && draft.function === id);
  const isAgain = last?.is === 'function' && last.works === works;
  const isClose = last && (talk.phrase?.from ?? 0) - last.words[1] <= AGAIN_WORDS;
  if (isAgain && isClose) return;
  // "Stereo works, one of the speakers crackles."
  if (last && isClose) talk.drafts.splice(talk.drafts.indexOf(last), 1);
  talk.add({ is: 'function', function: id, works });
}
