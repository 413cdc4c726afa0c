import type { Hand } from '../car';
import type { Subject } from './clause';
import { clear, endPart, unclear } from './clauses';
import type { End, Sense } from './lexicon/sense';
import { isBehindPart, nextBefore } from './lookAhead';
import { cabin, handOfWord } from './partsSaid';
import type { Phrase } from './phrases';
import { drop, retarget } from './placed';
import { settle } from './subject';
import type { Talk } from './talk';

/** Words that are said in passing, too: by themselves they do not tell where one walks. */
const inPassing = /^(back|driver|drivers|driver's|passenger|passenger's|right|left|front|rear)$/i;

/** A side or an end: of the part that follows, of the one before, or where one walks from here. */
export function hearSide(talk: Talk, sense: Extract<Sense, { is: 'side' }>, { text }: Phrase): void {
  // "Right, this is the car": a word to begin with.
  if (/^(right|all right)$/i.test(text) && talk.clause.subject === undefined && nextBefore(talk) !== 'none')
    return;
  // "Right above the wheel": said for stress.
  if (/^right$/i.test(text) && isStress(talk)) return;
  // "Two point two left": what remains, no side.
  if (/^left$/i.test(text) && talk.clause.isAfterNumber && isBehindPart(talk)) return;
  // "The rear door, not the front": what is denied is no place.
  if (isJustDenied(talk)) return;
  const hand = sense.hand ?? (sense.sideWord && handOfWord(sense.sideWord, talk.context.speech));
  const { subject } = talk.clause;
  const { side } = talk.clause;
  if ((side.hand || side.end) && /^and$/i.test(talk.phrases[talk.index - 1]?.text ?? '')) {
    // "Passenger front and passenger rear wheels", "front and rear bumpers".
    talk.clause.sides.push({ ...side });
    if (hand || !side.hand) talk.clause.side = {};
    else delete talk.clause.side.end;
  }
  const last = talk.phrases[talk.index - 1];
  const isTwo =
    last?.sense.is === 'side' &&
    talk.phrase?.before === 'none' &&
    ((hand && side.hand && hand !== side.hand) || (sense.end && side.end && sense.end !== side.end));
  if (isTwo) talk.clause.isTwo = true;
  if (hand) {
    talk.clause.side.hand = hand;
    talk.handSaidAt = talk.phrase?.to ?? 0;
  }
  if (sense.end) talk.clause.side.end = sense.end;
  talk.clause.side.isSitters = sense.sideWord === 'driver' || sense.sideWord === 'passenger';
  talk.clause.isWalked = !inPassing.test(text) || Boolean(talk.clause.side.hand && talk.clause.side.end);
  // "The wheel on the driver's side", "the bumper, passenger side": said behind the part.
  if (!subject || !(hand || sense.end) || !isBehindPart(talk)) return;
  if (hand && subject.isSpoken && isOwnStatement(talk)) otherSide(talk, subject, hand, sense.end);
  else placeBehind(talk, subject, hand, sense);
}

const isJustDenied = (talk: Talk): boolean => {
  const before = talk.phrases.slice(Math.max(0, talk.index - 2), talk.index).reverse();
  const found = before.find(({ text }) => !/^(the|a)$/i.test(text));
  return found?.sense.is === 'deny' && /^not$/i.test(found.text);
};

/** "Driver's headlight is fogged up, passenger side's clear": the one on that side is spoken of next. */
function isOwnStatement(talk: Talk): boolean {
  if (/'s$/.test(talk.phrase?.text ?? '') && !/^(driver|passenger)'s$/i.test(talk.phrase?.text ?? ''))
    return true;
  const next = talk.phrases[talk.index + 1];
  return next?.before === 'none' && /^(is|are|was|has|looks)$/i.test(next.text);
}

function otherSide(talk: Talk, { wanted }: Subject, hand: Hand, end: End | undefined): void {
  endPart(talk);
  talk.clause.side = {};
  settle(talk, { ...wanted, hand, ...(end && { end }), isMany: false });
}

const stressed =
  /^(about|around|here|there|in|on|at|by|near|next|above|below|under|over|through|across|along|behind|where|off|up|down|into|onto|beside|underneath|beneath|to|from|before|after|now|so|okay|then|guys|folks|well|this|let's|we|we'll|i|i'll|you|what|that's|it's|away|between|against|past)$/;

/** "Right" with a place behind it and no "the" or "on your" before it is no side. */
function isStress(talk: Talk): boolean {
  const { from = 0, to = 0 } = talk.phrase ?? {};
  const next = talk.words[to];
  const before = talk.words[from - 1];
  return (
    next?.before === 'none' &&
    stressed.test(next.word) &&
    !(talk.words[from]?.before === 'none' && /^(the|your|our|my|hand|far|on)$/.test(before?.word ?? ''))
  );
}

/** A side said behind a part says which of them it is; of several, those on that side. */
export function placeBehind(
  talk: Talk,
  subject: Subject,
  hand: Hand | undefined,
  { end, sideWord }: Omit<Extract<Sense, { is: 'side' }>, 'is'>,
): void {
  const isSeat = subject.wanted.kinds.some((kind) => cabin.has(kind));
  const front = sideWord === 'driver' || sideWord === 'passenger' ? 'front' : undefined;
  const at = end ?? subject.wanted.end ?? (isSeat ? front : undefined);
  const isPlaced =
    subject.parts.length === 1 && !subject.open && !subject.parts.some(({ position }) => position);
  if (isPlaced) return;
  settle(talk, { ...subject.wanted, ...(hand && { hand }), ...(at && { end: at }) });
  const now = talk.clause.subject;
  const { findings } = talk.clause;
  const asOne = talk.clause.clearedAsOne;
  if (now && findings.length === 0 && talk.clause.isFine) clear(talk, now);
  // "The carpet's clean on the driver's side": that one alone.
  const stays = now && now.parts.length > 0 ? now.parts.map(({ id }) => id) : talk.clause.clearedAsOne;
  for (const id of asOne) if (!stays.includes(id)) unclear(talk, id, talk.phrase?.from ?? 0);
  if (!now || findings.length === 0) return;
  const stay = findings.filter(({ part }) => now.parts.some(({ id }) => id === part));
  if (stay.length === 0) retarget(talk, findings.slice(-1), now);
  else
    for (const finding of findings)
      if (!stay.includes(finding) && subject.parts.some(({ id }) => id === finding.part)) drop(talk, finding);
  now.isSpoken = true;
}
