import { type Hand, type PartKind, partIdOf, twinPosition } from '../car';
import type { Subject } from './clause';
import { clear, endPart } from './clauses';
import type { Sense } from './lexicon/sense';
import { isBehindPart, nextBefore } from './lookAhead';
import { handAfter, handOfWord, partsMeant, type WantedPart } from './partsSaid';
import type { Phrase } from './phrases';
import { drop, retarget, spread } from './placed';
import type { Talk } from './talk';

/** A part so few words behind a fault, after "on", is where the fault is. */
const ON_WORDS = 6;
/** Words between "on" and its part: "on the driver's side front". */
const ON_GAP = 3;

const seats: ReadonlySet<PartKind> = new Set(['seat', 'bolster', 'seatback', 'carpet', 'doorcard', 'belt']);

/** A side or an end: of the part that follows, of the one before, or where one walks from here. */
export function hearSide(talk: Talk, sense: Extract<Sense, { is: 'side' }>, { text }: Phrase): void {
  // "Right, this is the car": a word to begin with.
  if (/^(right|all right)$/i.test(text) && talk.clause.subject === undefined && nextBefore(talk) !== 'none')
    return;
  // "Two point two left": what remains, no side.
  if (/^left$/i.test(text) && talk.clause.isAfterNumber && isBehindPart(talk)) return;
  const hand = sense.hand ?? (sense.sideWord && handOfWord(sense.sideWord, talk.context.speech));
  const { subject } = talk.clause;
  if (hand) talk.clause.side.hand = hand;
  if (sense.end) talk.clause.side.end = sense.end;
  // "The wheel on the driver's side", "the bumper, passenger side": said behind the part.
  if (subject && (hand || sense.end) && isBehindPart(talk)) placeBehind(talk, subject, hand, sense);
}

/** A side said behind a part says which of them it is; of several, those on that side. */
function placeBehind(
  talk: Talk,
  subject: Subject,
  hand: Hand | undefined,
  { end, sideWord }: Extract<Sense, { is: 'side' }>,
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
  if (now && findings.length === 0 && talk.clause.isFine) clear(talk, now);
  if (!now || findings.length === 0) return;
  const stay = findings.filter(({ part }) => now.parts.some(({ id }) => id === part));
  if (stay.length === 0) retarget(talk, findings.slice(-1), now);
  else
    for (const finding of findings)
      if (!stay.includes(finding) && subject.parts.some(({ id }) => id === finding.part)) drop(talk, finding);
  now.isSpoken = true;
}

/** Walking on: what was in hand is let go. */
export function hearMove(talk: Talk, to: Extract<Sense, { is: 'move' }>['to']): void {
  if (to === 'rear' || to === 'front') talk.inHand = { end: to };
  else if (to === 'other-side' && talk.inHand.hand)
    talk.inHand = { hand: talk.inHand.hand === 'l' ? 'r' : 'l' };
  else if (to === 'inside') talk.inHand = {};
  if (to !== 'on') talk.isInside = to === 'inside' || (talk.isInside && to === 'side');
  talk.subject = undefined;
}

/** A part: the one that is spoken of from here, one more of a list, or where the fault before it is. */
export function hearPart(talk: Talk, sense: Extract<Sense, { is: 'part' }>): void {
  const { clause } = talk;
  if (clause.near) {
    clause.side = {};
    return;
  }
  const hand = (sense.sideWord && handOfWord(sense.sideWord, talk.context.speech)) ?? clause.side.hand;
  const end = sense.end ?? clause.side.end;
  const kinds: readonly PartKind[] =
    talk.isInside && sense.kinds[0] === 'wheel' ? ['steeringwheel'] : sense.kinds;
  const wanted: WantedPart = {
    kinds,
    hand,
    end,
    isMany: sense.isMany === true || clause.both,
    isAll: clause.isAll,
  };
  clause.both = false;
  clause.isAll = false;
  clause.side = {};
  clause.isRest = false;
  const close = clause.findings.at(-1);
  const isClose = close !== undefined && (talk.phrase?.from ?? 0) - close.words[1] <= ON_WORDS;
  // "Scratch, left wing": a fault that nothing was in hand for.
  const isHomeless = clause.floating.some(({ part }) => part === undefined);
  const isBehindOn = clause.on && (talk.phrase?.from ?? 0) - clause.onAt <= ON_GAP;
  const isOn = isHomeless || (isBehindOn && (clause.floating.length > 0 || isClose));
  const before = clause.subject;
  const isListed =
    before !== undefined && !before.isSpoken && clause.findings.length === 0 && !clause.corrected;
  if ((before || clause.findings.length > 0) && !isListed && !isOn && !clause.corrected) endPart(talk);
  settle(talk, wanted);
  if (isListed && before && talk.clause.subject && !talk.clause.subject.open)
    talk.clause.subject = {
      ...talk.clause.subject,
      parts: [...before.parts, ...talk.clause.subject.parts],
    };
  if (clause.corrected && !isOn) retarget(talk, talk.clause.findings, talk.clause.subject);
  talk.clause.corrected = false;
  if (isOn) {
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
  settle(talk, {
    ...subject.wanted,
    isMany: false,
    ...(hand && { hand }),
    ...(end && { end }),
  });
}
