import type { EntryKind, EntryOf } from '../entries';
import type { WalkState } from '../walkState';
import type { allBodies } from './allBodies';
import { answers } from './answers/family';
import { build } from './build/family';
import { course } from './course/family';
import { equipment } from './equipment/family';
import { type LogSpeech, type Replaying, silent, type Words } from './family';
import { findings } from './findings/family';
import { firstLines } from './firstLines/family';
import { functions } from './functions/family';
import { kit } from './kit/family';
import type { Noters } from './noters';
import { odometer } from './odometer/family';
import { papers } from './papers/family';
import { pictures } from './pictures/family';
import { readings } from './readings/family';
import { remedies } from './remedies/family';
import { story } from './story/family';
import { toFollow } from './toFollow/family';
import { undo } from './undo/family';
import { walkFilm } from './walkFilm/family';
import { weakSpots } from './weakSpots/family';

/** What families leave in a walk's state, before anything was said. */
export const nothingSaid = () =>
  ({
    ...course.empty(),
    ...findings.empty(),
    ...pictures.empty(),
    ...readings.empty(),
    ...functions.empty(),
    ...papers.empty(),
    ...kit.empty(),
    ...answers.empty(),
    ...odometer.empty(),
    ...remedies.empty(),
    ...build.empty(),
    ...story.empty(),
    ...equipment.empty(),
    ...walkFilm.empty(),
    ...weakSpots.empty(),
    ...firstLines.empty(),
    ...toFollow.empty(),
    ...undo.empty(),
  }) satisfies Partial<WalkState>;

const noters: Noters<Replaying, typeof allBodies> = {
  ...course.noters,
  ...findings.noters,
  ...pictures.noters,
  ...readings.noters,
  ...functions.noters,
  ...papers.noters,
  ...kit.noters,
  ...answers.noters,
  ...odometer.noters,
  ...remedies.noters,
  ...build.noters,
  ...story.noters,
  ...equipment.noters,
  ...walkFilm.noters,
  ...weakSpots.noters,
  ...firstLines.noters,
  ...toFollow.noters,
  ...undo.noters,
};

const words: Words<typeof allBodies> = {
  ...course.words,
  ...findings.words,
  ...pictures.words,
  ...readings.words,
  ...functions.words,
  ...papers.words,
  ...kit.words,
  ...answers.words,
  ...odometer.words,
  ...remedies.words,
  ...build.words,
  ...story.words,
  ...equipment.words,
  ...walkFilm.words,
  ...weakSpots.words,
  ...firstLines.words,
  ...toFollow.words,
  ...undo.words,
};

/** Writes an entry into the walk it belongs to. */
export function noteEntry<K extends EntryKind>(replaying: Replaying, entry: EntryOf<K>): void {
  // The kind picks the noter of its own body, which the compiler cannot follow through a union.
  const note = noters[entry.kind] as (replaying: Replaying, entry: EntryOf<K>) => void;
  note(replaying, entry);
}

/** Moves, settings and undos themselves are no lines of the log. */
export const isSilent = (kind: EntryKind): boolean => words[kind] === silent;

/** An entry as a line of the log; empty where it is none. */
export function entryWords<K extends EntryKind>(entry: EntryOf<K>, speech: LogSpeech): string {
  const say = words[entry.kind] as typeof silent | ((body: EntryOf<K>['body'], speech: LogSpeech) => string);
  return say === silent ? '' : say(entry.body, speech);
}
