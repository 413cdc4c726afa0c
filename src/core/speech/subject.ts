import { handOf, type PartId } from '../car';
import type { Subject } from './clause';
import { handAfter, type PartSaid, partsMeant, type WantedPart } from './partsSaid';
import type { Talk } from './talk';

/** Takes what was said of a part as what is spoken of from here, and what stays in hand of it. */
export function settle(talk: Talk, wanted: WantedPart): void {
  const meant = hereMeant(talk, partsMeant(wanted, talk.inHand, talk.context.style));
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
      : {
          parts: [],
          open: { ...meant.open, choices: nearFirst(talk, meant.open.choices) },
          wanted,
          isSpoken: false,
        };
  talk.clause.subject = subject;
  talk.subject = subject;
  const [only] = subject.parts;
  if (only && subject.parts.length === 1) talk.inHand = handAfter(only, talk.inHand);
  else if (wanted.hand) talk.inHand = { ...talk.inHand, hand: wanted.hand };
}

/** "Alloys … on any of them": all of the car, not those of one side. */
export function takeAll(talk: Talk, { wanted, isSpoken }: Subject): void {
  settle(talk, { ...wanted, isAll: true });
  if (talk.clause.subject) talk.clause.subject.isSpoken = isSpoken;
}

/** "The door", standing at one: that one, as long as nothing else was spoken of. */
function hereMeant(talk: Talk, meant: PartSaid | undefined): PartSaid | undefined {
  const { here, style } = talk.context;
  const part = style.parts.get(here ?? '');
  const isStill =
    part !== undefined && talk.subject?.parts.length === 1 && talk.subject.parts[0]?.id === part.id;
  return meant && 'open' in meant && isStill && meant.open.choices.includes(part.id)
    ? { parts: [part] }
    : meant;
}

/** Parts on the side one stands at are offered first. */
function nearFirst({ standsAt, context }: Talk, choices: readonly PartId[]): PartId[] {
  const isNear = (id: PartId) => {
    const position = context.style.parts.get(id)?.position;
    return Number(standsAt !== undefined && position !== undefined && handOf(position) === standsAt);
  };
  return [...choices].sort((a, b) => isNear(b) - isNear(a));
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
