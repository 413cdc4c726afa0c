import { breath, endClause } from './clauses';
import { hearAttribute, hearFault, hearSame, settleNumber } from './faults';
import { hearFigure, hearGaugeBehind, hearNumber, hearRest, hearServiced } from './figures';
import { hearDeny, hearDismiss, hearFine } from './fine';
import { hearLandmark } from './landmarks';
import { nextBefore } from './lookAhead';
import { hearMove, hearOne, hearOther, hearStranger } from './moves';
import type { Phrase } from './phrases';
import { hearSide } from './sides';
import { takeAll } from './subject';
import type { Talk } from './talk';
import { hearFunction, hearItem, hearLamp, hearLamps, hearResult, takeBackAll } from './things';
import { hearPart } from './where';

/** "It's got sat nav". */
const having = /^(it's got|has got|we've got|you've got|it has|got|has)$/i;
/** "All work except …". */
const exceptions = /^(except|apart from|other than|bar|aside from|save for|with the exception)/i;

/** An unknown thing that has or is something; not "that's", which is the part in hand. */
const ofStranger =
  /^(?!(that|it|there|here|what|who|where|let|he|she|this|one|which|how|everything|nothing|somebody|someone)'s$).+'s$/i;

type SenseOf<K> = Extract<Phrase['sense'], { is: K }>;
/** What each kind of phrase does to the talk. `holds` where what was said before ("below", "on") is still waiting for its part. */
type Hearing = {
  [K in Phrase['sense']['is']]: (talk: Talk, sense: SenseOf<K>, phrase: Phrase) => 'holds' | undefined;
};

/** A hearing that leaves nothing waiting. */
const does =
  <A extends unknown[]>(hear: (...args: A) => void) =>
  (...args: A): undefined => {
    hear(...args);
  };

const marks =
  (mark: (clause: Talk['clause']) => void) =>
  ({ clause }: Talk): undefined => {
    mark(clause);
  };

const hearing: Hearing = {
  side: does(hearSide),
  part: does(hearPart),
  fault: does((talk, { kinds }, phrase) => hearFault(talk, kinds, phrase)),
  number: does((talk, { said }, phrase) => {
    // "No dents, couple of chips": what is counted is there.
    if (talk.clause.hasDenied) talk.clause.denied = false;
    hearNumber(talk, said, phrase);
  }),
  count: does(({ clause }, { count }, { text, to }) => {
    clause.number = { low: count, high: count, used: 1, text, at: to };
  }),
  fine: does((talk, { isNone }) => hearFine(talk, isNone === true)),
  deny: does((talk, { isNothing }, phrase) => hearDeny(talk, phrase, isNothing === true)),
  turn: does((talk, { isWeak }, { text, before }) => {
    const { clause } = talk;
    if (before === 'none' && exceptions.test(text)) takeBackAll(talk);
    if (!isWeak || clause.hasDenied) clause.denied = false;
    if (having.test(text)) clause.hasKit = true;
    if (!isWeak) clause.isLooking = false;
  }),
  dismiss: does((talk) => hearDismiss(talk)),
  asking: marks((clause) => {
    // "Neither has any" asks nothing.
    if (!clause.denied) clause.isLooking = true;
  }),
  looking: marks((clause) => {
    clause.isLooking = true;
  }),
  such: marks((clause) => {
    clause.isOfSuch = true;
  }),
  indeed: marks((clause) => {
    clause.isOfSuch = false;
    clause.denied = false;
  }),
  doubt: does((talk) => {
    // "Maybe polish" doubts the cure, not the fault.
    if (talk.ahead(1)[0]?.sense.is !== 'cure') talk.clause.doubted = true;
  }),
  correct: marks((clause) => {
    clause.corrected = true;
  }),
  near: ({ clause }, _, { from, text }) => {
    clause.near = true;
    // "From a trolley" tells how, not where.
    clause.nearAt = /^from$/i.test(text) ? -1 : from;
    return 'holds';
  },
  on: (talk, { isLoose }, { from, to, text }) => {
    const { clause } = talk;
    // "A different colour to the wing": what it is held against.
    const before = talk.phrases[talk.index - 1]?.text ?? '';
    if (/^to$/i.test(text) && /(colou?r|shade|match)$/i.test(before)) {
      Object.assign(clause, { near: true, nearAt: -1 });
      return 'holds';
    }
    // "Below the handle on the door", "along the edge of the bonnet": the part is meant after all.
    if (isLoose) clause.nearAt = from;
    clause.near = isLoose === true && clause.floating.length === 0 && clause.findings.length > 0;
    if (clause.near) return 'holds';
    clause.on = true;
    clause.onAt = to;
    clause.onFrom = from;
    return 'holds';
  },
  onto: ({ clause }) => {
    clause.onto = true;
    return 'holds';
  },
  likewise: ({ clause }) => {
    clause.likewise = true;
    return 'holds';
  },
  stranger: does((talk) => hearStranger(talk)),
  both: does((talk, { isAll, isNone }) => {
    const { clause } = talk;
    if (isNone) clause.denied = true;
    if (isAll && clause.subject?.wanted.isMany) takeAll(talk, clause.subject);
    clause.both = true;
    clause.isAll = isAll === true;
  }),
  rest: does((talk) => hearRest(talk)),
  one: does(hearOne),
  other: does((talk, { isSame }) => hearOther(talk, isSame === true)),
  move: does((talk, { to }, phrase) => hearMove(talk, to, phrase)),
  same: does((talk) => hearSame(talk)),
  gauge: does((talk, _, { text }) => {
    talk.clause.gauge = true;
    hearGaugeBehind(talk);
    if (/readings/.test(text)) talk.clause.isRest = true;
  }),
  function: does(hearFunction),
  works: does((talk, { isVerb }) => {
    // "The heater does"; "does the radio work" asks.
    const next = talk.phrases[talk.index + 1]?.sense.is;
    const isEnd = nextBefore(talk) !== 'none' || next === 'function' || next === 'part';
    if (!isVerb || (isEnd && talk.clause.functions.length > 0)) hearResult(talk, !talk.clause.denied);
  }),
  fails: does((talk) => hearResult(talk, false)),
  lamp: does((talk, { lamp }) => hearLamp(talk, lamp)),
  lamps: does((talk) => hearLamps(talk)),
  item: does((talk, { item }) => {
    // "Dented from a jack": told how, not what comes with the car.
    if (!talk.clause.near) hearItem(talk, item);
  }),
  figure: does((talk, { of }) => hearFigure(talk, of)),
  serviced: does((talk) => hearServiced(talk)),
  condition: does((talk, { is: _, ...what }) => {
    const { subject, denied, isOfSuch } = talk.clause;
    // "The carpet's filthy" is no weather.
    if (!subject && !denied && !isOfSuch) talk.add({ is: 'condition', ...what });
  }),
  smell: does((talk, { smell }) => {
    // "No smoke smell": of nothing.
    talk.add({ is: 'smell', ...(smell && !talk.clause.denied && { smell }) });
  }),
  anything: does((talk, _, phrase) => {
    if (talk.clause.denied) hearFault(talk, [], phrase);
  }),
  untried: marks((clause) => {
    clause.functions = [];
  }),
  has: does(({ clause }) => {
    clause.hasKit = true;
    clause.denied = false;
  }),
  story: does((talk, { about }) => {
    if (!talk.clause.denied && !talk.clause.isLooking) talk.add({ is: 'story', about });
  }),
  amount: does(hearAttribute),
  severity: does(hearAttribute),
  depth: does(hearAttribute),
  notice: does(hearAttribute),
  test: does(hearAttribute),
  cure: does(hearAttribute),
  decision: does(hearAttribute),
  spot: does((talk) => hearLandmark(talk)),
  filler: () => 'holds',
  unknown: ({ clause }, _, { text }) => {
    if (ofStranger.test(text) && !clause.subject) clause.isStranger = true;
    return 'holds';
  },
};

/** Nothing more is said. */
export function endTalk(talk: Talk): void {
  settleNumber(talk);
  endClause(talk, 'stop');
}

function startSentence(talk: Talk, { before, from }: Phrase): void {
  if (before === 'stop' || before === 'question' || before === 'pause') {
    talk.isEnding = true;
    settleNumber(talk);
    endClause(talk, before);
    talk.isEnding = false;
  }
  talk.sentences.push(from);
}

/** Hears one phrase: what it says goes where it belongs. */
export function hear(talk: Talk, phrase: Phrase): void {
  talk.phrase = phrase;
  if (phrase.before === 'stop' || phrase.before === 'question' || phrase.before === 'pause')
    startSentence(talk, phrase);
  else if (phrase.before === 'comma') breath(talk);
  const { sense } = phrase;
  const heard = (
    hearing[sense.is] as (talk: Talk, sense: Phrase['sense'], phrase: Phrase) => 'holds' | undefined
  )(talk, sense, phrase);
  const { clause } = talk;
  clause.isAfterNumber = sense.is === 'number';
  if (heard === 'holds') return;
  // "By the nearside door", but not "from the rear, the quarter".
  const next = talk.phrases[talk.index + 1]?.sense.is;
  clause.near = sense.is === 'side' && clause.near && (next === 'part' || next === 'side');
  clause.on = sense.is === 'side' ? clause.on : false;
}
