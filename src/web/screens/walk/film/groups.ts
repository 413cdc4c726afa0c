import type { BodyStyle, Speech } from '#core/car';
import { vocabularyOf } from '#core/car';
import { againstWalk, againstWalkWords, type FilmDraft } from '#core/filmed';
import { isTakeable } from '#core/speech';
import type { WalkState } from '#core/walk';

/** How a statement is to be dealt with: taken with all others as said, looked at by itself, answered, or it is dealt with. */
export type Group = 'said' | 'look' | 'ask' | 'done';

export interface GroupedDraft extends FilmDraft {
  group: Group;
  /** Where it does not agree with the walk, in words. */
  against?: string;
  /** It asks nothing, and still is not for the record. */
  isNotLogged: boolean;
}

/** Puts statements into the order of work. What was changed by hand is taken for what was said. */
export function groupOf(each: FilmDraft, state: WalkState, style: BodyStyle, speech: Speech): GroupedDraft {
  const isNotLogged = each.draft.sure !== 'ask' && !isTakeable(each.draft, style);
  if (each.is !== 'open') return { ...each, group: 'done', isNotLogged };
  const found = againstWalk(each.draft, state, vocabularyOf(speech));
  const against = found && againstWalkWords(found);
  const { sure } = each.draft;
  const group: Group = sure === 'ask' ? 'ask' : sure === 'said' && !against && !isNotLogged ? 'said' : 'look';
  return { ...each, group, isNotLogged, ...(against && { against }) };
}

export const groupNames: Record<Group, string> = {
  said: 'As said',
  look: 'Look at',
  ask: 'Answer',
  done: 'Done',
};
export const groups = ['said', 'look', 'ask', 'done'] as const satisfies readonly Group[];

/** "1:07": where in a film. */
export const clockOf = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
