import type { Draft } from './drafts';

/** So many words behind a statement it stands: what takes it back is said at once. */
export const STANDS_BEHIND = 16;

/** A statement that was taken into the record while one talks. */
export interface Taken {
  draft: Draft;
  /** Entries it made. */
  entries: readonly string[];
}

/** A statement is the same as long as it is said at one place of the talk, of one thing. */
export const placeOf = (draft: Draft): string => {
  const of =
    'part' in draft ? draft.part : 'function' in draft ? draft.function : 'item' in draft ? draft.item : '';
  return `${draft.is} ${draft.words[0]} ${of ?? ''}`;
};

/** What of a draft would be in the record, whatever sentence it is quoted from. */
const contentOf = (draft: Draft): string => {
  const { words: _, text: __, said: ___, why: ____, at: _____, ...content } = draft;
  return JSON.stringify(content);
};

export interface Following {
  /** To be taken now. */
  take: readonly Draft[];
  /** Taken before, and no longer what was said. */
  takeBack: readonly Taken[];
}

/**
 * What is to be done while one talks: statements that are as said and lie far enough back, or behind which one fell silent, are taken; one that was taken and
 * was then corrected or denied is taken back. What a person left out is not taken again.
 */
export function followTalk(
  drafts: readonly Draft[],
  heardWords: number,
  isSilent: boolean,
  taken: ReadonlyMap<string, Taken>,
  leftOut: ReadonlySet<string>,
): Following {
  const now = new Map(drafts.map((draft) => [placeOf(draft), draft]));
  const stands = ({ words: [, to], sure }: Draft) =>
    sure === 'said' && (isSilent || heardWords - to >= STANDS_BEHIND);
  const isChanged = (place: string, before: Taken) => {
    const draft = now.get(place);
    return !draft || contentOf(draft) !== contentOf(before.draft);
  };
  return {
    take: [...now].flatMap(([place, draft]) => {
      if (leftOut.has(place) || !stands(draft)) return [];
      const before = taken.get(place);
      return !before || isChanged(place, before) ? [draft] : [];
    }),
    takeBack: [...taken].filter(([place, before]) => isChanged(place, before)).map(([, before]) => before),
  };
}
