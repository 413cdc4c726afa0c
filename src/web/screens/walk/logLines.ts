import { type PartId, partTitles, vocabularyOf } from '#core/car';
import { functionTitle } from '#core/readings';
import { entryWords, findingKindName, isSilent, type LogSpeech, ordered } from '#core/walk';
import type { OpenWalk } from '../../sync/useWalk';

export interface LogLine {
  id: string;
  at: string;
  who: string;
  says: string;
  undone: boolean;
  /** What to undo to change this line's mind: the entry, or the undo that took it away. */
  undo: string;
}

/** The log in words, latest first; moves between stops and undos themselves are not lines of their own. */
export function logLines({ entries, state, style, page }: OpenWalk): LogLine[] {
  const inForce = new Set(state.undoable);
  const undos = new Set(state.redoable);
  const all = ordered(entries);
  const undoOf = new Map<string, string>();
  for (const entry of all)
    if (entry.kind === 'undone' && undos.has(entry.id)) undoOf.set(entry.body.entry, entry.id);
  const names = new Map<string, { kind: string; part: PartId }>();
  const vocabulary = vocabularyOf(page.car);
  for (const entry of all) {
    if (entry.kind !== 'finding-noted') continue;
    names.set(entry.body.finding, {
      kind: findingKindName(entry.body.kind, vocabulary),
      part: entry.body.part,
    });
  }
  const nameOf = partTitles(style, page.car);
  const speech: LogSpeech = {
    vocabulary,
    nameOf,
    about: (id) => {
      const finding = names.get(id);
      return finding ? `${nameOf(finding.part)}, ${finding.kind.toLowerCase()}` : 'A finding';
    },
    titleOf: (id) => functionTitle(state.functions, id, vocabulary),
  };
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
