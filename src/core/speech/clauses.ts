import type { Part } from '../car';
import { fresh, type Open, type Subject } from './clause';
import type { Draft } from './drafts';
import { addFunction } from './functionsSaid';
import { partsMeant } from './partsSaid';
import { AGAIN_WORDS, type Talk } from './talk';
import { whyAsked } from './whyAsked';

/** Drafts that the parts in hand are fine, with the faults that were denied; not of a part with a finding. */
export function clear(talk: Talk, subject: Subject): void {
  subject.isSpoken = true;
  talk.wasFine = true;
  const { isFine: isCalledFine, isNothing, deniedKinds } = talk.clause;
  const isFine = isCalledFine || isNothing || deniedKinds.length === 0;
  const meant = allMeant(talk, subject);
  if (meant.length === 0 && subject.open) askClear(talk, subject.open, isFine);
  for (const { id } of meant) {
    const known = talk.cleared.get(id);
    if (known) {
      if (isFine) known.polarity = 'fine';
      known.absent.push(...talk.clause.deniedKinds.filter((kind) => !known.absent.includes(kind)));
      continue;
    }
    // A finding, or a depth that was read, says more.
    if (talk.drafts.some((draft) => (draft.is === 'finding' || draft.is === 'tread') && draft.part === id))
      continue;
    const draft: Extract<Draft, { is: 'clear' }> = {
      is: 'clear',
      ...talk.source(talk.spoken),
      sure: 'said',
      why: [],
      said: '',
      questions: [],
      part: id,
      polarity: isFine ? 'fine' : 'there-is-not',
      absent: [...new Set(talk.clause.deniedKinds)],
    };
    talk.cleared.set(id, draft);
    talk.drafts.push(draft);
  }
}

/** "The headlamp's fine": which one must be asked. */
function askClear(talk: Talk, { question, choices }: Open, isFine: boolean): void {
  const last = talk.drafts.at(-1);
  const isAgain =
    last?.is === 'clear' &&
    last.choices?.join() === choices.join() &&
    (talk.phrase?.from ?? 0) - last.words[1] <= AGAIN_WORDS;
  if (question === 'part-not-on-car' || question === 'which-part' || isAgain) return;
  talk.drafts.push({
    is: 'clear',
    ...talk.source(talk.spoken),
    said: '',
    sure: 'ask',
    why: [whyAsked[question]],
    questions: [question],
    choices: [...choices],
    polarity: isFine ? 'fine' : 'there-is-not',
    absent: [...new Set(talk.clause.deniedKinds)],
  });
}

/** "It's straight, one scratch by the handle", "tyres are good, five mil": what was called fine a breath before is told better. */
export function unclear(talk: Talk, part: string, from: number): void {
  const draft = talk.cleared.get(part);
  if (!draft || from - draft.words[1] > AGAIN_WORDS) return;
  talk.drafts.splice(talk.drafts.indexOf(draft), 1);
  talk.cleared.delete(part);
  talk.uncleared.set(part, draft);
}

/** "The back seat is clean", "carpet's clean": all of it, where no side was said. */
function allMeant(talk: Talk, { parts, open, wanted }: Subject): readonly Part[] {
  if (!open || !wanted.isMass) return parts;
  const meant = partsMeant({ ...wanted, isMany: true, isAll: true }, talk.inHand, talk.context.style);
  if (!meant || !('parts' in meant)) return parts;
  talk.clause.clearedAsOne = meant.parts.map(({ id }) => id);
  return meant.parts;
}

/** A comma: what was denied before it may go on ("no dents, no scratches"), what was asked is over. */
export function breath(talk: Talk): void {
  const next = talk.words[talk.phrase?.from ?? 0]?.word;
  const isListed = next === 'or' || next === 'and' || next === 'nor';
  if (talk.clause.hasDenied && !isListed) talk.clause.denied = false;
  talk.clause.near = false;
  talk.clause.justDenied = [];
  // "Two dents, a mark on the bonnet": the dents are where they were.
  talk.clause.floating = talk.clause.floating.filter(({ part }) => part === undefined);
  talk.clause.gauge = talk.clause.gauge && talk.clause.isRest;
}

/** Another part of the same sentence: what was said of the one before stands. */
export function endPart(talk: Talk): void {
  const wasEnding = talk.isEnding;
  talk.isEnding = true;
  settleDenials(talk);
  talk.isEnding = wasEnding;
  const { functions, result, side, both, hasKit } = talk.clause;
  talk.clause = { ...fresh(), functions, hasKit, side, both, ...(result && { result }) };
}

/** What was denied of the part in hand says that it is fine. */
export function settleDenials(talk: Talk): void {
  const subject = talk.clause.subject ?? talk.subject;
  const { hasDenied, isNothing, isOfSuch, isDismissed, isKnownStranger, findings } = talk.clause;
  if (isOfSuch || isDismissed || isKnownStranger || findings.length > 0 || !subject) return;
  // "Sunroof opens, no leaks" says nothing of the roof spoken of before.
  if (!talk.clause.subject && talk.clause.hasFunction) return;
  if (hasDenied || (isNothing && talk.clause.subject)) clear(talk, subject);
}

/** The end of a sentence, or a pause of the captions. */
export function endClause(talk: Talk, how: 'stop' | 'question' | 'pause'): void {
  settleDenials(talk);
  const { functions, result, hasKit, denied, isOfSuch, isLooking } = talk.clause;
  if (functions.length > 0 && result !== undefined) for (const id of functions) addFunction(talk, id, result);
  else if (hasKit && !denied && !isOfSuch && !isLooking)
    for (const item of new Set(functions)) talk.add({ is: 'equipment', item });
  talk.wasQuestion = how === 'question';
  // A side that no part followed is where one walks from here.
  const { hand, end } = talk.clause.side;
  if ((hand || end) && !talk.clause.subject && talk.clause.isWalked) {
    talk.inHand = { ...(hand ? { hand } : {}), ...(end ? { end } : {}) };
    talk.subject = undefined;
  }
  talk.clause = fresh();
}
