import { endOf, type Hand, handOf, type PartKind, partIdOf, twinPosition } from '../car';
import type { Subject } from './clause';
import { clear, endPart, unclear } from './clauses';
import type { FindingDraft } from './drafts';
import { hearSame } from './faults';
import type { End, Sense } from './lexicon/sense';
import { isBehindPart, nextBefore, nothingFollows } from './lookAhead';
import { handAfter, handOfWord, partsMeant, type WantedPart } from './partsSaid';
import type { Phrase } from './phrases';
import { drop, retarget, spread } from './placed';
import { readWaiting } from './readings';
import type { Talk } from './talk';

/** A part so few words behind a fault, after "on", is where the fault is. */
const ON_WORDS = 6;
/** Words between "on" and its part: "on the driver's side front". */
const ON_GAP = 3;
/** "… and a couple on the roof": so few words behind a fault it is the same one. */
const MORE_WORDS = 20;

const seats: ReadonlySet<PartKind> = new Set(['seat', 'bolster', 'seatback', 'carpet', 'doorcard', 'belt']);

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
  if (hand) {
    talk.clause.side.hand = hand;
    talk.handSaidAt = talk.phrase?.to ?? 0;
  }
  if (sense.end) talk.clause.side.end = sense.end;
  talk.clause.side.isSitters = sense.sideWord === 'driver' || sense.sideWord === 'passenger';
  talk.clause.isWalked = !inPassing.test(text);
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
function placeBehind(
  talk: Talk,
  subject: Subject,
  hand: Hand | undefined,
  { end, sideWord }: Omit<Extract<Sense, { is: 'side' }>, 'is'>,
): void {
  const isSeat = subject.wanted.kinds.some((kind) => seats.has(kind));
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

/** Walking on: what was in hand is let go. "The carpet up front" only says which. */
export function hearMove(
  talk: Talk,
  to: Extract<Sense, { is: 'move' }>['to'],
  { text, before }: Phrase,
): void {
  const { subject } = talk.clause;
  const isPlace = (to === 'front' || to === 'rear') && /^(at|up|from|to) /i.test(text);
  if (isPlace && subject && before === 'none' && (subject.open || subject.parts.length > 1)) {
    placeBehind(talk, subject, undefined, { end: to });
    return;
  }
  // "The flap's the other side": told where something is, not that one walks there.
  if (to === 'other-side' && before === 'none' && /^(the )?other side$/i.test(text) && isTold(talk)) return;
  if (to === 'rear' || to === 'front') talk.inHand = { end: to };
  else if (to === 'other-side' && talk.inHand.hand)
    talk.inHand = { hand: talk.inHand.hand === 'l' ? 'r' : 'l' };
  if (to === 'other-side') talk.handSaidAt = talk.phrase?.to ?? 0;
  else if (to === 'inside') talk.inHand = {};
  if (to !== 'on') talk.isInside = to === 'inside' || (talk.isInside && to === 'side');
  talk.subject = undefined;
}

const isTold = ({ clause }: Talk): boolean =>
  !clause.on && (clause.subject !== undefined || clause.findings.length > 0 || clause.isStranger);

/** Inside, a wheel is what one steers by, and a screen what one touches. */
function kindsHere(talk: Talk, kinds: readonly PartKind[]): readonly PartKind[] {
  if (!talk.isInside) return kinds;
  if (kinds[0] === 'wheel') return ['steeringwheel'];
  return kinds[0] === 'windscreen' && /^screen/i.test(talk.phrase?.text ?? '') ? ['screen', ...kinds] : kinds;
}

/** A part: the one that is spoken of from here, one more of a list, or where the fault before it is. */
export function hearPart(talk: Talk, sense: Extract<Sense, { is: 'part' }>): void {
  const { clause } = talk;
  if (clause.near) {
    // The landmark is no part in hand, but its side is where one stands.
    const { hand } = clause.side;
    if (hand) talk.inHand = { ...talk.inHand, hand };
    clause.side = {};
    return;
  }
  if (isGlassOf(talk)) return;
  const that = thatOne(talk, sense.kinds);
  const hand =
    (sense.sideWord && handOfWord(sense.sideWord, talk.context.speech)) ?? clause.side.hand ?? that?.hand;
  const isSeat = sense.kinds.some((kind) => seats.has(kind));
  const end =
    sense.end ?? clause.side.end ?? that?.end ?? (isSeat && clause.side.isSitters ? 'front' : undefined);
  const wanted: WantedPart = {
    kinds: kindsHere(talk, sense.kinds),
    hand,
    end,
    isMany: sense.isMany === true || clause.both,
    isAll: clause.isAll,
    isMass: sense.isMass,
    also: clause.sides,
  };
  clause.sides = [];
  if (hand) talk.handSaidAt = talk.phrase?.to ?? 0;
  const { likewise, onto, number, attributes } = clause;
  clause.both = false;
  clause.isAll = false;
  clause.side = {};
  clause.isRest = false;
  clause.isStranger = false;
  clause.isKnownStranger = false;
  const from = talk.phrase?.from ?? 0;
  const close = clause.findings.at(-1);
  const isClose = close !== undefined && from - close.words[1] <= ON_WORDS;
  // "Scratch, left wing": a fault that nothing was in hand for.
  const isHomeless = clause.floating.some(({ part }) => part === undefined);
  const isBehindOn = clause.on && from - clause.onAt <= ON_GAP;
  const isMore =
    isBehindOn &&
    clause.floating.length === 0 &&
    !isClose &&
    isRepeated(talk, number, attributes.amount !== undefined);
  const isOn = isHomeless || (isBehindOn && (clause.floating.length > 0 || isClose));
  const before = clause.subject;
  const isListed =
    before !== undefined &&
    !before.isSpoken &&
    clause.findings.length === 0 &&
    !clause.corrected &&
    isJoined(talk);
  // "Swirls on the bonnet and both front wings."
  const isShared =
    !isOn &&
    before !== undefined &&
    close !== undefined &&
    clause.sharedTo >= from - LIST_GAP &&
    nothingFollows(talk);
  const isWaiting = isBehindOn && number !== undefined;
  if ((before || clause.findings.length > 0) && !isListed && !isOn && !clause.corrected) endPart(talk);
  settle(talk, wanted);
  const now = talk.clause.subject;
  if (isListed && before && now && !now.open)
    talk.clause.subject = { ...now, parts: [...before.parts, ...now.parts] };
  if (clause.corrected && !isOn) retarget(talk, mistaken(talk), talk.clause.subject);
  talk.clause.corrected = false;
  if (isOn) putOn(talk, close);
  else if (isShared || isMore || onto) hearSame(talk);
  else if (likewise) hearLikewise(talk);
  else if (isWaiting && now && number) readWaiting(talk, now, number, clause.gauge);
  if (isOn || isShared || isMore) talk.clause.sharedTo = talk.phrase?.to ?? 0;
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
  if (word !== 'that' || side.hand || side.end) return undefined;
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

/** Words between two parts that one fault is on: "and both". */
const LIST_GAP = 4;

/** "… and a couple on the roof": the fault is not named again. */
function isRepeated(talk: Talk, number: Talk['clause']['number'], hasAmount: boolean): boolean {
  const last = talk.lastFinding;
  const from = talk.phrase?.from ?? 0;
  if (!last?.kind || from - last.words[1] > MORE_WORDS || talk.clause.denied) return false;
  return hasAmount || (number !== undefined && !number.unit && Number.isInteger(number.high));
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

function settle(talk: Talk, wanted: WantedPart): void {
  const meant = partsMeant(wanted, talk.inHand, talk.context.style);
  if (!meant) return;
  const subject: Subject =
    'parts' in meant
      ? { parts: meant.parts, wanted, isSpoken: false }
      : { parts: [], open: meant.open, wanted, isSpoken: false };
  talk.clause.subject = subject;
  talk.subject = subject;
  const [only] = subject.parts;
  if (only && subject.parts.length === 1) talk.inHand = handAfter(only, talk.inHand);
  else if (wanted.hand) talk.inHand = { ...talk.inHand, hand: wanted.hand };
}

/** "The other one": the same part on the other side. */
export function hearOther(talk: Talk, isSame: boolean): void {
  const subject = talk.clause.subject ?? talk.subject;
  const [part] = subject?.parts ?? [];
  if (!subject || !part?.position) return;
  const twin = talk.context.style.parts.get(partIdOf(part.kind, twinPosition(part.position)));
  if (!twin) return;
  endPart(talk);
  talk.clause.subject = { parts: [twin], wanted: subject.wanted, isSpoken: false };
  talk.subject = talk.clause.subject;
  // "So is the other one."
  if (isSame && talk.cleared.has(part.id)) clear(talk, talk.clause.subject);
}

/** "The front one": of those that are spoken of, the one at that place. */
export function hearOne(talk: Talk, { hand, end }: Extract<Sense, { is: 'one' }>): void {
  const subject = talk.clause.subject ?? talk.subject;
  if (!subject) return;
  endPart(talk);
  if (end) talk.inHand = { ...talk.inHand, end };
  settle(talk, {
    ...subject.wanted,
    isMany: false,
    ...(hand && { hand }),
    ...(end && { end }),
  });
}

/** A badge, a gear knob: what is said of it is of no part. A fault that was named before "on the badge" goes with it. */
export function hearStranger(talk: Talk): void {
  const { clause } = talk;
  if (clause.near) return;
  const close = clause.findings.at(-1);
  const isBehindOn = clause.on && (talk.phrase?.from ?? 0) - clause.onAt <= ON_GAP;
  if (isBehindOn && close && (talk.phrase?.from ?? 0) - close.words[1] <= ON_WORDS) drop(talk, close);
  if (clause.subject || clause.findings.length > 0) return;
  clause.isStranger = true;
  clause.isKnownStranger = true;
}
