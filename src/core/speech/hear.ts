import { breath, endClause } from './clauses';
import { hearAttribute, hearFault, hearSame } from './faults';
import { hearFigure, hearGaugeBehind, hearNumber, hearRest } from './figures';
import { hearDeny, hearFine } from './fine';
import type { Phrase } from './phrases';
import type { Talk } from './talk';
import { hearItem, hearResult } from './things';
import { hearMove, hearOne, hearOther, hearPart, hearSide } from './where';

/** An unknown thing that has or is something; not "that's", which is the part in hand. */
const ofStranger =
  /^(?!(that|it|there|here|what|who|where|let|he|she|this|one|which|how|everything|nothing|somebody|someone)'s$).+'s$/i;

/** Hears one phrase: what it says goes where it belongs. */
export function hear(talk: Talk, phrase: Phrase): void {
  talk.phrase = phrase;
  if (phrase.before === 'stop' || phrase.before === 'question' || phrase.before === 'pause')
    endClause(talk, phrase.before);
  else if (phrase.before === 'comma') breath(talk);
  const { sense } = phrase;
  switch (sense.is) {
    case 'side':
      hearSide(talk, sense, phrase);
      break;
    case 'part':
      hearPart(talk, sense);
      break;
    case 'fault':
      hearFault(talk, sense.kinds, phrase);
      break;
    case 'number':
      // "No dents, couple of chips": what is counted is there.
      if (talk.clause.deniedKinds.length > 0) talk.clause.denied = false;
      hearNumber(talk, sense.said, phrase);
      break;
    case 'count':
      talk.clause.number = { low: sense.count, high: sense.count, used: 1, text: phrase.text };
      break;
    case 'fine':
      hearFine(talk);
      break;
    case 'deny':
      hearDeny(talk, phrase);
      break;
    case 'turn':
      talk.clause.denied = false;
      break;
    case 'doubt':
      talk.clause.doubted = true;
      break;
    case 'correct':
      talk.clause.corrected = true;
      break;
    case 'near':
      talk.clause.near = true;
      return;
    case 'on':
      talk.clause.on = true;
      talk.clause.onAt = phrase.to;
      return;
    case 'both':
      talk.clause.both = true;
      talk.clause.isAll = sense.isAll === true;
      break;
    case 'rest':
      hearRest(talk);
      break;
    case 'such':
      talk.clause.isOfSuch = true;
      break;
    case 'looking':
      talk.clause.isLooking = true;
      break;
    case 'indeed':
      talk.clause.isOfSuch = false;
      talk.clause.denied = false;
      break;
    case 'one':
      hearOne(talk, sense);
      break;
    case 'other':
      hearOther(talk, sense.isSame === true);
      break;
    case 'move':
      hearMove(talk, sense.to);
      break;
    case 'same':
      hearSame(talk);
      break;
    case 'gauge':
      talk.clause.gauge = true;
      hearGaugeBehind(talk);
      if (/readings/.test(phrase.text)) talk.clause.isRest = true;
      break;
    case 'function':
      if (sense.works) for (const id of sense.ids) talk.add({ is: 'function', function: id, works: true });
      else talk.clause.functions.push(...sense.ids);
      break;
    case 'works':
      hearResult(talk, !talk.clause.denied);
      break;
    case 'fails':
      hearResult(talk, false);
      break;
    case 'lamp':
      talk.add({ is: 'lamp', lamp: sense.lamp });
      break;
    case 'lamps':
      if (!talk.drafts.some(({ is }) => is === 'no-lamps' || is === 'lamp')) talk.add({ is: 'no-lamps' });
      break;
    case 'item':
      // "Dented from a jack": told how, not what comes with the car.
      if (!talk.clause.near) hearItem(talk, sense.item);
      break;
    case 'figure':
      hearFigure(talk, sense.of);
      break;
    case 'amount':
    case 'severity':
    case 'notice':
    case 'test':
    case 'cure':
    case 'decision':
      hearAttribute(talk, sense);
      break;
    case 'filler':
      break;
    case 'unknown':
      if (ofStranger.test(phrase.text) && !talk.clause.subject) talk.clause.isStranger = true;
      break;
    default:
      sense satisfies never;
  }
  talk.clause.isAfterNumber = sense.is === 'number';
  if (sense.is !== 'filler' && sense.is !== 'unknown') {
    talk.clause.near = false;
    talk.clause.on = sense.is === 'side' ? talk.clause.on : false;
  }
}
