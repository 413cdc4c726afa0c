import { meaningOf } from '../../shorthand';
import { faults } from './faults';
import { parts } from './parts';
import type { Sense } from './sense';
import { talk } from './talk';
import { works } from './works';

const entries = new Map<string, Sense>();
for (const table of [parts, faults, works, talk])
  for (const [phrases, sense] of table)
    for (const phrase of phrases.split('|')) entries.set(phrase.trim(), sense);

/** Longest phrase, in words. */
export const LONGEST = Math.max(5, ...[...entries.keys()].map((phrase) => phrase.split(' ').length));

/** Words that begin no phrase of the talk alone, though a typed line may mean something by them. */
const typedOnly: ReadonlySet<string> = new Set([
  'l',
  'r',
  'f',
  'ds',
  'ps',
  'as is',
  'wash',
  'stays',
  'felt',
  'lid',
  'rail',
  'obvious',
  'nose',
  'wave',
  'ghost',
  'cut',
  'swap',
  'rather',
]);

/** What a phrase of the talk does; undefined for one nobody knows. */
export function senseOf(phrase: string): Sense | undefined {
  const own = entries.get(phrase);
  if (own) return own;
  if (typedOnly.has(phrase)) return undefined;
  const typed = meaningOf(phrase);
  return typed && asSense(typed);
}

function asSense(meaning: NonNullable<ReturnType<typeof meaningOf>>): Sense {
  switch (meaning.slot) {
    case 'place': {
      const { slot: _, ...at } = meaning;
      return { is: 'side', ...at };
    }
    case 'part': {
      const { slot: _, ...part } = meaning;
      return { is: 'part', ...part };
    }
    case 'kind':
      return { is: 'fault', kinds: meaning.kinds };
    case 'count':
      return { is: 'count', count: meaning.count };
    case 'nail':
      return { is: 'test', of: { nail: meaning.answer } };
    case 'feel':
      return { is: 'test', of: { feel: meaning.answer } };
    case 'wipe':
      return { is: 'test', of: { wipe: meaning.answer } };
    case 'notice':
      return { is: 'notice', notice: meaning.notice };
    case 'severity':
      return { is: 'severity', severity: meaning.severity };
    case 'amount':
      return { is: 'amount', amount: meaning.amount };
    case 'cure':
      return { is: 'cure', cure: meaning.cure, ...(meaning.sure && { sure: meaning.sure }) };
    case 'decision':
      return { is: 'decision', decision: meaning.decision };
    case 'suspected':
      return { is: 'doubt' };
    case 'correction':
      return { is: 'correct' };
    case 'denial':
      return { is: 'deny' };
    default:
      return { is: 'filler' };
  }
}
