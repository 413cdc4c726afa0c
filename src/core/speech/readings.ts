import { partIdOf, twinPosition, vocabularyOf } from '../car';
import type { Subject } from './clause';
import { unclear } from './clauses';
import { numberAt, type Said } from './numbers';
import type { Phrase } from './phrases';
import { AGAIN_WORDS, type Talk } from './talk';

/** Drafts a depth of tread. */
export function tread(
  talk: Talk,
  subject: Subject,
  { low, high, unit }: Said,
  isUs: boolean,
  wasWaiting = false,
): void {
  const is32 = unit === '32' || (unit === undefined && isUs);
  // "Tyres six and six and a half": one after the other.
  const { to = 0 } = talk.phrase ?? {};
  const isFirst =
    !wasWaiting &&
    subject.parts.length === 2 &&
    talk.words[to]?.word === 'and' &&
    numberAt(talk.words, to + 1);
  const parts = isFirst ? subject.parts.slice(0, 1) : subject.rest ? subject.parts.slice(1) : subject.parts;
  subject.rest = Boolean(isFirst);
  // "Two on the outside edge, five in the middle": the first that is said.
  const { from = 0 } = talk.phrase ?? {};
  const isSaid = talk.drafts.some(
    (draft) =>
      draft.is === 'tread' &&
      parts.some(({ id }) => id === draft.part) &&
      from - draft.words[1] < AGAIN_WORDS,
  );
  if (isSaid) return;
  for (const { id } of parts) {
    unclear(talk, id, from);
    talk.add({ is: 'tread', part: id, low, high, unit: is32 ? '32nds' : 'mm' });
  }
  subject.isSpoken = true;
}

/** A figure that was said before its part: "five mil on the fronts", "four to five on the hood" of a gauge. */
export function readWaiting(talk: Talk, subject: Subject, said: Said, isGauge: boolean): void {
  const isUs = vocabularyOf(talk.context.speech) === 'us';
  const isTyre = subject.parts.length > 0 && subject.parts.every(({ kind }) => kind === 'tyre');
  if (isTyre && said.low < 40) tread(talk, subject, said, isUs, true);
  else if (isGauge && subject.parts.length === 1) paint(talk, subject, said, isUs);
  else return;
  delete talk.clause.number;
}

const approximate =
  /^(about|around|roughly|nearly|almost|approximately|under|over|circa|approx|near|above|below)$/;

/** "About a hundred": nobody read that figure. */
export function isAbout({ words, phrase }: Talk): boolean {
  return approximate.test(words[(phrase?.from ?? 0) - 1]?.word ?? '');
}

/** Drafts a depth of paint. */
export function paint(talk: Talk, subject: Subject, { low, high, unit }: Said, isUs: boolean): void {
  const about = isAbout(talk) && { sure: 'likely' as const, why: ['said as about so much'] };
  for (const { id } of subject.parts)
    talk.add({
      is: 'paint',
      ...about,
      part: id,
      low,
      high,
      unit: unit === 'mil' || (isUs && unit !== 'um') ? 'mil' : 'um',
    });
  subject.isSpoken = true;
}

/** "Tyres seven all round". */
export function readAllRound(talk: Talk): void {
  const last = talk.drafts.at(-1);
  const { subject } = talk.clause;
  if (last?.is !== 'tread' || !subject || !/round|four/.test(talk.phrase?.text ?? '')) return;
  const read = new Set(talk.drafts.flatMap((draft) => (draft.is === 'tread' ? [draft.part] : [])));
  for (const { id, kind } of talk.context.style.parts.values())
    if (kind === 'tyre' && !read.has(id)) talk.drafts.push({ ...last, part: id });
}

/** Whether nothing but tyres is spoken of. */
export function isOfTyres({ parts }: Subject): boolean {
  return parts.length > 0 && parts.every(({ kind }) => kind === 'tyre');
}

/** "The tyre's the same as the front", "tyres same as the other side". */
export function hearSameTread(talk: Talk, { parts }: Subject): void {
  const read = talk.drafts.filter((draft) => draft.is === 'tread');
  for (const part of parts) {
    const twin = part.position && partIdOf(part.kind, twinPosition(part.position));
    const isOther = /other/.test(talk.phrase?.text ?? '');
    const source = isOther ? read.find((draft) => draft.part === twin) : read.at(-1);
    if (source && !read.some((draft) => draft.part === part.id))
      talk.drafts.push({ ...source, ...talk.source(talk.phrase as Phrase), part: part.id });
  }
}
