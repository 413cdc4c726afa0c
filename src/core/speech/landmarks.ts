import type { Talk } from './talk';

/** What a place is told by before its "of": a side of something else, and how far. */
const before =
  /^(left|right|side|outside|inside|front|back|top|bottom|just|slightly|bit|little|way|a|to|the)$/;

/** "Just left of the middle" begins with "just", though the side in it was heard by itself. */
function beginning(words: Talk['words'], from: number): number {
  let at = from;
  if (words[at]?.word !== 'of') return at;
  while (words[at]?.before === 'none' && before.test(words[at - 1]?.word ?? '')) at--;
  return at;
}

/** "Just below the handle", "on the corner": where on its part a fault is, in the words it was said in. */
export function hearLandmark(talk: Talk): void {
  const { clause, phrase, words } = talk;
  if (!phrase) return;
  const from = clause.near ? clause.nearAt : clause.on ? clause.onFrom : undefined;
  const where = words
    .slice(beginning(words, from ?? phrase.from), phrase.to)
    .map(({ said }) => said)
    .join(' ');
  const last = clause.findings.at(-1);
  // Without "on" or "by" a word like "side" tells no place by itself.
  if (from === undefined || from < 0) return;
  if (last) last.where ??= where;
  else clause.attributes.where ??= where;
}
