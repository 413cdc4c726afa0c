import type { Deck } from './walkModel';

/** Decks one comes back to, by their name in the address; a spot waiting for its kind has none, it is said at once or not at all. */
const names = {
  left: 'left',
  log: 'log',
  plan: 'where-to',
  conditions: 'conditions',
  'step-back': 'step-back',
  photos: 'photos',
  'not-seen': 'not-seen',
  sweep: 'sweep',
  statement: 'statement',
} as const satisfies Partial<Record<Deck['mode'], string>>;

/** The part of the address that names a deck: empty for the stop. */
export function addressOf(deck: Deck): string {
  if (deck.mode === 'refine') return `?deck=finding&finding=${deck.finding}`;
  const name = (names as Partial<Record<Deck['mode'], string>>)[deck.mode];
  return name ? `?deck=${name}` : '';
}

/** The deck an address names; the stop for any other. */
export function deckAt(search: string): Deck {
  const asked = new URLSearchParams(search);
  const name = asked.get('deck');
  const finding = asked.get('finding');
  if (name === 'finding' && finding) return { mode: 'refine', finding };
  const mode = (Object.keys(names) as (keyof typeof names)[]).find((each) => names[each] === name);
  return mode ? { mode } : { mode: 'stop' };
}
