import type { PartKind } from '../car';
import type { FunctionId, WarningLampId } from '../functions';
import { addFunction } from './functionsSaid';
import type { Sense } from './lexicon/sense';
import type { Phrase } from './phrases';
import type { Talk } from './talk';

/** What a part is tried for when it is said to work. */
const partDoes: Partial<Record<PartKind, FunctionId>> = {
  wipers: 'front-wipers',
  screen: 'screen-touch',
  mirror: 'mirror-adjust',
  foglamp: 'front-fog',
  headlamp: 'dipped-beam',
  glassroof: 'sunroof',
  belt: 'belts-retract',
};

/** The name the part was called by. */
const wipersSaid = ({ phrases, index }: Talk): string =>
  phrases
    .slice(0, index)
    .findLast(({ sense }) => sense.is === 'part')
    ?.text.toLowerCase() ?? '';

/** Whether the functions in hand work. */
export function hearResult(talk: Talk, works: boolean): void {
  const { clause } = talk;
  if (clause.item !== undefined && clause.functions.length === 0) return;
  // "Wiper works": the part's name is that of what it does.
  const [part] = clause.subject?.parts ?? [];
  if (clause.functions.length === 0 && part) {
    const isOne = clause.subject?.wanted.kinds.length === 1;
    // "Wipers" are those in front, wherever one stands.
    const isRear = talk.inHand.end === 'rear' && wipersSaid(talk) !== 'wipers';
    const does = part.kind === 'wipers' && isRear ? 'rear-wiper' : isOne ? partDoes[part.kind] : undefined;
    if (does) clause.functions.push(does);
  }
  const named = works ? clause.functions : joinedOf(talk);
  const at = talk.drafts.length;
  const said = talk.phrase?.text.toLowerCase() ?? '';
  if (said === 'out' && !isLampOut(talk)) return;
  for (const id of named) addFunction(talk, atEnd(talk, id), isRight(id, works, said));
  clause.saidOfAll = works ? talk.drafts.slice(at) : [];
  clause.failsNext = !works && clause.functions.length === 0;
  clause.functions = [];
  // "Everything works: windows, mirrors …"; that one fails says nothing of the next.
  clause.result = works ? true : undefined;
}

/** Of several things named before "doesn't work" those that are tied to the last: "all locks, camera, memory seats don't remember" says nothing of the locks. */
function joinedOf(talk: Talk): readonly FunctionId[] {
  const { functions } = talk.clause;
  const named = new Set<FunctionId>();
  let isJoined = true;
  for (let at = talk.index - 1; at >= 0; at--) {
    const { sense, text, before } = talk.phrases[at] as Phrase;
    if (sense.is === 'function' && isJoined) for (const id of sense.ids) named.add(id);
    else if (sense.is === 'function') break;
    if (sense.is === 'function') isJoined = false;
    if (/^(and|or|nor)$/i.test(text)) isJoined = true;
    if (before !== 'none' && before !== 'comma') break;
  }
  return functions.filter((id, at) => named.has(id) || (named.size === 0 && at === functions.length - 1));
}

/** "What doesn't work is the socket", "couldn't get the sat nav to load". */
function followsFailing({ phrases, index }: Talk): boolean {
  const before = phrases[index - 1];
  return before?.sense.is === 'fails' || /^(is|are|the)$/i.test(before?.text ?? '');
}

/** "The light's out"; "goes in and out" is none. */
function isLampOut({ words, phrase }: Talk): boolean {
  return /('s|^is|^are|lights?|bulbs?|lamps?)$/.test(words[(phrase?.from ?? 0) - 1]?.word ?? '');
}

/** "Windows: rear right inop." */
function atEnd({ clause }: Talk, id: FunctionId): FunctionId {
  return id === 'front-windows' && clause.side.end === 'rear' ? 'rear-windows' : id;
}

const warms: ReadonlySet<FunctionId> = new Set([
  'heater-hot',
  'front-seat-heat',
  'rear-seat-heat',
  'wheel-heat',
]);

/** Warm is right for a heater and wrong for what should be cold. */
function isRight(id: FunctionId, works: boolean, said: string): boolean {
  if (/\b(warm|hot)\b/.test(said) && !/not|n't/.test(said))
    return id === 'aircon-cold' ? false : warms.has(id) || works;
  if (/\bcold\b/.test(said) && !/not|n't/.test(said)) return !warms.has(id) && works;
  return works;
}

/** Something one tries; `works` where the same words say that it does. */
export function hearFunction(talk: Talk, { ids, works }: Extract<Sense, { is: 'function' }>): void {
  talk.clause.hasFunction = true;
  if (works !== undefined) for (const id of ids) talk.add({ is: 'function', function: id, works });
  else if (talk.clause.failsNext && followsFailing(talk)) {
    // "The only thing that doesn't work is the socket."
    for (const id of ids) talk.add({ is: 'function', function: id, works: false });
    talk.clause.failsNext = false;
  } else {
    // "No book, clutch bites fine": what was denied is over.
    if (talk.phrases[talk.index - 1]?.sense.is !== 'deny') talk.clause.denied = false;
    talk.clause.functions.push(...ids);
  }
}

/** "The windows all work except this one": which of them do was not said. */
export function takeBackAll(talk: Talk): void {
  const [only, ...more] = talk.clause.saidOfAll;
  // "The locks work except the right rear": then they do not all work.
  if (only?.is === 'function' && more.length === 0 && only.function !== 'front-windows') only.works = false;
  else for (const draft of talk.clause.saidOfAll) talk.drafts.splice(talk.drafts.indexOf(draft), 1);
  talk.clause.saidOfAll = [];
  // "Everything works bar the rear wiper."
  if (talk.clause.result) talk.clause.failsNext = true;
  talk.clause.result = undefined;
}

/** No warning lamp is on. */
export function hearLamps(talk: Talk): void {
  if (talk.drafts.some(({ is }) => is === 'no-lamps' || is === 'lamp')) return;
  talk.add({ is: 'no-lamps' });
  // "… except the tyre pressure" takes it back.
  talk.clause.saidOfAll = talk.drafts.slice(-1);
}

/** A thing that comes with the car, or does not. */
export function hearItem(talk: Talk, item: string): void {
  const isDenied = talk.clause.denied;
  talk.clause.item = item;
  const ahead: string[] = [];
  for (let at = talk.phrase?.to ?? 0; ahead.length < 3 && talk.words[at]?.before === 'none'; at++)
    ahead.push(talk.words[at]?.word ?? '');
  // "Spare: missing".
  const next = talk.words[talk.phrase?.to ?? 0];
  if (next?.before === 'comma' && /^(missing|none|absent)$/.test(next.word)) ahead.push(next.word);
  const isMissing = isDenied || ahead.some((word) => /^(missing|no|none|not|isn't|gone|absent)$/.test(word));
  talk.add({ is: 'item', item, there: !isMissing });
  talk.clause.denied = false;
}

const isLit = ({ words, phrase }: Talk): boolean =>
  words
    .slice(phrase?.to ?? 0, (phrase?.to ?? 0) + 3)
    .some(({ word }) => /^(on|lit|stays|showing|up|flashing)$/.test(word));

const notLit = /^(not|isn't|aren't|off|out|goes|go|went|never|no|gone|cleared)$/;

/** A warning lamp that is on; one that is said to be off, or to go out, is none. */
export function hearLamp(talk: Talk, lamp: WarningLampId): void {
  const { to = 0 } = talk.phrase ?? {};
  for (let at = to; at < to + 7; at++) {
    const word = talk.words[at];
    if (word?.before !== 'none') break;
    if (notLit.test(word.word)) return;
  }
  if (talk.clause.denied || talk.clause.isLooking || talk.clause.isOfSuch) return;
  // "The only warning light is …": it has a name.
  if (lamp === 'another-lamp' && !isLit(talk)) return;
  talk.add({ is: 'lamp', lamp });
}
