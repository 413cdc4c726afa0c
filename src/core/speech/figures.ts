import { vocabularyOf } from '../car';
import type { Subject } from './clause';
import { clear } from './clauses';
import type { FindingDraft } from './drafts';
import type { Sense } from './lexicon/sense';
import { faultFollows, nextBefore, partOnto, restFollows, tyresFollow } from './lookAhead';
import { digitsAt, type Said } from './numbers';
import { handOfWord, partsMeant } from './partsSaid';
import type { Phrase } from './phrases';
import { isAbout, paint, readAllRound, tread } from './readings';
import { size } from './size';
import type { Talk } from './talk';

/** A number: an odometer, a reading of paint or tread, a size or a count, by what is in hand. */
export function hearNumber(talk: Talk, said: Said, phrase: Phrase): void {
  const { clause } = talk;
  const subject = clause.subject ?? talk.subject;
  // "Windshield, zero."
  if (
    said.high === 0 &&
    !said.unit &&
    clause.subject &&
    clause.findings.length === 0 &&
    nextBefore(talk) !== 'none'
  ) {
    clause.isFine = true;
    clear(talk, clause.subject);
    return;
  }
  const corner = said.unit === '32' && !clause.subject ? cornerOf(talk) : undefined;
  if (corner) {
    tread(talk, corner, said, true);
    return;
  }
  const isTyre =
    subject?.parts.every(({ kind }) => kind === 'tyre' || kind === 'tyre-inner') && subject.parts.length > 0;
  if (
    said.unit === 'miles' ||
    said.unit === 'km' ||
    (said.low >= 5000 && !said.unit && !faultFollows(talk))
  ) {
    if (isOfWork(talk)) return;
    const isRound = said.high % 500 === 0 && isAbout(talk);
    talk.add({
      is: 'figure',
      of: 'odometer',
      ...(isRound && { sure: 'likely' as const, why: ['said as about so much'] }),
      value: Math.round(said.high),
      unit: said.unit === 'km' || (said.unit === undefined && !isMiles(talk)) ? 'km' : 'mi',
    });
    return;
  }
  if (
    clause.isServiced &&
    /^(times|visits|occasions)$/.test(talk.words[phrase.to]?.word ?? '') &&
    said.high < 60
  ) {
    talk.add({ is: 'figure', of: 'services', value: Math.round(said.high) });
    return;
  }
  const isUs = vocabularyOf(talk.context.speech) === 'us';
  const isTread = isTyre && said.low < 40 && said.unit !== 'um' && (!isUs || said.unit !== 'mil');
  if (!isTread && (clause.gauge || said.unit === 'um' || (isUs && said.unit === 'mil'))) {
    if (partOnto(talk)) {
      clause.number = { ...said, text: phrase.text, at: phrase.to };
      return;
    }
    if (clause.isRest || restFollows(talk) || !subject || subject.parts.length !== 1) return;
    paint(talk, subject, said, isUs);
    return;
  }
  if (tyresFollow(talk)) {
    clause.number = { ...said, text: phrase.text, at: phrase.to };
    return;
  }
  if (isTyre && said.low < 40 && clause.findings.length === 0) {
    tread(talk, tyresAt(talk, subject as Subject), said, isUs);
    return;
  }
  // "Worn on the inner edge, two point two left there."
  if (
    isTyre &&
    said.low < 20 &&
    (clause.findings.every(({ kind }) => kind === 'tyre-wear') ||
      said.unit === '32' ||
      talk.words.slice(phrase.to, phrase.to + 2).some(({ word }) => word === 'left' || word === 'on'))
  ) {
    tread(talk, subject as Subject, said, isUs);
    return;
  }
  const isMeasure = said.unit !== undefined || said.second !== undefined;
  const target =
    clause.findings.at(-1) ??
    (clause.subject === undefined || clause.subject === talk.subject ? talk.lastFinding : undefined);
  if (isMeasure && target && !faultFollows(talk) && belongs(talk, target)) size(talk, target, said);
  else clause.number = { ...said, text: phrase.text, at: phrase.to };
}

/** "The right rear is at four thirty-seconds", "7/32 on the front left": the tyre at that corner. */
function cornerOf(talk: Talk): Subject | undefined {
  const [link, place] = talk.ahead(2);
  const behind = link?.sense.is === 'on' && place?.sense.is === 'side' ? place.sense : undefined;
  const hand =
    behind?.hand ??
    (behind?.sideWord && handOfWord(behind.sideWord, talk.context.speech)) ??
    talk.clause.side.hand;
  const end = behind?.end ?? talk.clause.side.end;
  if (!hand || !end) return undefined;
  const wanted = { kinds: ['tyre' as const], hand, end, isMany: false };
  const meant = partsMeant(wanted, talk.inHand, talk.context.style);
  return meant && 'parts' in meant ? { parts: meant.parts, wanted, isSpoken: false } : undefined;
}

/** "Eight on the front and seven on the rear": of all four the two at that end. */
function tyresAt(talk: Talk, subject: Subject): Subject {
  const ahead = talk.ahead(3);
  // "Three and a half front, four rear."
  const [link, place, behind] = ahead[0]?.sense.is === 'side' ? [undefined, ...ahead] : ahead;
  const isPlace =
    (!link || link.sense.is === 'on') && place?.sense.is === 'side' && behind?.sense.is !== 'part';
  const end = isPlace && place.sense.is === 'side' ? place.sense.end : undefined;
  if (!end || !subject.wanted.isMany) return subject;
  const meant = partsMeant(
    { kinds: ['tyre'], end, isMany: true, isAll: true },
    talk.inHand,
    talk.context.style,
  );
  return meant && 'parts' in meant ? { ...subject, parts: meant.parts } : subject;
}

const work =
  /^(due|serviced?|warranty|cambelt|belt|clutch|brakes|fitted|changed|replaced|rebuilt|reconditioned|interval|until|every)('s)?$/;

/** "Serviced at sixty thousand", "ten thousand miles ago": when something was done, or is due, not what the odometer shows. */
function isOfWork({ words, phrase }: Talk): boolean {
  const { from = 0, to = 0 } = phrase ?? {};
  if (/^(ago|back|away|since|later|earlier)$/.test(words[to]?.word ?? '')) return true;
  for (let at = from - 1; at >= from - 6 && words[at]; at--) {
    if (work.test(words[at]?.word ?? '')) return true;
    // A comma or a pause begins something else.
    if (words[at + 1]?.before !== 'none') return false;
  }
  return false;
}

function belongs(talk: Talk, finding: FindingDraft): boolean {
  const { subject } = talk.clause;
  return !subject || subject.parts.length === 0 || subject.parts.some(({ id }) => id === finding.part);
}

function isMiles(talk: Talk): boolean {
  return ['GB', 'US', 'IE'].includes(talk.context.speech.country);
}

/** What was not named: nothing is drafted of it. */
export function hearRest(talk: Talk): void {
  talk.clause.isRest = true;
  readAllRound(talk);
}

/** "Serviced eight times": the figure comes behind. */
export function hearServiced(talk: Talk): void {
  talk.clause.isServiced = true;
}

/** "Mileage one oh four three fifty." */
function readRow(talk: Talk): void {
  let { to = 0 } = talk.phrase ?? {};
  while (
    /^(is|it's|at|of|on|now|says|reads|showing|shows|reading|currently)$/.test(talk.words[to]?.word ?? '')
  )
    to++;
  const row = digitsAt(talk.words, to);
  if (row) talk.add({ is: 'figure', of: 'odometer', value: row.value, unit: isMiles(talk) ? 'mi' : 'km' });
}

/** Keys, keepers, stamps: the number before them. */
export function hearFigure(talk: Talk, of: Extract<Sense, { is: 'figure' }>['of']): void {
  if (of === 'odometer') {
    readRow(talk);
    return;
  }
  const { number, both } = talk.clause;
  const before = talk.words[(talk.phrase?.from ?? 0) - 1]?.word ?? '';
  const ordinal: Record<string, number> = { second: 2, third: 3, first: 1, fourth: 4 };
  const behind = numberBehind(talk);
  const value =
    number && Number.isInteger(number.high)
      ? number.high
      : both
        ? 2
        : of === 'keepers'
          ? (ordinal[before] ?? behind)
          : behind;
  if (value === undefined || value > 99) return;
  talk.add({ is: 'figure', of, value });
  delete talk.clause.number;
  talk.clause.both = false;
}

/** "Keys: two", "owners, 4": the figure by itself behind its name. */
function numberBehind(talk: Talk): number | undefined {
  const next = talk.phrases[talk.index + 1];
  const last = talk.phrases[talk.index + 2];
  if (next?.sense.is !== 'number' || next.before === 'stop' || next.before === 'pause') return undefined;
  const { high, unit } = next.sense.said;
  return Number.isInteger(high) && !unit && (last === undefined || last.before !== 'none') ? high : undefined;
}

/** "One ten to one twenty on the gauge": the figure came first. */
export function hearGaugeBehind(talk: Talk): void {
  const { number, subject = talk.subject, isRest } = talk.clause;
  if (!number || isRest || subject?.parts.length !== 1) return;
  paint(talk, subject, number, vocabularyOf(talk.context.speech) === 'us');
  delete talk.clause.number;
}
