import type { Talk } from './talk';

/** Whether the functions in hand work. */
export function hearResult(talk: Talk, works: boolean): void {
  const { clause } = talk;
  if (clause.item !== undefined && clause.functions.length === 0) return;
  // "Wiper works": the part's name is that of what it does.
  if (clause.functions.length === 0 && clause.subject?.parts[0]?.kind === 'wipers')
    clause.functions.push(talk.inHand.end === 'rear' ? 'rear-wiper' : 'front-wipers');
  for (const id of clause.functions) talk.add({ is: 'function', function: id, works });
  clause.functions = [];
  clause.result = works;
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
