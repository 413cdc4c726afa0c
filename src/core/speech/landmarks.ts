import type { Talk } from './talk';

/** "Just below the handle", "on the corner": where on its part a fault is, in the words it was said in. */
export function hearLandmark(talk: Talk): void {
  const { clause, phrase, words } = talk;
  if (!phrase) return;
  const from = clause.near ? clause.nearAt : clause.on ? clause.onFrom : undefined;
  const where = words
    .slice(from ?? phrase.from, phrase.to)
    .map(({ said }) => said)
    .join(' ');
  const last = clause.findings.at(-1);
  // Without "on" or "by" a word like "side" tells no place by itself.
  if (from === undefined || from < 0) return;
  if (last) last.where ??= where;
  else clause.attributes.where ??= where;
}
