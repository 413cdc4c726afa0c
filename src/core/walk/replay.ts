import type { Entry } from './entries';
import { isSilent, noteEntry, nothingSaid } from './families/allFamilies';
import { finishPictures } from './families/pictures/state';
import { finishWalkFilms, takenTwice } from './families/walkFilm/finish';
import { ordered, undoneIds } from './liveEntries';
import type { Finding, WalkState } from './walkState';

/**
 * The state of a walk from its entries. The same entries in any order, with repeats, give the same state;
 * entries about a finding that is not (or not yet) here wait without effect.
 */
export function replay(walk: string, entries: Iterable<Entry>): WalkState {
  const log = ordered(entries);
  const undone = undoneIds(log);
  const inForce = log.filter((entry) => entry.walk === walk && !undone.has(entry.id));
  const twice = takenTwice(inForce);
  const live = inForce.filter(({ id }) => !twice.has(id));
  const state: WalkState = { walk, people: [], ...nothingSaid() };
  const replaying = { state, findings: new Map<string, Finding>() };
  // Findings first: on two phones, a later word about one may carry an earlier time than its noting.
  for (const entry of live) if (entry.kind === 'finding-noted') noteEntry(replaying, entry);
  for (const entry of live) {
    head(state, entry);
    noteEntry(replaying, entry);
  }
  state.findings = [...replaying.findings.values()];
  finishPictures(state);
  finishWalkFilms(state, live);
  return state;
}

/** What every entry tells beside its body: when, who, and what an undo button takes back. */
function head(state: WalkState, { id, kind, at, who }: Entry): void {
  state.lastEntryAt = at;
  if (!state.people.includes(who)) state.people.push(who);
  if (kind === 'undone') state.redoable.push(id);
  else if (!isSilent(kind)) state.undoable.push(id);
}
