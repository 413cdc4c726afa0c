import type { Subject } from './clause';
import { handAfter, partsMeant, type WantedPart } from './partsSaid';
import type { Talk } from './talk';

/** Takes what was said of a part as what is spoken of from here, and what stays in hand of it. */
export function settle(talk: Talk, wanted: WantedPart): void {
  const meant = partsMeant(wanted, talk.inHand, talk.context.style);
  // Not on this car: what is said of it is of no other part.
  if (!meant) {
    const open = { question: 'part-not-on-car' as const, choices: [] };
    talk.clause.subject = { parts: [], open, wanted, isSpoken: false };
    talk.subject = undefined;
    return;
  }
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

/** What is spoken of now. "Wheels. … the right front is kerbed": of those in hand the one whose place was said. */
export function subjectNow(talk: Talk): Subject | undefined {
  const { subject, side, isStranger } = talk.clause;
  if (subject || isStranger) return subject;
  const { hand, end } = side;
  if (talk.subject && talk.subject.parts.length > 1 && (hand || end)) {
    talk.clause.side = {};
    settle(talk, {
      ...talk.subject.wanted,
      ...(hand && { hand }),
      ...(end && { end }),
      isMany: !hand || !end,
    });
    return talk.clause.subject;
  }
  return talk.subject;
}
