import { endOf, type Hand, handOf, type PartKind } from '../car';
import type { FindingKind } from '../walk';
import type { Subject } from './clause';
import { clear, endPart } from './clauses';
import type { FindingDraft } from './drafts';
import { hearSame } from './faults';
import { hearLandmark } from './landmarks';
import type { End, Sense } from './lexicon/sense';
import { nothingFollows } from './lookAhead';
import { cabin, handOfWord, type WantedPart } from './partsSaid';
import type { Phrase } from './phrases';
import { drop, retarget, spread } from './placed';
import { readWaiting } from './readings';
import { settle } from './subject';
import type { Talk } from './talk';

/** A part so few words behind a fault, after "on", is where the fault is. */
export const ON_WORDS = 6;
/** Words between "on" and its part: "on the driver's side front". */
export const ON_GAP = 3;
/** "… and a couple on the roof": so few words behind a fault it is the same one. */
const MORE_WORDS = 20;

/** Inside, a wheel is what one steers by, and a screen what one touches. */
function kindsHere(talk: Talk, kinds: readonly PartKind[]): readonly PartKind[] {
  if (!talk.isInside) return kinds;
  if (kinds[0] === 'wheel') return ['steeringwheel'];
  if (/^(boot|trunk)('s)?$/i.test(talk.phrase?.text ?? ''))
    return ['bootfloor', 'bootlining', 'bedfloor', ...kinds];
  return kinds[0] === 'windscreen' && /^screen/i.test(talk.phrase?.text ?? '') ? ['screen', ...kinds] : kinds;
}

/** How a part that is named belongs to what was said before it in the sentence. */
interface Tie {
  /** The part spoken of until now, and the last fault found. */
  before: Subject | undefined;
  close: FindingDraft | undefined;
  /** "On", "in" or "of" stands before it. */
  isBehindOn: boolean;
  /** It is where the fault before it is: "scratch, left wing", "a dent in the door". */
  isOn: boolean;
  /** One more of a list: "the door and the wing are fine". */
  isListed: boolean;
  /** One more that the same fault is on: "swirls on the bonnet and both front wings". */
  isShared: boolean;
  /** The fault again, not named again: "… and a couple on the roof". */
  isMore: boolean;
  /** Another part than the one before, of which all is said. */
  isNext: boolean;
}

/** A part: the one that is spoken of from here, one more of a list, or where the fault before it is. */
export function hearPart(talk: Talk, sense: Extract<Sense, { is: 'part' }>): void {
  if (talk.clause.near) {
    hearPartNear(talk);
    return;
  }
  if (isGlassOf(talk)) return;
  const { clause } = talk;
  const wanted = wantedOf(talk, sense);
  const isTwoPlaces = clause.isTwo || isTwoEnds(talk, sense);
  const tie = tieOf(talk, wanted);
  const { before, close, isOn, isListed, isShared, isMore } = tie;
  forgetPlace(talk);
  const denied = deniedAhead(talk, tie);
  if (tie.isNext) endPart(talk);
  settle(talk, wanted);
  if (denied.length > 0)
    Object.assign(talk.clause, {
      denied: true,
      hasDenied: true,
      deniedKinds: denied,
      justDenied: [...denied],
    });
  if (isTwoPlaces || isTwoParts(talk, before)) askWhich(talk, isTwoPlaces ? undefined : before);
  const now = talk.clause.subject;
  if (isListed && before && now && !now.open)
    talk.clause.subject = { ...now, parts: [...before.parts, ...now.parts] };
  if (clause.corrected && !isOn) retarget(talk, mistaken(talk), talk.clause.subject);
  talk.clause.corrected = false;
  if (isOn) putOn(talk, close);
  else if (isShared || isMore || clause.onto) hearSame(talk);
  else if (clause.likewise) hearLikewise(talk);
  else if (tie.isBehindOn && now && clause.number) readWaiting(talk, now, clause.number, clause.gauge);
  if (isOn || isShared || isMore) talk.clause.sharedTo = talk.phrase?.to ?? 0;
}

/** "By the nearside wheel": a landmark is no part in hand, but its side is where one stands. */
function hearPartNear(talk: Talk): void {
  const { clause } = talk;
  hearLandmark(talk);
  const { hand } = clause.side;
  if (hand) talk.inHand = { ...talk.inHand, hand };
  // "… where the door reads five": the figure that follows is not of the part in hand.
  if (clause.gauge) clause.isRest = true;
  clause.side = {};
}

/** Which part is wanted, by its name and by the sides that were said before it. */
function wantedOf(talk: Talk, sense: Extract<Sense, { is: 'part' }>): WantedPart {
  const { side, sides, both, isAll } = talk.clause;
  const that = thatOne(talk, sense.kinds);
  const hand = (sense.sideWord && handOfWord(sense.sideWord, talk.context.speech)) ?? side.hand ?? that?.hand;
  const isSitters = sense.kinds.some((kind) => cabin.has(kind)) && side.isSitters;
  if (hand) talk.handSaidAt = talk.phrase?.to ?? 0;
  return {
    kinds: kindsHere(talk, sense.kinds),
    hand,
    end: sense.end ?? side.end ?? that?.end ?? (isSitters ? 'front' : undefined),
    isMany: sense.isMany === true || both,
    isAll,
    isMass: sense.isMass,
    also: sides,
  };
}

/** "Front rear bumper": one of the two ends is meant. */
function isTwoEnds({ clause: { side, corrected } }: Talk, { end }: Extract<Sense, { is: 'part' }>): boolean {
  return end !== undefined && side.end !== undefined && end !== side.end && !corrected;
}

function tieOf(talk: Talk, wanted: WantedPart): Tie {
  const { clause } = talk;
  const from = talk.phrase?.from ?? 0;
  const before = clause.subject;
  const close = clause.findings.at(-1);
  const isTyre = wanted.kinds[0] === 'tyre';
  // "The headlamp's hazy, no kerbing on the wheel": what is denied is on the wheel.
  const isClose = close !== undefined && from - close.words[1] <= ON_WORDS && !clause.denied;
  // "Scratch, left wing": a fault that nothing was in hand for.
  const isHomeless = clause.floating.some(({ part }) => part === undefined);
  const isBehindOn = clause.on && from - clause.onAt <= ON_GAP;
  const isReading = isBehindOn && clause.number !== undefined && isTyre;
  const isOn = !isReading && (isHomeless || (isBehindOn && (clause.floating.length > 0 || isClose)));
  const isListed =
    before !== undefined &&
    !before.isSpoken &&
    clause.findings.length === 0 &&
    !clause.corrected &&
    isJoined(talk);
  return {
    before,
    close,
    isBehindOn,
    isOn,
    isListed,
    isShared:
      !isOn &&
      before !== undefined &&
      close !== undefined &&
      clause.sharedTo >= from - LIST_GAP &&
      nothingFollows(talk),
    isMore: isBehindOn && clause.floating.length === 0 && !isClose && !isTyre && isRepeated(talk),
    isNext: (before !== undefined || clause.findings.length > 0) && !isListed && !isOn && !clause.corrected,
  };
}

/** Sides and the like that were said belong to this part alone. */
function forgetPlace({ clause }: Talk): void {
  clause.sides = [];
  clause.isTwo = false;
  clause.both = false;
  clause.isAll = false;
  clause.side = {};
  clause.isRest = false;
  clause.isStranger = false;
  clause.isKnownStranger = false;
}

/** "The headlamp's hazy, no kerbing on the wheel": what was denied of the part that follows is taken from the one before. */
function deniedAhead({ clause }: Talk, { isNext, isBehindOn }: Tie): FindingKind[] {
  const denied = isNext && isBehindOn && clause.denied ? [...clause.justDenied] : [];
  if (denied.length > 0) {
    clause.deniedKinds = clause.deniedKinds.filter((kind) => !denied.includes(kind));
    clause.hasDenied = clause.deniedKinds.length > 0;
  }
  return denied;
}

const glazed: ReadonlySet<PartKind> = new Set(['mirror', 'headlamp', 'taillamp', 'foglamp']);

/** "The mirror, glass cracked": its own glass. */
function isGlassOf({ clause, phrase }: Talk): boolean {
  return (
    /^(the )?(glass|screen|lens)('s)?$/i.test(phrase?.text ?? '') &&
    clause.subject?.wanted.kinds.some((kind) => glazed.has(kind)) === true
  );
}

/** "… apart from that quarter": the one with a fault that was spoken of, whatever side is in hand. */
function thatOne(talk: Talk, kinds: readonly PartKind[]): { hand: Hand; end?: End } | undefined {
  const word = talk.words[(talk.phrase?.from ?? 0) - 1]?.word;
  const { side } = talk.clause;
  const before = talk.phrases[talk.index - 2]?.sense.is;
  if (word !== 'that' || before !== 'turn' || side.hand || side.end) return undefined;
  const parts = talk.drafts.flatMap((draft) => {
    const part = draft.is === 'finding' ? talk.context.style.parts.get(draft.part ?? '') : undefined;
    return part && kinds.includes(part.kind) ? [part] : [];
  });
  const position = parts.at(-1)?.position;
  if (!position) return undefined;
  const end = endOf(position);
  return { hand: handOf(position), ...((end === 'front' || end === 'rear') && { end }) };
}

/** Whether a part is tied to the one before it: by a comma, by "and". "Sticker on the windshield left fender" is no list. */
function isJoined(talk: Talk): boolean {
  for (let at = talk.index; at > 0; at--) {
    const phrase = talk.phrases[at] as Phrase;
    if (at < talk.index && phrase.sense.is === 'part') return false;
    if (phrase.before === 'comma' || /^(and|or|nor|plus)$/i.test(phrase.text)) return true;
  }
  return false;
}

/** What a correction takes back: what this sentence found, or the last thing found a moment ago. "… a scratch. Sorry, that's the nearside front door." */
function mistaken(talk: Talk): FindingDraft[] {
  const { findings } = talk.clause;
  const last = talk.lastFinding;
  if (findings.length > 0) return findings;
  const isRecent = last && (talk.phrase?.from ?? 0) - last.words[1] <= MORE_WORDS;
  return isRecent && nothingFollows(talk) ? [last] : [];
}

/** "Bonnet roof scratch": two parts in a row, and nothing between them that makes a list. */
function isTwoParts(talk: Talk, before: Subject | undefined): boolean {
  const last = talk.phrases[talk.index - 1];
  return (
    last?.sense.is === 'part' &&
    !/'s$/.test(last.text) &&
    talk.phrase?.before === 'none' &&
    before !== undefined &&
    !before.isSpoken
  );
}

function askWhich(talk: Talk, before: Subject | undefined): void {
  const { subject } = talk.clause;
  if (!subject) return;
  const all = [...talk.context.style.parts.values()].filter(({ kind }) =>
    subject.wanted.kinds.includes(kind),
  );
  const may = before ? [...before.parts, ...subject.parts] : all;
  subject.open = { question: 'said-two', choices: may.map(({ id }) => id) };
  subject.parts = [];
}

/** Words between two parts that one fault is on: "and both". */
const LIST_GAP = 4;

/** "… and a couple on the roof": the fault is not named again. */
function isRepeated({ clause, lastFinding, phrase }: Talk): boolean {
  const { number, attributes, denied } = clause;
  const isRecent = lastFinding?.kind && (phrase?.from ?? 0) - lastFinding.words[1] <= MORE_WORDS;
  if (!isRecent || denied) return false;
  return (
    attributes.amount !== undefined || (number !== undefined && !number.unit && Number.isInteger(number.high))
  );
}

/** The faults that were named before it are on the part that is named now. */
function putOn(talk: Talk, close: Talk['lastFinding']): void {
  const floating = talk.clause.floating.length > 0 ? talk.clause.floating : close ? [close] : [];
  // One fault that was taken for one of each part before: it is on this part alone.
  const [once] = floating;
  for (const more of floating.slice(1)) if (once && more.words[0] === once.words[0]) drop(talk, more);
  spread(
    talk,
    floating.filter((each) => talk.drafts.includes(each)),
    talk.clause.subject,
  );
  talk.clause.floating = [];
  if (talk.clause.subject) talk.clause.subject.isSpoken = true;
}

/** "So is the bumper": fine where the part before was, else with the same fault. */
function hearLikewise(talk: Talk): void {
  if (talk.wasFine && talk.clause.subject) clear(talk, talk.clause.subject);
  else hearSame(talk);
}
