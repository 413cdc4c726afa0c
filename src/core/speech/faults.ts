import type { Part } from '../car';
import { type FindingKind, findingKindOf, kindFits, severities } from '../walk';
import type { Subject } from './clause';
import { unclear } from './clauses';
import type { FindingDraft } from './drafts';
import type { Depth, Sense } from './lexicon/sense';
import { faultFollows } from './lookAhead';
import type { Phrase } from './phrases';
import { placed } from './placed';
import { hearSameTread, isOfTyres, readAllRound } from './readings';
import { askNumber, size } from './size';
import { subjectNow } from './subject';
import { AGAIN_WORDS, CARRIED_WORDS, type Talk } from './talk';

/** A fault: of the parts in hand, unless it is denied, only looked for, or said of such cars. */
export function hearFault(talk: Talk, kinds: readonly FindingKind[], phrase: Phrase): void {
  const { clause } = talk;
  const subject = subjectNow(talk);
  // "The ball is missing": said of a thing that comes with it.
  if (clause.item !== undefined && !clause.subject) return;
  // "More of a scuff than a scratch."
  if (talk.words.slice(phrase.from - 2, phrase.from).some(({ word }) => word === 'than')) return;
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
  // "Rash free."
  const isFree = talk.words[phrase.to]?.word === 'free' && talk.words[phrase.to]?.before === 'none';
  if (isFree) clause.denied = true;
  // "0 chips."
  if (clause.number?.high === 0) clause.denied = true;
  if (clause.denied) {
    clause.deniedKinds.push(...kinds);
    clause.justDenied.push(...kinds);
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
      ...newFinding(talk, phrase, placed(kinds, part, subject?.open)),
      suspected: clause.doubted,
      ...attributesOf(clause, kinds),
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
  clause.isOfSize = false;
  delete clause.depth;
  if (subject) subject.isSpoken = true;
}

/** A dent is shallow or deep, whatever its size. */
const isDeep = ([kind]: readonly FindingKind[]): boolean => kind === 'dent';

/** What was said of the fault before it was named. */
function attributesOf(
  { isOfSize, attributes, depth }: Talk['clause'],
  kinds: readonly FindingKind[],
): Partial<FindingDraft> {
  const { howBad: _, ...rest } = attributes;
  return { ...(isOfSize && isDeep(kinds) ? rest : attributes), ...(depth && depthSaid(depth, kinds)) };
}

/** A word of depth is the step of a kind that is told with it: "deep" of a dent, "to the primer" of a scratch. Of others it says how bad, or nothing. */
function depthSaid(depth: Depth, [kind]: readonly FindingKind[]): Partial<FindingDraft> {
  const steps = kind ? (findingKindOf(kind).howFar ?? []) : [];
  const at = steps.findIndex((words) => words.includes(depth));
  if (at >= 0) return { severity: severities[at] };
  if (depth === 'deep') return { howBad: 'bad' };
  return depth === 'hairline' ? { howBad: 'slight' } : {};
}

const newFinding = (talk: Talk, phrase: Phrase, where: ReturnType<typeof placed>): FindingDraft => ({
  is: 'finding',
  ...talk.source(phrase),
  polarity: 'there-is',
  said: '',
  unheard: [],
  ...where,
  suspected: false,
});

/** A number left over at the end of a sentence: "chips 12" counts, "two of them" too; typed behind a dent it measures. */
export function settleNumber(talk: Talk): void {
  const { number, findings } = talk.clause;
  const finding = findings.at(-1);
  if (!number || number.unit || number.second !== undefined || !finding?.kind) return;
  if (finding.count !== undefined || finding.lengthMm !== undefined) return;
  const isCounted = findingKindOf(finding.kind).measuredBy === 'count' || ofThem(talk, number);
  if (!isCounted && talk.context.isTyped) size(talk, finding, number);
  else if (isCounted) takeNumber(talk, finding);
}

const ofThem = ({ words }: Talk, { at }: { at: number }): boolean =>
  /^(spots?|places|patches|areas|points|bits|ones)$/.test(words[at]?.word ?? '') ||
  (words[at]?.word === 'of' && /^(em|them|'em|those)$/.test(words[at + 1]?.word ?? ''));

/** More of one kind nobody counts. */
const MOST_COUNTED = 999;

/** The number that was said before a fault counts it, or is its size. */
function takeNumber(talk: Talk, finding: FindingDraft): void {
  const { number } = talk.clause;
  if (number && !number.unit && Number.isInteger(number.low)) {
    if (number.high > MOST_COUNTED) askNumber(finding);
    else finding.count = number.high;
  } else if (number) size(talk, finding, number);
}

/** Whether a comma lies between two words. */
const isParted = ({ words }: Talk, from: number, to: number): boolean =>
  words.slice(from, to + 1).some(({ before }) => before === 'comma');

const repairs: ReadonlySet<FindingKind> = new Set(['old-repair', 'respray-sign', 'old-filling']);
const marks: ReadonlySet<FindingKind> = new Set(['scuff', 'scratch', 'edge-nick', 'stone-chip']);

function isOneThing(a: readonly FindingKind[], b: readonly FindingKind[]): boolean {
  const isOf = (kinds: ReadonlySet<FindingKind>, said: readonly FindingKind[]) =>
    said.some((kind) => kinds.has(kind));
  return (
    a.length === 0 ||
    b.length === 0 ||
    a.some((kind) => b.includes(kind)) ||
    isOf(repairs, a) ||
    isOf(repairs, b) ||
    (isOf(marks, a) && isOf(marks, b))
  );
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
  // "A touched in chip": one thing by two words. "Scratch dent" is two things.
  if (last.words[1] === from && before === 'none' && isOneThing(talk.kindsSaid.get(last) ?? [], kinds)) {
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
  if (kinds.length === 0 && from - last.words[1] <= AGAIN_WORDS && !isParted(talk, last.words[1], from))
    return true;
  const { kind } = placed(kinds, part, undefined);
  const isSame = kind !== undefined && kind === last.kind && from - last.words[1] <= AGAIN_WORDS;
  if (isSame) {
    Object.assign(last, attributesOf(talk.clause, kinds));
    takeNumber(talk, last);
  }
  return isSame;
}

/** What was open of a finding, its kind apart. */
function openOf({ questions, choices = [] }: FindingDraft): Subject['open'] {
  const question = questions.find((each) => each !== 'which-kind');
  return question && { question, choices };
}

type Attribute = Extract<
  Sense,
  { is: 'amount' | 'severity' | 'depth' | 'notice' | 'test' | 'cure' | 'decision' }
>;

function attributeSaid(sense: Attribute, kinds: readonly FindingKind[]): Partial<FindingDraft> {
  switch (sense.is) {
    case 'amount':
      return { amount: sense.amount };
    case 'severity':
      return { howBad: sense.howBad };
    case 'depth':
      return depthSaid(sense.depth, kinds);
    case 'notice':
      return { notice: sense.notice };
    case 'test':
      return sense.of;
    case 'cure':
      return {
        cures: [{ cure: sense.cure, ...(sense.sure && { sure: sense.sure }) }],
        ...(sense.decision && { decision: sense.decision }),
      };
    case 'decision':
      return { decision: sense.decision };
  }
}

/** How bad, how many, from where, what mends it, who decides: of the fault that follows or the one before. */
export function hearAttribute(talk: Talk, sense: Attribute): void {
  const target = talk.clause.findings.at(-1) ?? talk.lastFinding;
  const kinds = (target && (talk.kindsSaid.get(target) ?? (target.kind && [target.kind]))) ?? [];
  const what = attributeSaid(sense, kinds);
  // "Maybe polish", "do not paint": nothing is decided about the cure.
  if (sense.is === 'cure' && !sense.decision && isOpenCure(talk)) return;
  if (sense.is === 'amount' && sense.amount === 'all-over') readAllRound(talk);
  const isAhead =
    sense.is !== 'test' && (sense.is !== 'notice' || talk.clause.findings.length === 0) && faultFollows(talk);
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
    if (sense.is === 'depth') talk.clause.depth = sense.depth;
    else if (isAhead || !talk.lastFinding || sense.is === 'amount' || sense.is === 'severity')
      Object.assign(talk.clause.attributes, what);
    talk.clause.isOfSize = sense.is === 'severity' && sense.isSize === true;
    return;
  }
  if (!target) return;
  const isOfSize = sense.is === 'severity' && sense.isSize === true;
  if (isOfSize && isDeep(kinds)) return;
  Object.assign(target, what, what.cures && { cures: withCure(target.cures, what.cures) });
}

const isOpenCure = ({ phrases, index }: Talk): boolean => {
  const before = phrases.slice(Math.max(0, index - 2), index).reverse();
  const found = before.find(({ sense }) => sense.is !== 'filler');
  return (
    found?.sense.is === 'doubt' ||
    (found?.sense.is === 'deny' && !/^no/i.test(found.text)) ||
    /^not$/i.test(found?.text ?? '')
  );
};

/** A second cure comes behind the first: "touch in, then polish"; the same one again is said better. */
function withCure(
  before: FindingDraft['cures'] = [],
  now: NonNullable<FindingDraft['cures']>,
): FindingDraft['cures'] {
  return [...before.filter(({ cure }) => !now.some((each) => each.cure === cure)), ...now].slice(0, 4);
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
    const finding = newFinding(talk, talk.phrase as Phrase, placed([last.kind], part, undefined));
    talk.kindsSaid.set(finding, [last.kind]);
    talk.drafts.push(finding);
    talk.clause.findings.push(finding);
  }
  subject.isSpoken = true;
}
