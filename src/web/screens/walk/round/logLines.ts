import { partTitles, vocabularyOf } from '#core/car';
import { functionTitle } from '#core/readings';
import { entryWords, findingKindName, isSilent, type LogSpeech, ordered, spotKey } from '#core/walk';
import type { OpenWalk } from '../../../sync/useWalk';

export interface LogLine {
  id: string;
  at: string;
  who: string;
  says: string;
  undone: boolean;
  /** What to undo to change this line's mind: the entry, or the undo that took it away. */
  undo: string;
}

type WalkTold = Pick<OpenWalk, 'entries' | 'state' | 'style' | 'page'>;

function speechOf({ entries, state, style, page }: WalkTold): LogSpeech {
  const vocabulary = vocabularyOf(page.car);
  const nameOf = partTitles(style, page.car);
  const nameFinding = (id: string) => {
    // The last time it was noted: one that was taken back and said again is the later one.
    const noted = entries.findLast((entry) => entry.kind === 'finding-noted' && entry.body.finding === id);
    return noted?.kind === 'finding-noted'
      ? `${nameOf(noted.body.part)}, ${findingKindName(noted.body.kind, vocabulary).toLowerCase()}`
      : 'A finding';
  };
  const names = new Map<string, string>();
  return {
    vocabulary,
    nameOf,
    about: (id) => {
      const name = names.get(id) ?? nameFinding(id);
      names.set(id, name);
      return name;
    },
    titleOf: (id) => functionTitle(state.functions, id, vocabulary),
    spotTitle: (spot, part) => state.weakSpots.get(spotKey(spot, part))?.title ?? spot,
  };
}

/** One entry in the words of the log; undefined for moves and settings, and for what is not known here. */
export function wordsOfEntry(walk: WalkTold, id: string): string | undefined {
  const entry = walk.entries.findLast((each) => each.id === id);
  return entry && !isSilent(entry.kind) ? entryWords(entry, speechOf(walk)) : undefined;
}

/** The log in words, latest first; moves between stops and undos themselves are not lines of their own. */
export function logLines({ entries, state, style, page }: WalkTold): LogLine[] {
  const inForce = new Set(state.undoable);
  const undos = new Set(state.redoable);
  const all = ordered(entries);
  const undoOf = new Map<string, string>();
  for (const entry of all)
    if (entry.kind === 'undone' && undos.has(entry.id)) undoOf.set(entry.body.entry, entry.id);
  const speech = speechOf({ entries, state, style, page });
  return all
    .filter((entry) => !isSilent(entry.kind))
    .map((entry) => ({
      id: entry.id,
      at: entry.at,
      who: entry.who,
      says: entryWords(entry, speech),
      undone: !inForce.has(entry.id),
      undo: inForce.has(entry.id) ? entry.id : (undoOf.get(entry.id) ?? entry.id),
    }))
    .reverse();
}
