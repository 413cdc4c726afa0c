import type { Draft } from './drafts';
import type { Talk } from './talk';

/** Puts to each draft the sentence it came from and the words nobody knew, and says of which it is worth a look. */
export function finish(talk: Talk): Draft[] {
  const lastOf = new Map<number, Draft>();
  const startOf = (draft: Draft) => talk.sentences.findLast((from) => from <= draft.words[0]) ?? 0;
  for (const draft of talk.drafts) if (draft.is === 'finding') lastOf.set(startOf(draft), draft);
  return talk.drafts.map((draft) => {
    const start = startOf(draft);
    const end = talk.sentences.find((from) => from > start) ?? talk.words.length;
    const said = textOf(talk, start, end);
    const why = reasonsOf(talk, draft);
    const isLikely = draft.sure === 'said' && why.length > 0;
    const look = isLikely ? { sure: 'likely' as const, why: [...draft.why, ...why] } : {};
    const isLast = lastOf.get(start) === draft;
    return {
      ...draft,
      said,
      ...look,
      ...(draft.is === 'finding' && {
        unheard: isLast ? unknownIn(talk, start, end).filter((text) => !draft.where?.includes(text)) : [],
      }),
    };
  });
}

const textOf = ({ words }: Talk, from: number, to: number): string =>
  words
    .slice(from, to)
    .map(({ said, before }, at) => (at > 0 && before === 'comma' ? `, ${said}` : at > 0 ? ` ${said}` : said))
    .join('');

/** Words nobody knows, and things the record has no part for. */
const unknownIn = ({ phrases }: Talk, from: number, to: number): string[] =>
  phrases
    .filter((phrase) => phrase.from >= from && phrase.to <= to)
    .filter(({ sense }) => sense.is === 'unknown' || sense.is === 'stranger')
    .map(({ text }) => text);

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
