import type { Entry, EntryOf } from '../../entries';
import type { WalkState } from '../../walkState';
import type { SaidInFilm } from './state';

/** Every sound and video that entries name, kept films left out: those are the yard's own. */
export const recordingsNamed = (entries: readonly Entry[]): string[] =>
  entries.flatMap((entry) => {
    if (entry.kind === 'recording-attached') return [entry.body.recording];
    return entry.kind === 'walk-film-clipped' && entry.body.clip ? [entry.body.clip.recording] : [];
  });

const ofPictures: ReadonlySet<Entry['kind']> = new Set(['photo-attached', 'photo-marked', 'spot-on-photo']);

/**
 * Entries that took into the record what another phone had taken before: the first taking of a statement in force counts, what a later one added is left out.
 * Which is first is the log's order, the same on every device.
 */
export function takenTwice(live: readonly Entry[]): Set<string> {
  // A picture that was attached with it is not what was said.
  const ids = new Set(live.flatMap(({ id, kind }) => (ofPictures.has(kind) ? [] : [id])));
  const first = new Map<string, EntryOf<'draft-taken'>>();
  const twice = new Set<string>();
  for (const entry of live) {
    if (entry.kind !== 'draft-taken') continue;
    const { film, draft, entries } = entry.body;
    // All of it was undone one by one: it is not taken any more.
    if (!entries.some((id) => ids.has(id))) {
      twice.add(entry.id);
      continue;
    }
    const key = `${film} ${draft}`;
    const before = first.get(key);
    if (!before) first.set(key, entry);
    else {
      twice.add(entry.id);
      for (const id of entries) if (!before.body.entries.includes(id)) twice.add(id);
    }
  }
  return twice;
}

/** What can only be said at the end: which findings were said in which film. */
export function finishWalkFilms(state: WalkState, live: readonly Entry[]): void {
  const said = new Map<string, SaidInFilm>();
  for (const film of state.walkFilms.values())
    for (const { atS, says, entries } of film.taken.values())
      for (const entry of entries)
        said.set(entry, { film: film.id, says, ...(atS !== undefined && { atS }) });
  for (const entry of live) {
    const from = entry.kind === 'finding-noted' ? said.get(entry.id) : undefined;
    if (from && entry.kind === 'finding-noted') state.saidInFilm.set(entry.body.finding, from);
  }
}
