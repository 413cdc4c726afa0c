import {
  type BodyStyle,
  countryOf,
  endOf,
  type Hand,
  handOf,
  type Part,
  type PartId,
  type SideSpeech,
  vocabularyOf,
} from '../car';
import { MAX_SIZE_MM, MM_PER_INCH } from '../measure';
import {
  type FindingKind,
  findingKindOf,
  isOdd,
  kindFits,
  type LookId,
  lookKinds,
  looksFor,
  type StoredDetails,
} from '../walk';
import { meaningOf } from './lexicon';
import { isCounted, isUnknown, longestAt, nextAfter } from './lookAhead';
import type { End, Meaning, SideWord } from './meaning';
import { MAX_LINE, quantityAt, type SpokenWord, spokenWords } from './words';

/** A stretch of the line and what it was taken for. */
export interface Chip {
  slot: Exclude<Meaning['slot'], 'filler' | 'correction' | 'denial'> | 'size';
  text: string;
}

/** What must be asked before a finding can be logged. Facts only: `askMessage` puts them into words. */
export type Question =
  | { code: 'empty' }
  | { code: 'too-long'; max: number }
  | { code: 'which-part' }
  | { code: 'which-side'; kind: Part['kind'] }
  | { code: 'which-end'; kind: Part['kind'] }
  | { code: 'part-not-on-car'; kind: Part['kind'] }
  | { code: 'which-kind' }
  | { code: 'kind-does-not-fit'; kind: FindingKind; part: PartId }
  | {
      code: 'said-two';
      slot: 'side' | 'end' | 'part' | 'kind' | 'count' | 'size';
      texts: readonly [string, string];
    }
  | { code: 'impossible-number'; text: string }
  /** The line says that there is no such fault. */
  | { code: 'denied' };

export interface Shorthand {
  part?: PartId;
  kind?: FindingKind;
  /** Of a line that says that there is none: what it says was looked for and is not there. */
  absent?: readonly LookId[];
  details: StoredDetails;
  suspected: boolean;
  chips: readonly Chip[];
  /** What said nothing to the parser, as it was spoken and in that order; it may be kept as a note. */
  leftOver: readonly string[];
  /** Empty when the finding may be logged as it stands. */
  questions: readonly Question[];
}

export interface ShorthandContext {
  style: BodyStyle;
  speech: SideSpeech;
  /** The part one stands at: what is meant when no part is named. */
  here?: PartId;
}

interface Said<T> {
  value: T;
  text: string;
}

/**
 * Reads one line as people say a finding: part, side, kind, count, size, test, distance, cure, decision, in any order, in both
 * vocabularies, with corrections in the same breath ("left, sorry, right rear door"). It asks rather than guesses a side.
 * Sizes come out in millimetres; a bare number after a kind is in millimetres, or inches in the US vocabulary. A line that denies a fault is
 * none, and a doubt about the cure is no doubt about the fault.
 */
export function parseShorthand(line: string, context: ShorthandContext): Shorthand {
  if (line.length > MAX_LINE) return nothing([{ code: 'too-long', max: MAX_LINE }]);
  const spoken = spokenWords(line);
  const words = spoken.map(({ word }) => word);
  if (words.length === 0) return nothing([{ code: 'empty' }]);
  const reader = new Reader(context, spoken);
  for (let at = 0; at < words.length; ) at += reader.read(words, at);
  return reader.settle();
}

const nothing = (questions: Question[]): Shorthand => ({
  details: {},
  suspected: false,
  chips: [],
  leftOver: [],
  questions,
});

/** Gathers what is said, word by word, and settles it at the end. */
class Reader {
  private hand?: Said<Hand>;
  private end?: Said<End>;
  private partKinds?: Said<readonly Part['kind'][]>;
  private kinds?: Said<readonly FindingKind[]>;
  private count?: Said<number>;
  private size?: Said<{ lengthMm: number; widthMm?: number }>;
  private bare?: Said<number> & { isAfterKind: boolean };
  private details: StoredDetails = {};
  private suspected = false;
  private isCorrecting = false;
  private readonly chips: Chip[] = [];
  private readonly leftOver: string[] = [];
  private readonly questions: Question[] = [];

  private isDenied = false;

  constructor(
    private readonly context: ShorthandContext,
    private readonly spoken: readonly SpokenWord[],
  ) {}

  /** Reads what stands at a place and returns how many words it took. */
  read(words: readonly string[], at: number): number {
    const quantity = quantityAt(words, at);
    if (quantity) {
      const isBare = quantity.unitMm === undefined && quantity.second === undefined && !quantity.isCount;
      const after = words[at + quantity.used];
      // "3 spots" counts something; what it counts need not be known.
      if (isBare && after !== undefined && isCounted(after)) {
        this.takeQuantity({ ...quantity, isCount: true }, words.slice(at, at + quantity.used).join(' '));
        return quantity.used + 1;
      }
      if (isBare && after !== undefined && isUnknown(words, at + quantity.used)) {
        this.keepSpoken(at, quantity.used);
        return quantity.used;
      }
      this.takeQuantity(quantity, words.slice(at, at + quantity.used).join(' '));
      return quantity.used;
    }
    const best = longestAt(words, at);
    if (!best) {
      this.keepSpoken(at, 1);
      return 1;
    }
    const isDoubt = best.meaning.slot === 'suspected' || best.meaning.slot === 'denial';
    const next = isDoubt ? nextAfter(words, at + best.used) : undefined;
    // "Maybe polish it", "do not paint": nothing is decided about the cure, and nothing doubted about the fault.
    if (next?.meaning.slot === 'cure') {
      const used = next.at + next.used - at;
      this.keepSpoken(at, used);
      return used;
    }
    if (best.meaning.slot === 'denial') {
      this.takeDenial(next?.meaning, best.text);
      return best.used;
    }
    const shorter = best.meaning.slot === 'place' ? shorterPlace(words, at, best.used) : undefined;
    const { meaning, text, used } = shorter ?? best;
    this.take(meaning, text);
    return used;
  }

  private keepSpoken(at: number, count: number): void {
    this.leftOver.push(...this.spoken.slice(at, at + count).map(({ spoken }) => spoken));
  }

  /** "Left, no, right" corrects; "no chips" and "chips: none" deny. */
  private takeDenial(next: Meaning | undefined, text: string): void {
    const isSaidBefore =
      (next?.slot === 'kind' && this.kinds) ||
      (next?.slot === 'part' && this.partKinds) ||
      (next?.slot === 'place' && (this.hand ?? this.end));
    if (isSaidBefore && (text === 'no' || text === 'not')) this.isCorrecting = true;
    else if (next?.slot === 'kind' || (this.kinds && next === undefined)) this.isDenied = true;
    else if (next?.slot === 'part' || next?.slot === 'place') this.isDenied = true;
    else this.leftOver.push(text);
  }

  private take(meaning: Meaning, text: string): void {
    switch (meaning.slot) {
      case 'denial':
      case 'filler':
        return;
      case 'correction':
        this.isCorrecting = true;
        return;
      case 'place':
        this.takePlace(meaning, text);
        break;
      case 'part':
        if (meaning.end) this.end = this.choose('end', this.end, meaning.end, text);
        if (meaning.sideWord) this.hand = this.choose('side', this.hand, this.handOf(meaning.sideWord), text);
        this.partKinds = this.choose('part', this.partKinds, meaning.kinds, text);
        break;
      case 'kind':
        this.kinds = this.choose('kind', this.kinds, meaning.kinds, text);
        break;
      case 'count':
        this.count = this.choose('count', this.count, meaning.count, text);
        break;
      case 'nail':
        this.details.nail = meaning.answer;
        break;
      case 'feel':
        this.details.feel = meaning.answer;
        break;
      case 'wipe':
        this.details.wipe = meaning.answer;
        break;
      case 'notice':
        this.details.notice = meaning.notice;
        break;
      case 'severity':
        this.details.severity = meaning.severity;
        break;
      case 'amount':
        this.details.amount = meaning.amount;
        break;
      case 'cure':
        this.takeCure(meaning);
        break;
      case 'decision':
        this.details.decision = { is: meaning.decision };
        break;
      case 'suspected':
        this.suspected = true;
        break;
      default:
        meaning satisfies never;
    }
    this.chips.push({ slot: meaning.slot as Chip['slot'], text });
  }

  /** A second cure comes after the first: "touch in, then polish". */
  private takeCure({ cure, sure }: Extract<Meaning, { slot: 'cure' }>): void {
    const others = (this.details.cures ?? []).filter((each) => each.cure !== cure);
    this.details.cures = [...others, { cure, ...(sure && { sure }) }].slice(0, 4);
  }

  private takePlace(meaning: Extract<Meaning, { slot: 'place' }>, text: string): void {
    const hand = meaning.hand ?? (meaning.sideWord && this.handOf(meaning.sideWord));
    if (hand) this.hand = this.choose('side', this.hand, hand, text);
    if (meaning.end) this.end = this.choose('end', this.end, meaning.end, text);
  }

  private handOf(word: SideWord): Hand {
    const { speech } = this.context;
    const isLeft =
      word === 'driver' || word === 'passenger'
        ? (speech.steering === 'left') === (word === 'driver')
        : (countryOf(speech.country).drivesOn === 'left') === (word === 'nearside');
    return isLeft ? 'l' : 'r';
  }

  /** The first to be said stands; another is a contradiction, unless the speaker corrected himself. */
  private choose<T>(
    slot: Extract<Question, { code: 'said-two' }>['slot'],
    before: Said<T> | undefined,
    value: T,
    text: string,
  ): Said<T> {
    const isSame = before && JSON.stringify(before.value) === JSON.stringify(value);
    if (before && !isSame && !this.isCorrecting)
      this.questions.push({ code: 'said-two', slot, texts: [before.text, text] });
    return { value, text };
  }

  private takeQuantity(
    { value, second, unitMm, isCount }: NonNullable<ReturnType<typeof quantityAt>>,
    text: string,
  ): void {
    if (isCount) {
      this.count = this.choose('count', this.count, value, text);
      this.chips.push({ slot: 'count', text });
    } else if (unitMm !== undefined || second !== undefined) {
      this.size = this.choose(
        'size',
        this.size,
        this.sizeOf(value, second, unitMm ?? this.houseUnitMm),
        text,
      );
      this.chips.push({ slot: 'size', text });
    } else {
      if (this.bare && !this.isCorrecting)
        this.questions.push({ code: 'said-two', slot: 'count', texts: [this.bare.text, text] });
      this.bare = { value, text, isAfterKind: this.kinds !== undefined };
    }
  }

  private sizeOf(value: number, second: number | undefined, unitMm: number) {
    const mm = (v: number) => Math.round(v * unitMm * 10) / 10;
    const [a, b] = [mm(value), second === undefined ? undefined : mm(second)];
    if (b === undefined) return { lengthMm: a };
    return { lengthMm: Math.max(a, b), widthMm: Math.min(a, b) };
  }

  private get houseUnitMm(): number {
    return vocabularyOf(this.context.speech) === 'us' ? MM_PER_INCH : 1;
  }

  settle(): Shorthand {
    const part = this.settlePart();
    if (this.isDenied)
      return {
        ...nothing([{ code: 'denied' }]),
        ...(part && { part: part.id, absent: this.lookedFor(part) }),
        chips: this.chips,
        leftOver: this.leftOver,
      };
    const kind = this.settleKind(part);
    this.settleNumbers(kind);
    return {
      ...(part && { part: part.id }),
      ...(kind && { kind }),
      details: this.details,
      suspected: this.suspected,
      chips: this.chips,
      leftOver: this.leftOver,
      questions: this.questions,
    };
  }

  private settlePart(): Part | undefined {
    const { style, here } = this.context;
    const standing = here === undefined ? undefined : style.parts.get(here);
    if (!this.partKinds) {
      if (standing && !this.hand && !this.end) return standing;
      this.questions.push({ code: 'which-part' });
      return undefined;
    }
    const kinds = this.partKinds.value;
    const all = [...style.parts.values()].filter((each) => kinds.includes(each.kind));
    if (all.length === 0) {
      this.questions.push({ code: 'part-not-on-car', kind: kinds[0] as Part['kind'] });
      return undefined;
    }
    const near = all.filter((each) => this.isAt(each));
    // "Rear window" is the rear glass; with a side it is a door's.
    const sided = near.filter(({ position }) => (position !== undefined) === (this.hand !== undefined));
    const fits = this.sorted(sided.length > 0 ? sided : near);
    if (fits.length === 1) return fits[0];
    // The part one stands at, where the line leaves it open.
    if (standing && fits.includes(standing)) return standing;
    const kind = (fits[0] ?? (all[0] as Part)).kind;
    if (fits.length === 0) {
      this.questions.push({ code: 'part-not-on-car', kind });
      return undefined;
    }
    const hands = new Set(fits.map(({ position }) => position && handOf(position)));
    this.questions.push(hands.size > 1 ? { code: 'which-side', kind } : { code: 'which-end', kind });
    return undefined;
  }

  /** Of several parts at one place, like a seat's cushion and bolster, the one the fault is found on; else the first named. */
  private sorted(fits: Part[]): Part[] {
    const [first] = fits;
    if (!first?.position || fits.some(({ position }) => position !== first.position)) return fits;
    const suit = fits.filter((part) => this.kinds?.value.some((kind) => kindFits(kind, part)) ?? false);
    const among = suit.length > 0 ? suit : fits;
    const kinds = this.partKinds?.value ?? [];
    return [...among].sort((a, b) => kinds.indexOf(a.kind) - kinds.indexOf(b.kind)).slice(0, 1);
  }

  private isAt({ kind, position }: Part): boolean {
    const end = position ? endOf(position) : endOfKind(kind);
    if (this.end && end && end !== this.end.value) return false;
    return !(this.hand && position && handOf(position) !== this.hand.value);
  }

  /** "No kerbing" says more than that a wheel is clear. */
  private lookedFor(part: Part): LookId[] {
    const kinds = this.kinds?.value ?? [];
    return looksFor(part).filter((id) => lookKinds(id).some((kind) => kinds.includes(kind)));
  }

  private settleKind(part: Part | undefined): FindingKind | undefined {
    if (!this.kinds) {
      this.questions.push({ code: 'which-kind' });
      return undefined;
    }
    const first = this.kinds.value[0] as FindingKind;
    if (!part) return this.kinds.value.length === 1 ? first : undefined;
    const usual = this.kinds.value.find((each) => kindFits(each, part));
    // What is not usual on a part is logged all the same; only what can hardly be meant is asked about.
    const kind = usual ?? this.kinds.value.find((each) => !isOdd(each, part));
    if (!kind) this.questions.push({ code: 'kind-does-not-fit', kind: first, part: part.id });
    return kind;
  }

  /** A bare number before the kind counts; after it, it counts what is counted and measures what is measured. */
  private settleNumbers(kind: FindingKind | undefined): void {
    if (this.bare) {
      const isSize =
        this.bare.isAfterKind && kind !== undefined && findingKindOf(kind).measuredBy !== 'count';
      this.chips.push({ slot: isSize ? 'size' : 'count', text: this.bare.text });
      if (isSize)
        this.size ??= {
          value: this.sizeOf(this.bare.value, undefined, this.houseUnitMm),
          text: this.bare.text,
        };
      else this.count ??= this.bare;
    }
    if (this.count) {
      const { value, text } = this.count;
      if (Number.isInteger(value) && value >= 1 && value <= 999) this.details.count = value;
      else this.questions.push({ code: 'impossible-number', text });
    }
    if (this.size) {
      const { lengthMm, widthMm = lengthMm } = this.size.value;
      if (Math.min(lengthMm, widthMm) > 0 && lengthMm <= MAX_SIZE_MM)
        Object.assign(this.details, this.size.value);
      else this.questions.push({ code: 'impossible-number', text: this.size.text });
    }
  }
}

/** "Right rear light" is the right and a rear light, not the right rear and a light. */
function shorterPlace(words: readonly string[], at: number, used: number) {
  if (used < 2 || meaningOf(`${words[at + used - 1]} ${words[at + used]}`)?.slot !== 'part') return undefined;
  const text = words.slice(at, at + used - 1).join(' ');
  const meaning = meaningOf(text);
  return meaning?.slot === 'place' ? { meaning, text, used: used - 1 } : undefined;
}

/** Bumpers carry their end in their kind. */
function endOfKind(kind: Part['kind']): End | undefined {
  if (kind === 'bumper-front') return 'front';
  return kind === 'bumper-rear' ? 'rear' : undefined;
}
