import { partIdOf, twinPosition } from '../car';
import { clear, endPart } from './clauses';
import { hearLandmark } from './landmarks';
import type { Sense, Toward } from './lexicon/sense';
import { handOfWord } from './partsSaid';
import type { Phrase } from './phrases';
import { drop } from './placed';
import { placeBehind } from './sides';
import { settle } from './subject';
import type { Talk } from './talk';
import { ON_GAP, ON_WORDS } from './where';

/** Walking on: what was in hand is let go. "The carpet up front" only says which. */
export function hearMove(talk: Talk, to: Toward, { text, before }: Phrase): void {
  const { subject } = talk.clause;
  const isPlace = (to === 'front' || to === 'rear') && /^(at|up|from|to) /i.test(text);
  if (isPlace && subject && before === 'none' && (subject.open || subject.parts.length > 1)) {
    placeBehind(talk, subject, undefined, { end: to });
    return;
  }
  // "The quarter on this side" stays in hand.
  if (to === 'side' && before === 'none' && subject && /^on this side$/i.test(text)) return;
  const isSame = talk.phrases
    .slice(Math.max(0, talk.index - 2), talk.index)
    .some(({ sense }) => sense.is === 'same');
  if (to === 'other-side' && isSame) return;
  // "The flap's the other side": told where something is, not that one walks there.
  if (to === 'other-side' && before === 'none' && /^(the )?other side$/i.test(text) && isTold(talk)) return;
  walkTo(talk, to);
  talk.subject = undefined;
}

function walkTo(talk: Talk, to: Toward): void {
  if (to === 'rear' || to === 'front') talk.inHand = { end: to };
  else if (to === 'inside') talk.inHand = {};
  else if (to === 'other-side') {
    const { hand } = talk.inHand;
    if (hand) talk.inHand = { hand: hand === 'l' ? 'r' : 'l' };
    talk.handSaidAt = talk.phrase?.to ?? 0;
  }
  talk.isInside = to === 'inside' || (talk.isInside && to === 'side');
}

const isTold = ({ clause }: Talk): boolean =>
  !clause.on && (clause.subject !== undefined || clause.findings.length > 0 || clause.isStranger);

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
export function hearOne(talk: Talk, { hand: named, sideWord, end }: Extract<Sense, { is: 'one' }>): void {
  const hand = named ?? (sideWord && handOfWord(sideWord, talk.context.speech));
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
  if (clause.near) {
    hearLandmark(talk);
    return;
  }
  const close = clause.findings.at(-1);
  const isBehindOn = clause.on && (talk.phrase?.from ?? 0) - clause.onAt <= ON_GAP;
  if (isBehindOn && close && (talk.phrase?.from ?? 0) - close.words[1] <= ON_WORDS) drop(talk, close);
  // "The door drops, the hinge is worn": it is spoken of by itself.
  const next = talk.phrases[talk.index + 1];
  const isOwn = next?.before === 'none' && /^(is|are|was|were)$/i.test(next.text);
  if ((clause.subject || clause.findings.length > 0) && !isOwn) return;
  if (clause.subject) endPart(talk);
  talk.clause.isStranger = true;
  talk.clause.isKnownStranger = true;
}
