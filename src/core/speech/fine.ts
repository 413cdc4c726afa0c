import { clear } from './clauses';
import type { Phrase } from './phrases';
import { drop } from './placed';
import { DISMISS_WORDS, type Talk } from './talk';
import { hearResult } from './things';

/** All is well: with the function in hand, or the part. `isNone` where it was said that there is nothing: what is listed behind it is not there either. */
export function hearFine(talk: Talk, isNone: boolean): void {
  const { clause } = talk;
  if (isOpening(talk)) return;
  if (clause.functions.length > 0 && !isNone) {
    hearResult(talk, !clause.denied);
    return;
  }
  const wasDenied = clause.denied;
  if (isNone) {
    clause.denied = true;
    clause.hasDenied = true;
  }
  if (
    (wasDenied && !isNone) ||
    clause.isKnownStranger ||
    clause.isOfSuch ||
    clause.isLooking ||
    clause.isRest
  )
    return;
  clause.isFine = true;
  const subject = clause.subject ?? talk.subject;
  if (!subject || clause.findings.length > 0) return;
  clear(talk, subject);
}

/** "Okay, ninety thousand miles": a word to go on with, no verdict on the part before. */
function isOpening({ clause, phrase, words }: Talk): boolean {
  const next = words[phrase?.to ?? 0];
  return (
    /^(okay|ok|alright|all right|good|great|perfect|lovely|nice|fine|fantastic|brilliant|excellent)$/i.test(
      phrase?.text ?? '',
    ) &&
    clause.subject === undefined &&
    clause.functions.length === 0 &&
    phrase?.before !== 'none' &&
    next?.before === 'none'
  );
}

/** Words that begin an answer: "no, it's sap". */
const answer = /^(it's|that's|it|that|just|there's|they're|its|thats|this|only)$/;

/** There is none: of what follows, or of what was just asked. */
export function hearDeny(talk: Talk, { text, before, to }: Phrase, isNothing: boolean): void {
  const { clause } = talk;
  if (clause.lookedFor.length > 0) {
    clause.isOfSuch = false;
    clause.deniedKinds.push(...clause.lookedFor.splice(0));
    clause.hasDenied = true;
  }
  const next = talk.words[to];
  const isAlone = next === undefined || next.before !== 'none';
  const isNo = /^(no|nope)$/i.test(text);
  const last = talk.lastFinding;
  // "Bent? No, that is straight"; "is it a scratch, no, it wipes off"; "… no it's a hair".
  const isAnswer =
    isNo && ((isAlone && (talk.wasQuestion || before === 'comma')) || answer.test(next?.word ?? ''));
  // "The driver's, no, that's the passenger door."
  const [named] = talk.ahead(3).filter(({ sense }) => sense.is !== 'turn');
  if (isNo && answer.test(next?.word ?? '') && (named?.sense.is === 'side' || named?.sense.is === 'part')) {
    clause.corrected = true;
    return;
  }
  const isOfIt = last && (!clause.subject || clause.subject.parts.some(({ id }) => id === last.part));
  const isCorrecting = talk.phrases[talk.index + 1]?.sense.is === 'correct';
  if (isAnswer && isOfIt && !isCorrecting && isFresh(talk)) {
    drop(talk, last);
    clause.isDismissed = true;
    return;
  }
  // "Roof, no."
  if (isAlone && /(^no|none|^nothing|^nope)$/i.test(text)) {
    // "I looked for chips and there are none."
    if (/none$/i.test(text)) for (const finding of [...clause.findings]) drop(talk, finding);
    if (clause.subject && talk.clause.findings.length === 0) clear(talk, clause.subject);
    return;
  }
  // "The bumper's been painted, the bonnet hasn't."
  if (isAlone && /n't$/i.test(text) && clause.subject && clause.findings.length === 0 && last?.kind) {
    clause.deniedKinds.push(last.kind);
    clause.hasDenied = true;
    return;
  }
  if (/^neither$/i.test(text)) clause.both = true;
  if (isNothing || /^nothing$/i.test(text)) clause.isNothing = true;
  clause.denied = true;
}

function isFresh(talk: Talk): boolean {
  const last = talk.lastFinding;
  return last !== undefined && last.words[1] >= (talk.phrase?.from ?? 0) - DISMISS_WORDS;
}

/** "No, that's just dirt": what was pointed at a moment ago is no fault, and nothing is said of the part. */
export function hearDismiss(talk: Talk): void {
  const { clause } = talk;
  const last = talk.lastFinding;
  const { subject } = clause;
  const isOfIt =
    last && (!subject || subject.parts.length === 0 || subject.parts.some(({ id }) => id === last.part));
  if (last && isOfIt && isFresh(talk)) drop(talk, last);
  clause.isDismissed = true;
  clause.lookedFor = [];
}
