import type { Part } from '../car';
import { type FindingKind, kindFits } from '../walk';
import type { Subject } from './clause';
import { unclear } from './clauses';
import type { FindingDraft } from './drafts';
import type { Sense } from './lexicon/sense';
import { faultFollows } from './lookAhead';
import type { Phrase } from './phrases';
import { placed } from './placed';
import { hearSameTread, isOfTyres, readAllRound } from './readings';
import { size } from './size';
import { subjectNow } from './subject';
import { AGAIN_WORDS, CARRIED_WORDS, type Talk } from './talk';

/** A fault: of the parts in hand, unless it is denied, only looked for, or said of such cars. */
export function hearFault(talk: Talk, kinds: readonly FindingKind[], phrase: Phrase): void {
  const { clause } = talk;
  const subject = subjectNow(talk);
  // "The ball is missing": said of a thing that comes with it.
  if (clause.item !== undefined && !clause.subject) return;
  // "It's missing the spare."
  if (kinds[0] === 'loose' && talk.ahead(1)[0]?.sense.is === 'item') {
    clause.denied = true;
    return;
  }
  if (clause.isOfSuch || (clause.isKnownStranger && !clause.subject)) return;
  if (clause.isLooking && !clause.denied) {
    clause.lookedFor.push(...kinds);
    return;
  }
  if (clause.denied) {
    clause.deniedKinds.push(...kinds);
    clause.hasDenied = true;
    if (subject) subject.isSpoken = true;
    delete clause.number;
    return;
  }
  const parts = subject && subject.parts.length > 0 ? subject.parts : [undefined];
  for (const part of parts) {
    if (isSaidAgain(talk, kinds, part, phrase)) continue;
    if (part) unclear(talk, part.id, phrase.from);
    const finding: FindingDraft = {
      is: 'finding',
      ...talk.source(phrase),
      polarity: 'there-is',
      said: '',
      unheard: [],
      ...placed(kinds, part, subject?.open),
      suspected: clause.doubted,
      ...clause.attributes,
    };
    takeNumber(talk, finding);
    talk.kindsSaid.set(finding, kinds);
    if (part?.position && !subject?.wanted.hand && phrase.from - talk.handSaidAt > CARRIED_WORDS)
      talk.carried.add(finding);
    talk.drafts.push(finding);
    clause.findings.push(finding);
    if (!clause.subject) clause.floating.push(finding);
    talk.lastFinding = finding;
    talk.wasFine = false;
  }
  delete clause.number;
  clause.attributes = {};
  if (subject) subject.isSpoken = true;
}

/** The number that was said before a fault counts it, or is its size. */
function takeNumber(talk: Talk, finding: FindingDraft): void {
  const { number } = talk.clause;
  if (number && !number.unit && Number.isInteger(number.low)) finding.count = number.high;
  else if (number) size(talk, finding, number);
}

/** The same fault in other words, in the same breath or the next: "repainted, I can see overspray". */
function isSaidAgain(
  talk: Talk,
  kinds: readonly FindingKind[],
  part: Part | undefined,
  { from, to, before }: Phrase,
): boolean {
  const last = talk.lastFinding;
  if (!last || (part && last.part !== part.id) || talk.words[from - 1]?.word === 'another') return false;
  // "A touched in chip": one thing by two words.
  if (last.words[1] === from && before === 'none') {
    last.words = [last.words[0], to];
    return true;
  }
  // "There's a mark here, it's a scratch": the mark is told what it is.
  const lastKinds = talk.kindsSaid.get(last) ?? [];
  if (lastKinds.length === 0 && kinds.length > 0 && from - last.words[1] <= AGAIN_WORDS) {
    talk.kindsSaid.set(last, kinds);
    const where = part ?? talk.context.style.parts.get(last.part ?? '');
    Object.assign(last, placed(kinds, where, openOf(last)));
    return true;
  }
  // "A chip, just a small mark": nothing new.
  if (kinds.length === 0 && from - last.words[1] <= AGAIN_WORDS) return true;
  const { kind } = placed(kinds, part, undefined);
  const isSame = kind !== undefined && kind === last.kind && from - last.words[1] <= AGAIN_WORDS;
  if (isSame) {
    Object.assign(last, talk.clause.attributes);
    takeNumber(talk, last);
  }
  return isSame;
}

/** What was open of a finding, its kind apart. */
function openOf({ questions, choices = [] }: FindingDraft): Subject['open'] {
  const question = questions.find((each) => each !== 'which-kind');
  return question && { question, choices };
}

/** How bad, how many, from where, what mends it, who decides: of the fault that follows or the one before. */
export function hearAttribute(
  talk: Talk,
  sense: Extract<Sense, { is: 'amount' | 'severity' | 'notice' | 'test' | 'cure' | 'decision' }>,
): void {
  const what: Partial<FindingDraft> =
    sense.is === 'amount'
      ? { amount: sense.amount }
      : sense.is === 'severity'
        ? { severity: sense.severity }
        : sense.is === 'notice'
          ? { notice: sense.notice }
          : sense.is === 'test'
            ? sense.of
            : sense.is === 'cure'
              ? {
                  cure: { cure: sense.cure, ...(sense.sure && { sure: sense.sure }) },
                  ...(sense.decision && { decision: sense.decision }),
                }
              : { decision: sense.decision };
  if (sense.is === 'amount' && sense.amount === 'all-over') readAllRound(talk);
  const isAhead = sense.is !== 'notice' && sense.is !== 'test' && faultFollows(talk);
  const isCureAhead =
    (sense.is === 'cure' || sense.is === 'decision') &&
    talk.clause.findings.length === 0 &&
    talk.clause.subject !== undefined &&
    !talk.clause.subject.isSpoken;
  if (isCureAhead) {
    Object.assign(talk.clause.attributes, what);
    return;
  }
  if (isAhead || (!talk.lastFinding && talk.clause.findings.length === 0)) {
    if (isAhead || sense.is === 'amount' || sense.is === 'severity')
      Object.assign(talk.clause.attributes, what);
    return;
  }
  const targets =
    talk.clause.findings.length > 0
      ? talk.clause.findings.slice(-1)
      : talk.lastFinding
        ? [talk.lastFinding]
        : [];
  for (const target of targets) Object.assign(target, what);
}

/** The same again: the last fault, or the last reading of a tyre, on the part in hand. */
export function hearSame(talk: Talk): void {
  const { subject } = talk.clause;
  if (subject && isOfTyres(subject)) {
    hearSameTread(talk, subject);
    return;
  }
  const last = talk.lastFinding;
  if (!subject || !last?.kind) return;
  if (subject.parts.some(({ id }) => id === last.part)) return;
  for (const part of subject.parts) {
    if (!kindFits(last.kind, part)) continue;
    const finding: FindingDraft = {
      is: 'finding',
      ...talk.source(talk.phrase as Phrase),
      polarity: 'there-is',
      said: '',
      unheard: [],
      ...placed([last.kind], part, undefined),
      suspected: false,
    };
    talk.kindsSaid.set(finding, [last.kind]);
    talk.drafts.push(finding);
    talk.clause.findings.push(finding);
  }
  subject.isSpoken = true;
}
