import type { PartKind } from '../car';
import type { FunctionId, WarningLampId } from '../functions';
import type { Sense } from './lexicon/sense';
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

/** Whether the functions in hand work. */
export function hearResult(talk: Talk, works: boolean): void {
  const { clause } = talk;
  if (clause.item !== undefined && clause.functions.length === 0) return;
  // "Wiper works": the part's name is that of what it does.
  const [part] = clause.subject?.parts ?? [];
  if (clause.functions.length === 0 && part) {
    const does = part.kind === 'wipers' && talk.inHand.end === 'rear' ? 'rear-wiper' : partDoes[part.kind];
    if (does) clause.functions.push(does);
  }
  for (const id of clause.functions) talk.add({ is: 'function', function: id, works });
  clause.functions = [];
  // "Everything works: windows, mirrors …"; that one fails says nothing of the next.
  clause.result = works ? true : undefined;
}

/** Something one tries; `works` where the same words say that it does. */
export function hearFunction(talk: Talk, { ids, works }: Extract<Sense, { is: 'function' }>): void {
  if (works) for (const id of ids) talk.add({ is: 'function', function: id, works: true });
  else talk.clause.functions.push(...ids);
}

/** No warning lamp is on. */
export function hearLamps(talk: Talk): void {
  if (!talk.drafts.some(({ is }) => is === 'no-lamps' || is === 'lamp')) talk.add({ is: 'no-lamps' });
}

/** A thing that comes with the car, or does not. */
export function hearItem(talk: Talk, item: string): void {
  const isDenied = talk.clause.denied;
  talk.clause.item = item;
  const ahead = talk.words.slice(talk.phrase?.to ?? 0, (talk.phrase?.to ?? 0) + 3).map(({ word }) => word);
  const isMissing = isDenied || ahead.includes('missing');
  talk.add({ is: 'item', item, there: !isMissing });
  talk.clause.denied = false;
}

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
  talk.add({ is: 'lamp', lamp });
}
