import type { ToFollow } from '../walk';
import type { Draft } from './drafts';

const SENDS =
  /\b(?:i|we)(?:'ll| will| can| could| am going to|'m going to| are going to|'re going to)(?: \w+){0,2}? (?:send|e-?mail|text|post|upload|forward)\b|\b(?:will|to) (?:follow|come later)\b/g;
const things: readonly (readonly [what: ToFollow['what'], named: RegExp])[] = [
  ['film', /\b(?:videos?|films?|clips?|footage)\b/],
  ['picture', /\b(?:photos?|photographs?|pictures?|pics?|images?)\b/],
  [
    'paper',
    /\b(?:books?|invoices?|receipts?|certificates?|history|papers?|paperwork|documents?|log ?book|stamps?)\b/,
  ],
];
/** So many words before and behind belong to it: talk without stops is one sentence. */
const [BEFORE, BEHIND] = [6, 10];

/** What such words are about was not seen, tried or counted with them. */
const isOfTheThing = ({ is }: Draft): boolean =>
  is === 'item' || is === 'figure' || is === 'equipment' || is === 'story' || is === 'function';

/** One draft for each thing that somebody will send later, in place of what its nouns would be taken for. `spoken` are the words of the talk, `starts` where its sentences begin. */
export function withPromisedLater(
  drafts: readonly Draft[],
  spoken: readonly string[],
  starts: readonly number[],
): Draft[] {
  const talk = spoken.join(' ').toLowerCase();
  const later = [...talk.matchAll(SENDS)].flatMap(({ 0: verb, index }): Draft[] => {
    const at = talk.slice(0, index).split(' ').length - 1;
    const words: [number, number] = [
      Math.max(at - BEFORE, starts.findLast((start) => start <= at) ?? 0),
      Math.min(at + verb.split(' ').length + BEHIND, starts.find((start) => start > at) ?? spoken.length),
    ];
    const said = spoken.slice(...words).join(' ');
    const what = things.find(([, named]) => named.test(said.toLowerCase()))?.[0];
    return what
      ? [
          {
            is: 'to-follow',
            words,
            text: said,
            said,
            sure: 'likely',
            why: ['it is promised for later'],
            what,
          },
        ]
      : [];
  });
  if (later.length === 0) return [...drafts];
  const isLater = ({ words: [from] }: Draft) => later.some(({ words: [a, b] }) => from >= a && from < b);
  return [...drafts.filter((draft) => !isOfTheThing(draft) || !isLater(draft)), ...later].toSorted(
    (a, b) => a.words[0] - b.words[0],
  );
}
