import { kindFits } from '../walk';
import type { Draft } from './drafts';
import { withPromisedLater } from './promisedLater';
import { saidOver } from './saidOver';
import type { Talk } from './talk';

/** A sentence of the talk: its own words, and those of them that nobody knows. */
interface Sentence {
  said: string;
  unheard: string[];
  /** The last finding in it: to which its unknown words belong. */
  last?: Draft;
}

/** How far from a part it may be said that only large ones were denied, in words: talk without stops is one sentence. */
const NEAR = { before: 10, after: 8 } as const;

/** Puts to each draft the sentence it came from and the words nobody knew, and says of which it is worth a look. */
export function finish(talk: Talk): Draft[] {
  const starts = talk.sentences;
  const sentences = sentencesOf(talk);
  const at = (draft: Draft): Sentence =>
    sentences[lastUpTo(starts, draft.words[0])] ?? { said: '', unheard: [] };
  const near = ({ words: [from, to] }: Draft) => {
    const sentence = lastUpTo(starts, from);
    const [begins, ends] = [starts[sentence] ?? 0, starts[sentence + 1] ?? talk.words.length];
    return talk.words.slice(Math.max(begins, from - NEAR.before), Math.min(ends, to + NEAR.after));
  };
  for (const draft of talk.drafts) if (draft.is === 'finding') at(draft).last = draft;
  const drafts = talk.drafts.map((draft): Draft => {
    const { said, unheard, last } = at(draft);
    const why = reasonsOf(talk, draft);
    const isLikely = draft.sure === 'said' && why.length > 0;
    const look = isLikely ? { sure: 'likely' as const, why: [...draft.why, ...why] } : {};
    if (draft.is === 'clear') {
      const over = saidOver(near(draft));
      // Large ones alone were denied: that is looked at before it is taken.
      const limited = over !== undefined && {
        over,
        ...(draft.sure === 'said' && {
          sure: 'likely' as const,
          why: ['only large ones were said not to be there'],
        }),
      };
      // A word may stand for several faults: those that such a part can have.
      const part = talk.context.style.parts.get(draft.part ?? '');
      const absent = part ? draft.absent.filter((kind) => kindFits(kind, part)) : draft.absent;
      return { ...draft, absent, said, ...look, ...limited };
    }
    if (draft.is !== 'finding') return { ...draft, said, ...look };
    const { where } = draft;
    return {
      ...draft,
      said,
      ...look,
      unheard: last === draft ? unheard.filter((text) => !where?.includes(text)) : [],
    };
  });
  return withPromisedLater(
    drafts,
    talk.words.map(({ said }) => said),
    starts,
  );
}

/** The place of the last start that is not beyond a word. */
function lastUpTo(starts: readonly number[], word: number): number {
  let [low, high] = [0, starts.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((starts[middle] ?? 0) <= word) low = middle;
    else high = middle - 1;
  }
  return low;
}

function sentencesOf({ words, phrases, sentences: starts }: Talk): Sentence[] {
  const sentences = starts.map((from, i): Sentence => {
    const spoken = words.slice(from, starts[i + 1] ?? words.length);
    const said = spoken.map(
      (word, at) => `${at === 0 ? '' : word.before === 'comma' ? ', ' : ' '}${word.said}`,
    );
    return { said: said.join(''), unheard: [] };
  });
  // Words nobody knows, and things the record has no part for.
  for (const { sense, text, from } of phrases)
    if (sense.is === 'unknown' || sense.is === 'stranger')
      sentences[lastUpTo(starts, from)]?.unheard.push(text);
  return sentences;
}

/** Why a draft is worth a look before it is taken. */
function reasonsOf(talk: Talk, draft: Draft): string[] {
  if (draft.is === 'finding')
    return [
      ...(draft.suspected ? ['said as not sure'] : []),
      ...(talk.carried.has(draft) ? ['the side was said long before'] : []),
    ];
  return draft.is === 'clear' && draft.polarity === 'there-is-not'
    ? ['only named faults were said not to be there']
    : [];
}
