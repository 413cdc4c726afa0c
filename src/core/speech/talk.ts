import { type Hand, handOf } from '../car';
import type { FindingKind } from '../walk';
import { type Clause, fresh, type Subject } from './clause';
import type { SpeechContext } from './context';
import type { Draft, FindingDraft } from './drafts';
import type { InHand } from './partsSaid';
import type { Phrase } from './phrases';
import type { TalkWord } from './words';

type Sourced = 'words' | 'text' | 'said' | 'at' | 'sure' | 'why';
type Unsourced = Draft extends infer D
  ? D extends Draft
    ? Omit<D, Sourced> & Partial<Pick<Draft, 'sure' | 'why'>>
    : never
  : never;

/** The same fault, or figure, said again so few words later is the same one. */
export const AGAIN_WORDS = 14;
/** A side that was said so many words ago is worth a look. */
export const CARRIED_WORDS = 80;
/** So few words behind a fault it may be taken back: "… no, that's dirt". */
export const DISMISS_WORDS = 10;

/** What is known while one listens: what was drafted so far, what is in hand, and the sentence that is being said. */
export class Talk {
  readonly drafts: Draft[] = [];
  inHand: InHand = {};
  /** The side one stands at. */
  readonly standsAt: Hand | undefined;
  subject: Subject | undefined;
  lastFinding: FindingDraft | undefined;
  clause: Clause = fresh();
  readonly cleared = new Map<string, Extract<Draft, { is: 'clear' }>>();
  /** Was called fine, until a fault was heard of it; the fault may turn out to be elsewhere. */
  readonly uncleared = new Map<string, Extract<Draft, { is: 'clear' }>>();
  /** What each finding could have been called: the part decides, and may be named later. */
  readonly kindsSaid = new Map<FindingDraft, readonly FindingKind[]>();
  /** Word of the talk where a side was said last. */
  handSaidAt = 0;
  /** Findings whose side was said long before. */
  readonly carried = new Set<FindingDraft>();
  /** Words of the talk where each sentence begins. */
  readonly sentences: number[] = [];
  phrase: Phrase | undefined;
  /** What ends a sentence is heard with the first phrase of the next: what is said of it comes from the phrase before. */
  isEnding = false;
  /** Of the phrase that is being heard. */
  index = 0;
  /** Whether the last thing said of a part was that it is fine. */
  wasFine = false;
  wasQuestion = false;
  isInside = false;

  constructor(
    readonly context: SpeechContext,
    readonly words: readonly TalkWord[],
    readonly phrases: readonly Phrase[],
  ) {
    const here = context.here === undefined ? undefined : context.style.parts.get(context.here);
    if (!here) return;
    this.subject = { parts: [here], wanted: { kinds: [here.kind], isMany: false }, isSpoken: false };
    // Where one stands is not said: a side is asked all the same, that one offered first.
    this.standsAt = here.position && handOf(here.position);
  }

  /** The same talk with what is known so far, to be heard on with other words. Nothing that is heard there changes this one. */
  copy(words: readonly TalkWord[], phrases: readonly Phrase[]): Talk {
    const twins = new Map<object, object>();
    // A draft and a subject are known in several places, and stay the same one in all of them.
    const twin = <T extends object>(known: T): T => {
      const found = twins.get(known) as T | undefined;
      if (found) return found;
      const made = { ...known };
      if ('absent' in made && Array.isArray(made.absent)) made.absent = [...made.absent];
      twins.set(known, made);
      return made;
    };
    const maybe = <T extends object>(known: T | undefined): T | undefined => known && twin(known);
    const talk = new Talk(this.context, words, phrases);
    talk.drafts.push(...this.drafts.map(twin));
    for (const [part, draft] of this.cleared) talk.cleared.set(part, twin(draft));
    for (const [part, draft] of this.uncleared) talk.uncleared.set(part, twin(draft));
    for (const [finding, kinds] of this.kindsSaid) talk.kindsSaid.set(twin(finding), kinds);
    for (const finding of this.carried) talk.carried.add(twin(finding));
    talk.sentences.push(...this.sentences);
    const { clause } = this;
    const { subject } = clause;
    talk.clause = {
      ...clause,
      side: { ...clause.side },
      sides: [...clause.sides],
      attributes: { ...clause.attributes },
      findings: clause.findings.map(twin),
      floating: clause.floating.map(twin),
      saidOfAll: clause.saidOfAll.map(twin),
      functions: [...clause.functions],
      deniedKinds: [...clause.deniedKinds],
      justDenied: [...clause.justDenied],
      lookedFor: [...clause.lookedFor],
      ...(subject && { subject: twin(subject) }),
    };
    const { inHand, handSaidAt, wasFine, wasQuestion, isInside } = this;
    return Object.assign(talk, {
      inHand,
      handSaidAt,
      wasFine,
      wasQuestion,
      isInside,
      subject: maybe(this.subject),
      lastFinding: maybe(this.lastFinding),
    });
  }

  /** Where a draft comes from. */
  source({ from, to, text }: Phrase) {
    const at = this.words[from]?.at;
    return { words: [from, to] as [number, number], text, ...(at !== undefined && { at }) };
  }

  /** The phrase a statement comes from: the one that is being heard, or the last of a sentence that is over. */
  get spoken(): Phrase {
    const before = this.isEnding ? this.phrases[this.index - 1] : undefined;
    return before ?? (this.phrase as Phrase);
  }

  /** A phrase that follows in the same breath, fillers left out. */
  ahead(count: number): Phrase[] {
    const found: Phrase[] = [];
    for (let at = this.index + 1; at < this.phrases.length && found.length < count; at++) {
      const phrase = this.phrases[at] as Phrase;
      if (phrase.before !== 'none') break;
      if (phrase.sense.is !== 'filler') found.push(phrase);
    }
    return found;
  }

  add(what: Unsourced): void {
    this.drafts.push({
      ...this.source(this.phrase as Phrase),
      said: '',
      sure: 'said',
      why: [],
      ...what,
    } as Draft);
  }
}
