import { randomUUID } from 'node:crypto';
import { v7 as newEntryId } from 'uuid';
import type { SharedChoices, WalkChoices } from '#core/api';
import { type Offer, offersOf } from '#core/choices';
import type { ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import type { Context } from '../context';
import type { Identity } from '../people/identity';
import { carOfWalk } from '../planning/carOfWalk';
import { conflict, notFound, unprocessable } from '../problems';
import type { Stores } from '../store/stores';

/** What the log of a walk offers now. */
function offersOfWalk(stores: Stores, walk: string): Offer[] {
  const standing = carOfWalk(stores, walk);
  return standing ? offersOf(standing.state, standing.style, standing.car) : [];
}

/** The offers that a report tells as they stand: what came or changed since is no offer to its reader before it is signed. */
export function offersToReader(stores: Stores, report: ReportDocument): Offer[] {
  const told = new Map<string, string | undefined>([
    ...report.findings.map(({ id, decision }) => [`finding ${id}`, decision] as const),
    // Of what is no finding a report tells the name alone.
    ...(report.remedies ?? []).map(({ what, decision }) => [what, decision] as const),
  ]);
  return offersOfWalk(stores, report.walk).filter(
    ({ fault, where, told: said }) => told.get(fault.startsWith('finding ') ? fault : where) === said,
  );
}

/** Offers with what this link’s reader chose of them. What was answered stays told after the offer became a promise. */
export function choicesOfReader(stores: Stores, report: ReportDocument, share: string): SharedChoices {
  const chosen = stores.choices.ofShare(share);
  const offers = offersToReader(stores, report);
  const rows = offers.map(({ told: _, ...offer }) => {
    const choice = chosen.findLast(({ fault }) => fault === offer.fault);
    const state = choice ? (choice.answer ?? ('chosen' as const)) : ('open' as const);
    return { ...offer, state };
  });
  const listed = new Set(rows.map(({ fault }) => fault));
  const settled = chosen.flatMap((choice) => {
    if (!choice.answer || listed.has(choice.fault)) return [];
    const finding = report.findings.find(({ id }) => `finding ${id}` === choice.fault);
    const where = finding?.partName ?? choice.fault.replace(/^part /, '');
    return [
      {
        fault: choice.fault,
        ...(finding && { number: finding.number }),
        where,
        says: finding?.line ?? '',
        price: choice.price,
        state: choice.answer,
      },
    ];
  });
  const until = stores.shares.expiryOf(share);
  return { offers: [...rows, ...settled], ...(until && { until }) };
}

/** Keeps that a reader wants something, or no longer does. Doing it again changes nothing. Throws a Problem for what is not offered, and for what has an answer. */
export function choose(
  { stores, now }: Pick<Context, 'stores' | 'now'>,
  report: ReportDocument,
  share: string,
  { fault, isWanted }: { fault: string; isWanted: boolean },
): void {
  const before = stores.choices
    .ofShare(share)
    .findLast((choice) => choice.fault === fault && choice.answer !== 'declined');
  if (before?.answer)
    throw conflict(
      'choice-answered',
      'The yard has confirmed this already. Ask them if it is not to be done.',
    );
  if (!isWanted) {
    if (before) stores.choices.takeBack(before.id);
    return;
  }
  if (before) return;
  const offer = offersToReader(stores, report).find((each) => each.fault === fault);
  if (!offer)
    throw unprocessable(
      'not-offered',
      'This is not offered any more, or at another price. Open the report anew.',
    );
  stores.choices.add({
    id: randomUUID(),
    walk: report.walk,
    share,
    fault,
    price: offer.price,
    chosenAt: now().toISOString(),
  });
}

/** What readers of a walk’s reports chose, for the yard. */
export function choicesOfWalk(stores: Stores, walk: string): WalkChoices {
  const offers = new Map(offersOfWalk(stores, walk).map((offer) => [offer.fault, offer]));
  return {
    choices: stores.choices.ofWalk(walk).map(({ id, share, fault, price, chosenAt, answer }) => {
      const offer = offers.get(fault);
      return {
        id,
        from: stores.shares.labelOf(share),
        where: offer?.where ?? '',
        says: offer?.says ?? '',
        ...(offer?.number !== undefined && { number: offer.number }),
        price,
        chosenAt,
        ...(answer && { answer }),
      };
    }),
  };
}

/** The yard’s word on a choice. Confirmed, it is a promise in the log, by who confirmed it. */
export function answerChoice(
  { stores, now }: Pick<Context, 'stores' | 'now'>,
  id: string,
  says: 'confirmed' | 'declined',
  by: Identity,
): void {
  const choice = stores.choices.get(id);
  if (!choice) throw notFound('choice', 'The buyer may have taken it back.');
  if (choice.answer === says) return;
  if (choice.answer) throw conflict('choice-answered', 'This was answered already. The buyer has been told.');
  if (says === 'confirmed') {
    const entry = {
      ...promiseOf(choice.fault),
      id: newEntryId(),
      walk: choice.walk,
      who: by.person,
      at: now().toISOString(),
    };
    stores.walks.append(choice.walk, [entry], now());
  }
  stores.choices.answer(id, says, now().toISOString());
}

function promiseOf(fault: string): Fact {
  const [what, id = ''] = fault.split(' ');
  const decision = { is: 'promised' as const };
  return what === 'finding'
    ? { kind: 'finding-amended', body: { finding: id, changes: { decision } } }
    : { kind: 'remedy-noted', body: { about: { of: 'part', part: id as never }, decision } };
}
